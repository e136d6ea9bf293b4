import { blockPart } from '../ground/block-part';
import type { PlanSheet, Rows } from '../loads/sheet';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { longest, tooLong } from '../quantity/too-long';
import type { Length, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { daysBetween } from './days-between';
import type { JobBlock, TypedJob } from './job';
import { basisOf, isSpot } from './job';
import { teamMean } from '../calibration/team-mean';
import type { JobBefore } from './job-before';
import { nothingBefore } from './job-before';
import { jobRate } from './job-rate';
import type { CheckedProduct } from './label-checks';
import type { JobSpray } from './planned-product';
import { readPlannedProduct } from './planned-product';
import type { Pace } from './read-pace';
import { readPace } from './read-pace';

export interface ReadJob {
	readonly sheet: PlanSheet;
	readonly agitation: Volume | null;
	/** In the order of the job's products. */
	readonly checks: readonly CheckedProduct[];
	readonly pace: Pace | null;
	readonly before: JobBefore;
	/** Volume to run-off over the volume that is sprayed; null where nobody told the one to run-off. */
	readonly concentration: number | null;
}

/**
 * Reads a job into what its loads are planned from, and what its labels are held against; everything that is wrong is told.
 *
 * rate: spray volume of its calibration, m³/m²; null without one. before: what its ground has had.
 *
 * Errors: those of its fields, doses and labels, of its volume and its pace; `missing` blocks; those of a part of a block;
 * `share` of ground sprayed or treated that is not over 0 to 1; `dose-area` where a dose on bands does not say what it is of;
 * `dilute-or-mix` and `no-dilute` where a dose per volume in a canopy does not.
 * @example
 * const t = (text) => ({ text, unit: '', gallon: 'US' });
 * const label = { name: 'Sample Ochre', state: 'liquid', dose: { low: t('1 L/ha'), high: t('3 L/ha') }, max: null, seasonMax: null, volume: null, packs: [], packet: null, plantBack: [], wind: null, buffer: null, entryHours: 12, rainFreeHours: null, harvestDays: 0 };
 * const block = { id: 'b', name: 'Long strip', area: 1e5, share: 1, rows: null, spacing: null };
 * const job = { day: '2026-03-20', blocks: [block], tank: t('600 L'), dead: null, agitation: null, products: [{ id: 'p', label, dose: t('2 L/ha') }], split: 'full-then-part', reason: '', notes: '' };
 * readJob(job, 2e-5).value.sheet.products[0].dose.dose // => 2e-7
 */
export function readJob(
	job: TypedJob,
	calibrated: VolumePerArea | null,
	before: JobBefore = nothingBefore
): Result<ReadJob> {
	const issues: Issue[] = [];
	/** What was read; null where there is nothing to read, or it is wrong, which is told then. */
	const take = <T>(read: Result<T> | null): T | null => {
		if (read && !read.ok) issues.push(...read.issues);
		return read?.ok ? read.value : null;
	};
	const volume = (typed: Typed | null, path: string): Volume | null =>
		take(typed && readField(fields.tank, typed, path))?.value ?? null;
	issues.push(...tooLong('reason', job.reason, longest.reason), ...tooLong('notes', job.notes, longest.remarks));
	if (job.blocks.length === 0) issues.push({ code: 'missing', path: 'blocks' });
	issues.push(...job.blocks.flatMap(partIssues));
	const rate = take(jobRate(basisOf(job), teamRate(job) ?? calibrated));
	const { sprayed = 1, treated = 1 } = job;
	issues.push(...notAShare(sprayed, 'sprayed'), ...notAShare(treated, 'treated'));
	const dilute = take(job.dilute ? readField(fields.volumePerArea, job.dilute, 'dilute') : null)?.value ?? null;
	const pace = take(job.pace ? readPace(job.pace, job.travel) : null);
	const tank = volume(job.tank, 'tank');
	const dead = volume(job.dead, 'dead');
	const agitation = volume(job.agitation, 'agitation');
	const spray = sprayOf(job, rate, dilute);
	const products = job.products.map((product, i) =>
		readPlannedProduct(product, spray, before.season[i] ?? null, `products.${i}`)
	);
	issues.push(...products.flatMap((one) => one.issues));
	if (issues.length > 0 || tank === null || rate === null) return bad(...issues);
	const rows = rowsOf(job.blocks);
	return good({
		sheet: {
			area: si<'area'>(job.blocks.reduce((sum, b) => sum + b.area * b.share, 0)),
			rate,
			tank,
			split: job.split,
			...(rows ? { rows } : {}),
			...(dead === null ? {} : { dead }),
			...(sprayed * treated === 1 ? {} : { sprayedShare: sprayed * treated }),
			products: products.flatMap((one) => one.planned ?? [])
		},
		agitation,
		checks: products.flatMap((one) => one.check ?? []),
		pace,
		before,
		concentration: dilute === null ? null : dilute / rate
	});
}

/** Spray volume of a team that sprays together; null where one person does. */
const teamRate = ({ team }: TypedJob): VolumePerArea | null =>
	team && team.length > 0 ? si<'volumePerArea'>(teamMean(team).rate) : null;

/** What the spray of a job is, for the doses that rest on it. */
const sprayOf = (job: TypedJob, rate: VolumePerArea | null, dilute: VolumePerArea | null): JobSpray => ({
	rate,
	dilute: job.dilute ? (dilute ?? 'unread') : null,
	sprayed: job.sprayed ?? 1,
	treated: job.treated ?? 1,
	spacing: spacingOf(job.blocks),
	canopy: job.canopy ?? false,
	spot: isSpot(basisOf(job)),
	harvestInDays: job.harvest ? daysBetween(job.day, job.harvest) : null,
	drops: job.drops ?? null
});

/** What is wrong with the part of a block that is sprayed. */
function partIssues({ share, part, area, rows }: JobBlock, i: number): Issue[] {
	const read = blockPart(part ?? { by: 'share', share }, area, rows?.count ?? null);
	return read.ok ? [] : read.issues.map((issue) => ({ ...issue, path: `blocks.${i}.${issue.path}` }));
}

/** A share of ground is over 0, and 1 at the most. */
const notAShare = (share: number, path: string): Issue[] =>
	share > 0 && share <= 1
		? []
		: [{ code: 'share', path, text: Number.isFinite(share) ? `${Number((share * 100).toPrecision(6))} %` : '' }];

/** Whole rows of a block that are sprayed; null where it has none or they are cut. */
const rowsIn = ({ rows, part, share }: JobBlock): number | null => {
	if (!rows) return null;
	if (part?.by === 'rows') return part.to - part.from + 1;
	return share === 1 ? rows.count : null;
};

/** Rows of all blocks together, where they are of one length and spacing and none is cut; else none. */
function rowsOf(blocks: readonly JobBlock[]): Rows | null {
	const first = blocks[0]?.rows;
	const counts = blocks.map(rowsIn);
	if (!first || counts.some((c) => c === null)) return null;
	if (blocks.some((b) => b.rows!.length !== first.length || b.rows!.spacing !== first.spacing)) return null;
	const count = counts.reduce<number>((sum, c) => sum + c!, 0);
	return { count, length: si<'length'>(first.length), spacing: si<'length'>(first.spacing) };
}

/** Row to row of all blocks, where it is one; a dose by the length of row rests on it. */
function spacingOf(blocks: readonly JobBlock[]): Length | null {
	const [first, ...others] = blocks.map((b) => b.rows?.spacing ?? b.spacing);
	return first && others.every((s) => s === first) ? si<'length'>(first) : null;
}
