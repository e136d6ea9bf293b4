import { overMax } from '../loads/over-max';
import type { Active } from '../loads/sheet';
import type { PlanSheet } from '../loads/sheet';
import type { DropletClass } from '../nozzles/nozzle';
import { dropletClasses } from '../nozzles/nozzle';
import type { LabelNumbers, TypedLabel } from '../products/label';
import type { VolumePerArea } from '../quantity/quantity';
import type { JobBefore, SeasonBefore } from './job-before';

/** One product of a job: what it brings on the ground, what its label says, and what the ground has had. */
export interface CheckedProduct {
	readonly name: string;
	/** On the ground that its label counts, m³/m² or kg/m²: the dose that was picked, and the label's range. */
	readonly on: number;
	/** On all of the ground that is done, bands and gaps alike. */
	readonly planned: number;
	readonly range: { readonly low: number; readonly high: number };
	/** Of the mix, m³ or kg in a cubic metre; and the share of the ground that counts, over 0 to 1. */
	readonly strength: number;
	readonly share: number;
	/** Spots are sprayed until they are wet, whatever share of the ground they are. */
	readonly spot: boolean;
	readonly label: Pick<LabelNumbers, 'max' | 'seasonMax' | 'volume'>;
	readonly typed: Pick<
		TypedLabel,
		'applications' | 'daysBetween' | 'drops' | 'concentrate' | 'entryHours' | 'harvestDays' | 'mixes'
	>;
	/** Spray volume of the job, and of the dilute spray that its dose is of; null where it is of the mix. */
	readonly rate: VolumePerArea;
	readonly dilute: VolumePerArea | null;
	/** Days from this job to the harvest; null where none is planned. */
	readonly harvestInDays: number | null;
	readonly actives: readonly Active[];
	/** What the ground has had of it this season; null where nobody looked. */
	readonly before: SeasonBefore | null;
	/** Drops of the setting; null is not known. */
	readonly drops: DropletClass | null;
}

interface Limit {
	readonly product: string;
	/** What there is over what the label allows, or the least that it asks for. */
	readonly ratio: number;
	/** The figure that would be within. */
	readonly within: number;
}

/**
 * What a job does against a label. Those of `stop` pass a limit that the label sets; `within` is the figure that would not:
 * m³/m² or kg/m² of product (or of its active ingredient) for a dose, m³/m² of mix for a volume, days for an interval, times
 * for applications.
 */
export type LabelFinding =
	| (Limit & {
			readonly code: 'over-max';
			readonly stop: true;
			/** Greatest strength and share of ground that stay within, for a dose told as a share of the mix. */
			readonly strength: number;
			readonly share: number;
	  })
	/** `active`: the ingredient whose sum is over it; empty where it is the product's own. */
	| (Limit & { readonly code: 'over-season'; readonly stop: true; readonly active: string })
	| (Limit & {
			readonly code: 'volume-under' | 'volume-over' | 'before-harvest' | 'too-many-applications';
			readonly stop: true;
	  })
	| (Limit & {
			readonly code: 'too-few-days';
			readonly stop: true;
			/** The application that it is too near to. */
			readonly day: string;
			readonly other: string;
	  })
	| {
			readonly code: 'finer-drops';
			readonly product: string;
			readonly stop: true;
			readonly drops: DropletClass;
			readonly least: DropletClass;
	  }
	| { readonly code: 'drops-unknown'; readonly product: string; readonly stop: false; readonly least: DropletClass }
	/** Sprayed more concentrate than the label allows, or without a word of it on the label; `factor` is dilute over actual. */
	| { readonly code: 'not-concentrate'; readonly product: string; readonly stop: true; readonly factor: number }
	| { readonly code: 'concentrate-unknown'; readonly product: string; readonly stop: false; readonly factor: number }
	| { readonly code: 'over-run-off'; readonly product: string; readonly stop: false; readonly factor: number }
	/** Spot work within the label's most: what comes on the ground of it, m³/m² or kg/m². */
	| {
			readonly code: 'within-max';
			readonly product: string;
			readonly stop: false;
			readonly kind: 'volume' | 'mass';
			readonly on: number;
			readonly most: number;
	  }
	/** A dose outside of the label's range, but under its maximum: something to look at. */
	| (Limit & { readonly code: 'dose-under' | 'dose-over'; readonly stop: false })
	/** A product of an earlier job may still keep people out; `until` is null where its end is not known. */
	| {
			readonly code: 'inside-entry';
			readonly product: string;
			readonly stop: false;
			readonly day: string;
			readonly within: number;
			readonly until: number | null;
	  }
	/** A product of an earlier job keeps the harvest off until a day. */
	| {
			readonly code: 'harvest-runs';
			readonly product: string;
			readonly stop: false;
			readonly day: string;
			readonly until: string;
	  }
	/** An interval of this job's product, or of an earlier one's, that nobody entered. */
	| {
			readonly code: 'interval-empty';
			readonly product: string;
			readonly stop: false;
			readonly what: readonly ('entry' | 'harvest')[];
			/** Of an earlier job; null: of this one. */
			readonly day: string | null;
	  }
	/** Bags that dissolve in water do not where oil or fertiliser is in it. */
	| { readonly code: 'bags-with-oil'; readonly product: string; readonly stop: false };

/** What `checkJob` needs of a job that was read. */
export interface CheckedJob {
	readonly sheet: PlanSheet;
	readonly checks: readonly CheckedProduct[];
	readonly before: JobBefore;
}

/** A limit that is met exactly is not passed, binary arithmetic notwithstanding. */
const slack = 1e-9;

/** Most and least on the ground, at once. */
function doseFindings(checked: CheckedProduct): LabelFinding[] {
	const { name: product, on, range, strength, share, label, rate } = checked;
	const { max } = label;
	const over = max && overMax(strength, rate, share, max.perArea, max.kind === 'mass');
	if (max && over)
		return [
			{
				code: 'over-max',
				product,
				stop: true,
				ratio: over.perAreaRatio,
				within: max.perArea,
				strength: over.greatestConcentration,
				share: over.greatestShare
			}
		];
	// Spot work puts an unusual strength on little ground: what it comes to is told even where it is within.
	const spot: LabelFinding[] =
		max && (checked.spot || share < 1)
			? [{ code: 'within-max', product, stop: false, kind: max.kind, on: strength * rate * share, most: max.perArea }]
			: [];
	if (on < range.low * (1 - slack))
		return [...spot, { code: 'dose-under', product, stop: false, ratio: on / range.low, within: range.low }];
	if (on > range.high * (1 + slack))
		return [...spot, { code: 'dose-over', product, stop: false, ratio: on / range.high, within: range.high }];
	return spot;
}

/**
 * Sums of a season against the label's most, by active ingredient over all products that hold it where the label's are known,
 * else by the product; how often, and how long after the last.
 */
function seasonFindings({ name: product, on, label, typed, before, actives }: CheckedProduct): LabelFinding[] {
	const found: LabelFinding[] = [];
	if (!before) return found;
	const { seasonMax } = label;
	const sums =
		seasonMax === null
			? []
			: actives.length === 0
				? [{ active: '', had: before.used, adds: on, most: seasonMax.perArea as number }]
				: actives.map(({ name: active, content }, i) => ({
						active,
						had: (before.actives[i] ?? 0) + (before.unnamed[i] ?? 0) * content,
						adds: on * content,
						most: seasonMax.perArea * content
					}));
	const worst = sums.reduce<(typeof sums)[number] | null>(
		(most, s) => (!most || (s.had + s.adds) / s.most > (most.had + most.adds) / most.most ? s : most),
		null
	);
	if (worst && worst.had + worst.adds > worst.most * (1 + slack))
		found.push({
			code: 'over-season',
			product,
			stop: true,
			active: worst.active,
			ratio: (worst.had + worst.adds) / worst.most,
			within: Math.max(0, worst.most - worst.had)
		});
	const { applications, daysBetween } = typed;
	if (applications != null && before.applications + 1 > applications)
		found.push({
			code: 'too-many-applications',
			product,
			stop: true,
			ratio: (before.applications + 1) / Math.max(1, applications),
			within: applications
		});
	const { nearest } = before;
	if (daysBetween != null && nearest && nearest.days < daysBetween)
		found.push({
			code: 'too-few-days',
			product,
			stop: true,
			ratio: nearest.days / daysBetween,
			within: daysBetween,
			day: nearest.day,
			other: nearest.product
		});
	return found;
}

/** How it is sprayed: volume, drops, concentrate. */
function sprayFindings({ name: product, label, typed, rate, dilute, drops }: CheckedProduct): LabelFinding[] {
	const found: LabelFinding[] = [];
	const { volume } = label;
	// A label's range of volumes is of dilute spray where its dose is.
	const told = dilute ?? rate;
	if (volume && told < volume.low * (1 - slack))
		found.push({ code: 'volume-under', product, stop: true, ratio: told / volume.low, within: volume.low });
	if (volume && told > volume.high * (1 + slack))
		found.push({ code: 'volume-over', product, stop: true, ratio: told / volume.high, within: volume.high });
	const least = typed.drops;
	if (least && drops === null) found.push({ code: 'drops-unknown', product, stop: false, least });
	if (least && drops !== null && dropletClasses.indexOf(drops) < dropletClasses.indexOf(least))
		found.push({ code: 'finer-drops', product, stop: true, drops, least });
	const factor = dilute === null ? 1 : dilute / rate;
	if (factor > 1 + slack && typed.concentrate !== true)
		found.push(
			typed.concentrate === false
				? { code: 'not-concentrate', product, stop: true, factor }
				: { code: 'concentrate-unknown', product, stop: false, factor }
		);
	if (factor < 1 - slack) found.push({ code: 'over-run-off', product, stop: false, factor });
	return found;
}

function intervalFindings({ name: product, typed, harvestInDays }: CheckedProduct): LabelFinding[] {
	const { harvestDays, entryHours } = typed;
	const what = [
		...(entryHours === null ? ['entry' as const] : []),
		...(harvestDays === null ? ['harvest' as const] : [])
	];
	return [
		...(harvestDays !== null && harvestInDays !== null && harvestInDays < harvestDays
			? [
					{
						code: 'before-harvest' as const,
						product,
						stop: true as const,
						ratio: harvestInDays / harvestDays,
						within: harvestDays
					}
				]
			: []),
		...(what.length > 0 ? [{ code: 'interval-empty' as const, product, stop: false as const, what, day: null }] : [])
	];
}

/**
 * Holds a job against the labels of its products: most at once and in a season, applications and days between them, spray
 * volumes, drops and concentration, harvest interval, and the range of doses. Only a limit of the label itself is a stop; the
 * label in the hand stands above all of it. The gravest come first.
 * @example
 * const label = { max: { kind: 'volume', perArea: 2e-7 }, seasonMax: null, volume: null };
 * const typed = { entryHours: 12, harvestDays: 0, mixes: 'emulsion' };
 * const dose = { on: 3e-7, planned: 3e-7, range: { low: 1e-7, high: 3e-7 }, strength: 0.015, share: 1, spot: false };
 * const product = { name: 'Sample Ochre', ...dose, label, typed, rate: 2e-5, dilute: null, harvestInDays: null, actives: [], before: null, drops: null };
 * checkLabels([product]).map((f) => [f.code, f.stop]) // => [["over-max",true]]
 */
export const checkLabels = (products: readonly CheckedProduct[]): LabelFinding[] => {
	const oily = products.some((p) => p.typed.mixes === 'wetter' || p.typed.mixes === 'foliar');
	return products
		.flatMap((p): LabelFinding[] => [
			...doseFindings(p),
			...seasonFindings(p),
			...sprayFindings(p),
			...intervalFindings(p),
			...(oily && p.typed.mixes === 'packet'
				? [{ code: 'bags-with-oil' as const, product: p.name, stop: false as const }]
				: [])
		])
		.sort((a, b) => Number(b.stop) - Number(a.stop));
};
