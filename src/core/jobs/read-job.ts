import { blockPart } from '../ground/block-part';
import { fieldDose } from '../loads/field-dose';
import { readDose } from '../loads/read-dose';
import type { AreaCap, Dose, PlanSheet, PlannedProduct, Rows } from '../loads/sheet';
import { strength } from '../loads/strength';
import { readLabel } from '../products/read-label';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { longest, tooLong } from '../quantity/too-long';
import type { Length, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { daysBetween } from './days-between';
import type { JobBlock, JobProduct, TypedJob } from './job';
import { basisOf, isSpot } from './job';
import { teamMean } from '../calibration/team-mean';
import type { JobBefore } from './job-before';
import { nothingBefore } from './job-before';
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
	const volume = (t: Typed | null, path: string): Volume | null => {
		const read = t && readField(fields.tank, t, path);
		if (read && !read.ok) issues.push(...read.issues);
		return read?.ok ? read.value.value : null;
	};
	issues.push(...tooLong('reason', job.reason, longest.reason), ...tooLong('notes', job.notes, longest.remarks));
	if (job.blocks.length === 0) issues.push({ code: 'missing', path: 'blocks' });
	job.blocks.forEach(({ share, part, area, rows }, i) => {
		const read = blockPart(part ?? { by: 'share', share }, area, rows?.count ?? null);
		if (!read.ok) issues.push(...read.issues.map((issue) => ({ ...issue, path: `blocks.${i}.${issue.path}` })));
	});
	const team = job.team && job.team.length > 0 ? si<'volumePerArea'>(teamMean(job.team).rate) : null;
	const rate = jobRate(basisOf(job), team ?? calibrated);
	if (!rate.ok) issues.push(...rate.issues);
	const sprayed = job.sprayed ?? 1;
	if (!(sprayed > 0 && sprayed <= 1)) {
		const text = Number.isFinite(sprayed) ? `${Number((sprayed * 100).toPrecision(6))} %` : '';
		issues.push({ code: 'share', path: 'sprayed', text });
	}
	const treated = job.treated ?? 1;
	if (!(treated > 0 && treated <= 1)) issues.push({ code: 'share', path: 'treated', text: `${treated * 100} %` });
	const dilute = job.dilute ? readField(fields.volumePerArea, job.dilute, 'dilute') : null;
	if (dilute && !dilute.ok) issues.push(...dilute.issues);
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
	const products = job.products.flatMap((product, i): PlannedProduct[] => {
		const { label, dose } = product;
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
				rowSpacing: spacing ?? undefined,
				actives: noted.value.actives,
				...(noted.value.density === null ? {} : { density: noted.value.density })
			},
			`${path}.dose`
		);
		if (!read.ok) {
			issues.push(...read.issues);
			return [];
		}
		const meant = meaningOf(product, read.value, treated, job.canopy ?? false, path);
		if (!meant.ok) issues.push(...meant.issues);
		const asDilute = meant.ok && meant.value.dilution === 'dilute';
		if (asDilute && !dilute) issues.push({ code: 'no-dilute', path: 'dilute', text: dose.text });
		if (!meant.ok || !rate.ok || (asDilute && !dilute?.ok)) return [];
		const ctx: DoseContext = {
			rate: rate.value,
			sprayed,
			treated,
			perField: meant.value.per === 'field',
			dilute: asDilute && dilute?.ok ? dilute.value.value : null
		};
		const { max, packs } = noted.value;
		const [low, high] = [noted.value.dose.low, noted.value.dose.high].map((d) => onGround(d, ctx));
		checks.push({
			name: label.name,
			on: onGround(read.value, ctx),
			planned: strength(inTank(read.value, ctx), rate.value) * rate.value * sprayed * treated,
			range: { low: low!, high: high! },
			strength: strength(inTank(read.value, ctx), rate.value),
			share: sprayed * (ctx.perField ? treated : 1),
			spot: isSpot(basisOf(job)),
			label: noted.value,
			rate: rate.value,
			dilute: ctx.dilute,
			harvestInDays,
			typed: label,
			actives: noted.value.actives,
			before: before.season[i] ?? null,
			drops: job.drops ?? null
		});
		const pack = packs.map((p) => p.holds).sort((a, b) => a.amount - b.amount)[0];
		// What a label allows on the treated area is less on all of the field.
		const cap = max && scaled(max, ctx.perField ? 1 : treated);
		return [
			{
				name: label.name,
				dose: inTank(read.value, ctx),
				...(cap ? { max: cap } : {}),
				...(pack ? { pack, packs } : {})
			}
		];
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
			...(sprayed * treated === 1 ? {} : { sprayedShare: sprayed * treated }),
			products
		},
		agitation,
		checks,
		pace: pace?.ok ? pace.value : null,
		before,
		concentration: dilute?.ok ? dilute.value.value / rate.value : null
	});
}

interface DoseContext {
	/** Spray volume on the ground that is treated, m³/m². */
	readonly rate: VolumePerArea;
	readonly sprayed: number;
	readonly treated: number;
	/** Doses per area are of the field, not of the bands. */
	readonly perField: boolean;
	/** Spray volume of the dilute spray that a dose per volume is of; null: it is of the mix. */
	readonly dilute: VolumePerArea | null;
}

const isPerArea = (dose: Dose) => dose.basis === 'liquidPerArea' || dose.basis === 'dryPerArea';
const scaled = (cap: AreaCap, share: number): AreaCap =>
	cap.kind === 'volume'
		? { kind: 'volume', perArea: si<'volumePerArea'>(cap.perArea * share) }
		: { kind: 'mass', perArea: si<'massPerArea'>(cap.perArea * share) };

/**
 * A dose as the loads take it: per area that is treated, or a share of the mix. One of the field goes on its bands; one per
 * volume of dilute spray is as much on the ground as the dilute spray would have brought.
 */
function inTank(dose: Dose, { treated, perField, dilute }: DoseContext): Dose {
	switch (dose.basis) {
		case 'liquidPerArea':
		case 'dryPerArea':
			return perField ? fieldDose(dose, treated) : dose;
		case 'shareLiquid':
			return dilute === null ? dose : { basis: 'liquidPerArea', dose: si<'volumePerArea'>(dose.share * dilute) };
		case 'shareDry':
			return dilute === null ? dose : { basis: 'dryPerArea', dose: si<'massPerArea'>(dose.perVolume * dilute) };
	}
}

/** What a dose brings on the ground that its label counts, m³/m² or kg/m². */
function onGround(dose: Dose, ctx: DoseContext): number {
	if (isPerArea(dose)) return (dose as { dose: number }).dose * ctx.sprayed;
	return strength(inTank(dose, ctx), ctx.rate) * ctx.rate * ctx.sprayed * (ctx.perField ? ctx.treated : 1);
}

/** What a dose means where two answers are possible: on bands, and in a canopy. */
function meaningOf(
	{ label, per = label.per, dilution = label.dilution, dose }: JobProduct,
	read: Dose,
	treated: number,
	canopy: boolean,
	path: string
): Result<{ readonly per: 'treated' | 'field'; readonly dilution: 'dilute' | 'mix' }> {
	const { text } = dose;
	if (treated < 1 && isPerArea(read) && per === undefined) return bad({ code: 'dose-area', path: `${path}.per`, text });
	if (canopy && !isPerArea(read) && dilution === undefined)
		return bad({ code: 'dilute-or-mix', path: `${path}.dilution`, text });
	return good({ per: per ?? 'treated', dilution: canopy && !isPerArea(read) ? (dilution ?? 'mix') : 'mix' });
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
