import { blockPart } from '../ground/block-part';
import { readDose } from '../loads/read-dose';
import type { PlanSheet, PlannedProduct, Rows } from '../loads/sheet';
import { readLabel } from '../products/read-label';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { daysBetween } from './days-between';
import type { JobBlock, TypedJob } from './job';
import { basisOf } from './job';
import type { JobBefore } from './job-before';
import { jobRate } from './job-rate';
import type { CheckedProduct } from './label-checks';
import type { Pace } from './read-pace';
import { readPace } from './read-pace';

export interface ReadJob {
	readonly sheet: PlanSheet;
	readonly agitation: Volume | null;
	/** In the order of the job's products. */
	readonly checks: readonly CheckedProduct[];
	readonly pace: Pace | null;
	readonly before: JobBefore;
}

const nothingBefore: JobBefore = { thisSeason: [], entry: [] };

/**
 * Reads a job into what its loads are planned from, and what its labels are held against; everything that is wrong is told.
 *
 * rate: spray volume of its calibration, m³/m²; null without one. before: what its ground has had.
 *
 * Errors: those of its fields, doses and labels, of its volume and its pace; `missing` blocks; those of a part of a block;
 * `share` of ground sprayed that is not over 0 to 1.
 */
export function readJob(
	job: TypedJob,
	calibrated: VolumePerArea | null,
	before: JobBefore = nothingBefore
): Result<ReadJob> {
	const issues: Issue[] = [];
	const volume = (t: Typed | null, path: string): Volume | null => {
		const read = t && readField(fields.tank, t, path);
		if (read && !read.ok) issues.push(...read.issues);
		return read?.ok ? read.value.value : null;
	};
	if (job.blocks.length === 0) issues.push({ code: 'missing', path: 'blocks' });
	job.blocks.forEach(({ share, part, area, rows }, i) => {
		const read = blockPart(part ?? { by: 'share', share }, area, rows?.count ?? null);
		if (!read.ok) issues.push(...read.issues.map((issue) => ({ ...issue, path: `blocks.${i}.${issue.path}` })));
	});
	const rate = jobRate(basisOf(job), calibrated);
	if (!rate.ok) issues.push(...rate.issues);
	const sprayed = job.sprayed ?? 1;
	if (!(sprayed > 0 && sprayed <= 1)) {
		const text = Number.isFinite(sprayed) ? `${Number((sprayed * 100).toPrecision(6))} %` : '';
		issues.push({ code: 'share', path: 'sprayed', text });
	}
	const pace = job.pace ? readPace(job.pace, job.travel) : null;
	if (pace && !pace.ok) issues.push(...pace.issues);
	const harvestInDays = job.harvest ? daysBetween(job.day, job.harvest) : null;
	const area = job.blocks.reduce((sum, b) => sum + b.area * b.share, 0);
	const rows = rowsOf(job.blocks);
	const spacing = spacingOf(job.blocks);
	const tank = volume(job.tank, 'tank');
	const dead = volume(job.dead, 'dead');
	const agitation = volume(job.agitation, 'agitation');
	const checks: CheckedProduct[] = [];
	const products = job.products.flatMap(({ label, dose }, i): PlannedProduct[] => {
		const path = `products.${i}`;
		const noted = readLabel(label, spacing);
		if (!noted.ok) {
			issues.push(...noted.issues.map((issue) => ({ ...issue, path: `${path}.${issue.path}` })));
			return [];
		}
		const read = readDose(
			dose.text,
			{
				gallon: dose.gallon,
				unit: dose.unit || undefined,
				state: label.state,
				decimalComma: dose.comma ?? false,
				packet: noted.value.packet ?? undefined,
				rowSpacing: spacing ?? undefined
			},
			`${path}.dose`
		);
		if (!read.ok) {
			issues.push(...read.issues);
			return [];
		}
		const { max, packs } = noted.value;
		checks.push({
			name: label.name,
			dose: read.value,
			label: noted.value,
			harvestInDays,
			harvestDays: label.harvestDays,
			thisSeason: before.thisSeason[i] ?? 0
		});
		const pack = [...packs].sort((a, b) => a.amount - b.amount)[0];
		return [{ name: label.name, dose: read.value, ...(max ? { max } : {}), ...(pack ? { pack } : {}) }];
	});
	if (issues.length > 0 || tank === null || !rate.ok) return bad(...issues);
	return good({
		sheet: {
			area: si<'area'>(area),
			rate: rate.value,
			tank,
			split: job.split,
			...(rows ? { rows } : {}),
			...(dead === null ? {} : { dead }),
			...(sprayed === 1 ? {} : { sprayedShare: sprayed }),
			products
		},
		agitation,
		checks,
		pace: pace?.ok ? pace.value : null,
		before
	});
}

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
