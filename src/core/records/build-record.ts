import type { TypedJob } from '../jobs/job';
import type { PlanSheet } from '../loads/sheet';
import type { JobRun } from '../run/fold-run';
import type { AskedRecord, RecordedRig, SprayRecord } from './record';

export interface RecordSource {
	readonly job: TypedJob;
	readonly sheet: PlanSheet;
	readonly run: JobRun;
	readonly sprayer: string;
	readonly calibrationId: string | null;
	readonly rig: RecordedRig | null;
	/** YYYY-MM-DD on which the spraying began, on the farm's own calendar. */
	readonly day: string;
}

/**
 * The record of a closed job: what the plan, the loads, the weather and the close know of it, and what a person adds. Null
 * while the job is not closed.
 */
export function buildRecord(
	{ job, sheet, run, sprayer, calibrationId, rig, day }: RecordSource,
	asked: AskedRecord
): SprayRecord | null {
	const { closed, loads, weather } = run;
	if (!closed) return null;
	const share = sheet.sprayedShare ?? 1;
	const out = loads.filter((l) => l.state !== 'dry' && l.state !== 'mixing');
	const { before, end } = weather;
	return {
		format: 'fallow-record/1',
		day,
		startedAt: out.find((l) => l.startedAt)?.startedAt ?? null,
		endedAt: [...out].reverse().find((l) => l.endedAt)?.endedAt ?? null,
		blocks: job.blocks.map(({ id, name, area, share: taken, part }) => ({
			id,
			name,
			area,
			share: taken,
			part: part ?? null
		})),
		area: closed.area,
		products: job.products.map(({ id, label, dose }, i) => ({
			id,
			name: label.name,
			registration: label.registration,
			group: label.group,
			dose,
			kind: out[0]?.load.products[i]?.kind ?? (label.state === 'dry' ? 'mass' : 'volume'),
			total: closed.used[i] ?? 0,
			perGround: (closed.used[i] ?? 0) / closed.area,
			entryHours: label.entryHours,
			harvestDays: label.harvestDays,
			...(label.plantBack.length > 0 ? { plantBack: label.plantBack } : {})
		})),
		plannedVolume: sheet.rate * share,
		trueVolume: closed.volume?.rate ?? null,
		mix: out.reduce((sum, l) => sum + l.load.mix, 0) - closed.left,
		sprayer,
		calibrationId,
		...(rig ? { rig } : {}),
		speed: job.travel?.speed ?? null,
		weather: {
			before: before && { ...before.weather, at: before.at, decision: before.decision ?? '', reason: before.reason },
			end: end && { ...end.weather, at: end.at }
		},
		...asked,
		remarks: [asked.remarks, closed.entry.remarks].filter(Boolean).join(' ')
	};
}
