import type { TypedJob } from '../jobs/job';
import type { CheckedProduct } from '../jobs/label-checks';
import type { PlanSheet } from '../loads/sheet';
import type { LaterDose } from '../run/later-doses';
import { laterDoses } from '../run/later-doses';
import { blockEnds } from '../run/block-ends';
import type { JobRun } from '../run/fold-run';
import type { PassedStop } from '../safety/rules';
import type { AskedRecord, RecordedSprayer, SprayRecord } from './record';

export interface RecordSource {
	readonly job: TypedJob;
	readonly sheet: PlanSheet;
	/** Of the job's products, in their order: what their labels were read as. */
	readonly checks: readonly Pick<CheckedProduct, 'actives'>[];
	readonly run: JobRun;
	readonly sprayer: string;
	readonly calibrationId: string | null;
	readonly rig: RecordedSprayer | null;
	/** YYYY-MM-DD on which the spraying began, on the farm's own calendar. */
	readonly day: string;
	/** The farm's own day of a moment, ISO 8601. */
	readonly dayOf: (at: string) => string;
}

/**
 * The record of a closed job: what the plan, the ticks at the tank, the weather and the close know of it, and what a person
 * adds. Null while the job is not closed.
 *
 * passed: stops whose reason was written with the record itself.
 */
export function buildRecord(
	{ job, sheet, checks, run, sprayer, calibrationId, rig: made, day, dayOf }: RecordSource,
	asked: AskedRecord,
	passed: readonly PassedStop[] = []
): SprayRecord | null {
	const { closed, loads, weather } = run;
	if (!closed) return null;
	const share = sheet.sprayedShare ?? 1;
	const out = loads.filter((l) => l.state !== 'dry' && l.state !== 'mixing');
	const { before, end } = weather;
	const ends = blockEnds(
		loads,
		job.blocks.map((b) => b.id),
		closed.entry.ended ?? null
	);
	const reasons = [...(job.passed ?? []), ...run.passed, ...passed];
	const measured = out.length > 0 && out.every((l) => l.measured);
	return {
		format: 'fallow-record/1',
		day,
		startedAt: out.find((l) => l.startedAt)?.startedAt ?? null,
		endedAt: closed.endedAt,
		blocks: job.blocks.map(({ id, name, area, share: taken, part }) => ({
			id,
			name,
			area,
			share: taken,
			part: part ?? null,
			...(ends[id] ? { endedAt: ends[id], lastDay: dayOf(ends[id]) } : {})
		})),
		area: closed.area,
		products: job.products.map(({ id, label, dose, dye }, i) => ({
			id,
			...(dye ? { dye } : {}),
			name: label.name,
			registration: label.registration,
			group: label.group,
			dose,
			...edited(laterDoses(out, i, dose)),
			kind: out[0]?.load.products[i]?.kind ?? (label.state === 'dry' ? 'mass' : 'volume'),
			total: closed.used[i] ?? 0,
			perGround: (closed.used[i] ?? 0) / closed.area,
			entryHours: label.entryHours,
			harvestDays: label.harvestDays,
			...(label.plantBack.length > 0 ? { plantBack: label.plantBack } : {}),
			...activesOn(checks[i]?.actives ?? [], (closed.used[i] ?? 0) / closed.area),
			poured: measured
		})),
		plannedVolume: sheet.rate * share,
		trueVolume: closed.volume?.rate ?? null,
		mix: out.reduce((sum, l) => sum + l.load.mix, 0) - closed.left,
		sprayer,
		calibrationId,
		...(made ? { rig: made } : {}),
		...(reasons.length > 0 ? { passed: reasons } : {}),
		speed: job.travel?.speed ?? null,
		weather: {
			before: before && { ...before.weather, at: before.at, decision: before.decision ?? '', reason: before.reason },
			end: end && { ...end.weather, at: end.at }
		},
		...asked,
		remarks: [asked.remarks, closed.entry.remarks].filter(Boolean).join(' ')
	};
}

const edited = (laterDoses: readonly LaterDose[]): Pick<SprayRecord['products'][number], 'laterDoses'> =>
	laterDoses.length > 0 ? { laterDoses } : {};

/** The active ingredients of a product on the ground, kg/m², where its label tells them. */
function activesOn(
	actives: CheckedProduct['actives'],
	perGround: number
): Pick<SprayRecord['products'][number], 'actives'> {
	if (actives.length === 0) return {};
	return { actives: actives.map(({ name, content }) => ({ name, perGround: content * perGround })) };
}
