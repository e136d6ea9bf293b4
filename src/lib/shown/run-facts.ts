import type { RunLoad } from '../../core';
import { inUnit, showFigure } from '../../core';
import type { JobRunState } from '../state/job-run.svelte';
import { shortUnit } from '../formats/field-units';
import { runActWords } from '../wording/jobs';
import { shownSpan } from './job-span';
import { shownAmount } from './shown-plan';

export interface RunFact {
	readonly what: string;
	readonly figure: string;
	readonly unit: string;
}

const figure = (value: number, comma: boolean) => showFigure(value, 3, comma);

/** What is left of a job: ground, mix, and about how long at its pace. */
export function leftFacts(state: JobRunState): RunFact[] {
	const { run, sheet, units, settings, read } = state;
	if (!run || !sheet) return [];
	const area = Math.max(0, sheet.area - run.area);
	const pace = read.ok ? read.value.pace : null;
	const loads = run.loads.filter((l) => l.state === 'dry' || l.state === 'mixing').length;
	const time = pace?.workRate ? area / pace.workRate + loads * pace.each : null;
	return [
		{
			what: 'left to spray',
			figure: figure(inUnit('area', area as never, units.area), settings.decimalComma),
			unit: units.area
		},
		{
			what: 'spray mix left',
			figure: figure(inUnit('volume', run.left, units.tank), settings.decimalComma),
			unit: shortUnit(units.tank)
		},
		...(time !== null && time > 0 ? [{ what: 'at its pace, about', figure: shownSpan(time), unit: '' }] : [])
	];
}

/** A wall clock's hours and minutes where the device is. */
export const clockOf = (at: string): string => {
	const date = new Date(at);
	const two = (n: number) => `${n}`.padStart(2, '0');
	return `${two(date.getHours())}:${two(date.getMinutes())}`;
};

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
	const { units, settings, sheet, firstRow } = state;
	const { mix, area, rows } = load.load;
	const tank = sheet?.tank ?? mix;
	const before = (load.rowsBefore ?? 0) + (firstRow ?? 1);
	const lines = state.linesOf(load);
	const level = load.next === null ? 1 : load.next === 0 ? 0 : (lines[load.next - 1]?.level ?? 0);
	const of = { out: 0, dry: 0, mixing: level, mixed: 1, spraying: 1, paused: 1 }[load.state];
	return {
		n: load.n,
		mix: `${figure(inUnit('volume', mix, units.tank), settings.decimalComma)} ${shortUnit(units.tank)}`,
		over:
			rows === null
				? `over ${figure(inUnit('area', area, units.area), settings.decimalComma)} ${units.area}`
				: firstRow === null
					? `${rows} ${rows === 1 ? 'row' : 'rows'}`
					: rows === 1
						? `row ${before}`
						: `rows ${before} to ${before + rows - 1}`,
		products: load.load.products
			.map((p, i) => {
				const { value, unit } = shownAmount(p, settings);
				return `${sheet?.products[i]?.name ?? ''} ${value} ${unit}`;
			})
			.join(' · '),
		state: load.state === 'out' && load.endedAt ? `out ${clockOf(load.endedAt)}` : runActWords[load.state],
		level: (of * mix) / tank,
		full: mix / tank
	};
}
