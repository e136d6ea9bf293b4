import type { JobProduct, TypedJob } from '../jobs/job';
import { mixingOf } from '../jobs/job';
import type { JobBefore } from '../jobs/job-before';
import type { ReadJob } from '../jobs/read-job';
import { readJob } from '../jobs/read-job';
import type { Dose, PlanSheet } from '../loads/sheet';
import type { Result } from '../quantity/issue';
import { good } from '../quantity/issue';
import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { inOrder } from '../calibration-log/in-order';
import type { RunEntry } from './entries';
import type { JobRun } from './fold-run';
import { foldRun } from './fold-run';
import type { WithDoses } from './standing-loads';

export interface RunOfJob {
	/** The job with what was added to it at the tank. */
	readonly job: TypedJob;
	readonly read: ReadJob;
	/** The same for each edit of the doses, in their order: their labels hold for them too. */
	readonly edits: readonly ReadJob[];
	readonly run: JobRun;
}

type DyeEntry = Extract<RunEntry, { kind: 'dye' }>;

/** Not in this load, of a product of that state. */
const none = (state: 'liquid' | 'dry'): Dose =>
	state === 'dry'
		? { basis: 'dryPerArea', dose: si<'massPerArea'>(0) }
		: { basis: 'liquidPerArea', dose: si<'volumePerArea'>(0) };

/** A marker dye as a product of the job. Nobody noted its label: it has no intervals, and none are counted from it. */
const dyeProduct = ({ id, dye }: DyeEntry): JobProduct[] =>
	dye === null
		? []
		: [
				{
					id,
					dye: true,
					dose: dye.dose,
					per: 'treated',
					dilution: 'mix',
					label: {
						name: dye.name,
						state: dye.state,
						registration: '',
						group: '',
						formulation: '',
						mixes: dye.state === 'dry' ? 'dry' : 'solution',
						dose: { low: dye.dose, high: null },
						max: null,
						seasonMax: null,
						volume: null,
						entryHours: null,
						rainFreeHours: null,
						harvestDays: null,
						plantBack: [],
						packs: [],
						packet: null,
						wind: null,
						buffer: null,
						ppe: '',
						notes: ''
					}
				}
			];

/** The answer about a marker dye that counts: the newest that was not struck. Null where nobody has answered. */
export function dyeOf(entries: readonly RunEntry[]): DyeEntry | null {
	const struck = new Set(entries.flatMap((e) => (e.kind === 'strike' ? [e.entry] : [])));
	const answers = inOrder(entries).filter((e): e is DyeEntry => e.kind === 'dye' && !struck.has(e.id));
	return answers[answers.length - 1] ?? null;
}

/**
 * A job as it is mixed and sprayed: its plan, what was added to it at the tank, and all that happened. The only door to a run.
 *
 * rate: spray volume of its calibration, m³/m²; null without one. before: what its ground has had.
 *
 * Errors: those of `readJob` and `planLoads`. An edit or a dye that cannot be mixed is in the run's `refused`.
 * @example
 * const t = (text) => ({ text, unit: '', gallon: 'US' });
 * const block = { id: 'b', name: 'Long strip', area: 1e5, share: 1, rows: null, spacing: null };
 * const job = { day: '2026-03-20', blocks: [block], tank: t('600 L'), dead: null, agitation: null, products: [], split: 'full-then-part', reason: '', notes: '' };
 * const dye = { id: 'd', seq: 0, at: '2026-03-20T08:00:00Z', kind: 'dye', dye: { name: 'Marker dye', state: 'liquid', dose: t('0.5 %') } };
 * runOfJob({ job, rate: 2e-5 }, [dye]).value.run.loads[0].load.products[0].amount.toFixed(4) // => "0.0030"
 */
export function runOfJob(
	source: { readonly job: TypedJob; readonly rate: VolumePerArea | null; readonly before?: JobBefore | undefined },
	entries: readonly RunEntry[]
): Result<RunOfJob> {
	const { rate, before } = source;
	const dye = dyeOf(entries);
	const added = dye ? dyeProduct(dye) : [];
	const dyedJob = { ...source.job, products: [...source.job.products, ...added] };
	const whole = readJob(dyedJob, rate, before);
	// A dye that cannot be read leaves the job as it was planned, and is refused by name.
	const job = whole.ok ? dyedJob : source.job;
	const read = whole.ok ? whole : readJob(job, rate, before);
	if (!read.ok) return read;
	const edits: ReadJob[] = [];
	const withDoses: WithDoses = (doses) => {
		const again = readJob(
			{ ...job, products: job.products.map((p, i) => ({ ...p, dose: doses[i] ?? p.dose })) },
			rate,
			before
		);
		if (!again.ok) return again;
		edits.push(again.value);
		return good(leftOut(again.value.sheet, job, doses));
	};
	const k = source.job.products.length;
	const dyed = dye?.dye && job.products.length > k ? { ...dye, dye: dye.dye } : null;
	// A dye begins with the first load that was dry when it was added: an edit of the loads to come.
	const asEdit = (e: RunEntry): RunEntry =>
		dyed && e.id === dyed.id
			? { ...stampOf(e), kind: 'rest', from: 1, fill: null, ground: null, doses: [{ product: k, dose: dyed.dye.dose }] }
			: e;
	const planned = job.products.map((p, i) => (dyed && i === k ? undefined : p.dose));
	const mixing = mixingOf(job).map((m, i) => ({ ...m, dose: planned[i] }));
	const run = foldRun(leftOut(read.value.sheet, job, planned), mixing, entries.map(asEdit), withDoses);
	if (!run.ok) return run;
	const refused = whole.ok || !dye ? [] : [{ entry: dye.id, issues: whole.issues }];
	return good({ job, read: read.value, edits, run: { ...run.value, refused: [...run.value.refused, ...refused] } });
}

const stampOf = ({ id, seq, at }: RunEntry) => ({ id, seq, at });

/** A plan without the products of a load that were left out. */
const leftOut = (sheet: PlanSheet, job: TypedJob, doses: readonly (Typed | null | undefined)[]): PlanSheet => ({
	...sheet,
	products: sheet.products.map((p, i) => (doses[i] ? p : { ...p, dose: none(job.products[i]!.label.state) }))
});
