import { readDose } from '../loads/read-dose';
import type { PlanSheet, PlannedProduct, Rows } from '../loads/sheet';
import { readLabel } from '../products/read-label';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { JobBlock, TypedJob } from './job';
import type { CheckedProduct } from './label-checks';

export interface ReadJob {
	readonly sheet: PlanSheet;
	readonly agitation: Volume | null;
	/** In the order of the job's products. */
	readonly checks: readonly CheckedProduct[];
}

/**
 * Reads a job into what its loads are planned from, and what its labels are held against; everything that is wrong is told.
 *
 * rate: spray volume of its calibration, m³/m².
 *
 * Errors: those of its fields, doses and labels; `missing` blocks; `share` of a block that is not over 0 to 1.
 */
export function readJob(job: TypedJob, rate: VolumePerArea): Result<ReadJob> {
	const issues: Issue[] = [];
	const volume = (t: Typed | null, path: string): Volume | null => {
		const read = t && readField(fields.tank, t, path);
		if (read && !read.ok) issues.push(...read.issues);
		return read?.ok ? read.value.value : null;
	};
	if (job.blocks.length === 0) issues.push({ code: 'missing', path: 'blocks' });
	job.blocks.forEach(({ share }, i) => {
		if (!(share > 0 && share <= 1)) issues.push({ code: 'share', path: `blocks.${i}.share`, text: `${share * 100} %` });
	});
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
			harvestInDays: null,
			harvestDays: label.harvestDays,
			thisSeason: 0
		});
		const pack = [...packs].sort((a, b) => a.amount - b.amount)[0];
		return [{ name: label.name, dose: read.value, ...(max ? { max } : {}), ...(pack ? { pack } : {}) }];
	});
	if (issues.length > 0 || tank === null) return bad(...issues);
	return good({
		sheet: {
			area: si<'area'>(area),
			rate,
			tank,
			split: job.split,
			...(rows ? { rows } : {}),
			...(dead === null ? {} : { dead }),
			products
		},
		agitation,
		checks
	});
}

/** Rows of all blocks together, where they are of one length and spacing and none is cut; else none. */
function rowsOf(blocks: readonly JobBlock[]): Rows | null {
	const first = blocks[0]?.rows;
	if (!first || blocks.some((b) => !b.rows || b.share !== 1)) return null;
	if (blocks.some((b) => b.rows!.length !== first.length || b.rows!.spacing !== first.spacing)) return null;
	const count = blocks.reduce((sum, b) => sum + b.rows!.count, 0);
	return { count, length: si<'length'>(first.length), spacing: si<'length'>(first.spacing) };
}

/** Row to row of all blocks, where it is one; a dose by the length of row rests on it. */
function spacingOf(blocks: readonly JobBlock[]): Length | null {
	const [first, ...others] = blocks.map((b) => b.rows?.spacing ?? b.spacing);
	return first && others.every((s) => s === first) ? si<'length'>(first) : null;
}
