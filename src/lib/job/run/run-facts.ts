import { m } from '$words';
import type { RunLoad } from '../../../core/index';
import type { FarmClock } from '../../settings/farm-time';
import { clockText } from '../../settings/farm-time';
import type { JobRunState } from './job-run.svelte';
import { runActWords } from '../../wording/jobs';
import { shownSpan } from '../../show/job-span';
import { show, showAmount } from '../../show/show';

export interface RunFact {
	readonly what: string;
	readonly figure: string;
	readonly unit: string;
}

/** What is left of a job: ground, mix, and about how long at its pace. */
export function leftFacts(state: JobRunState): RunFact[] {
	const { run, settings, read } = state;
	if (!run) return [];
	const area = Math.max(0, run.ground - run.area);
	const pace = read?.pace ?? null;
	const loads = run.loads.filter((l) => l.state === 'dry' || l.state === 'mixing').length;
	const time = pace?.workRate ? area / pace.workRate + loads * pace.each : null;
	return [
		{
			what: m.left_to_spray(),
			...show('area', area, settings)
		},
		{
			what: m.spray_mix_left(),
			...show('tank', run.left, settings)
		},
		...(time !== null && time > 0 ? [{ what: m.at_its_pace_about(), figure: shownSpan(time), unit: '' }] : [])
	];
}

/** A moment's hours and minutes by the farm's clock. */
export const clockOf = (at: string, clock: FarmClock): string => clockText(clock, Date.parse(at));

export interface ShownRunLoad {
	readonly n: number;
	readonly mix: string;
	readonly over: string;
	readonly products: string;
	readonly state: string;
	/** How full its tank stands, 0 to 1 of the tank. */
	readonly level: number;
	readonly full: number;
}

/** A load as its card: what it is, and how far. */
export function shownRunLoad(state: JobRunState, load: RunLoad): ShownRunLoad {
	const { settings, sheet, firstRow } = state;
	const { mix, area, rows } = load.load;
	const tank = sheet?.tank ?? mix;
	const before = (load.rowsBefore ?? 0) + (firstRow ?? 1);
	const lines = state.linesOf(load);
	const level = load.next === null ? 1 : load.next === 0 ? 0 : (lines[load.next - 1]?.level ?? 0);
	const of = { out: 0, dry: 0, mixing: level, mixed: 1, spraying: 1, paused: 1 }[load.state];
	return {
		n: load.n,
		mix: show('tank', mix, settings).text,
		over:
			rows === null
				? m.over_text({ text: show('area', area, settings).text })
				: firstRow === null
					? m.rows_rows({ rows })
					: rows === 1
						? m.row_before({ before })
						: m.rows_to({ before, before2: before + rows - 1 }),
		products: load.load.products
			.flatMap((p, i) => {
				if (p.amount === 0) return [];
				const { text } = showAmount(p, settings, load.doses[i] ?? state.job.products[i]?.dose);
				return [`${sheet?.products[i]?.name ?? ''} ${text}`];
			})
			.join(' · '),
		state:
			load.state === 'out' && load.endedAt
				? m.out_ended_at({ endedAt: clockOf(load.endedAt, settings) })
				: runActWords[load.state],
		level: (of * mix) / tank,
		full: mix / tank
	};
}
