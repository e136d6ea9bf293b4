import { overMax } from '../loads/over-max';
import type { Dose, PlanSheet } from '../loads/sheet';
import { strength } from '../loads/strength';
import type { LabelNumbers } from '../products/label';
import type { VolumePerArea } from '../quantity/quantity';
import type { JobBefore } from './job-before';

/** One product of a job: the dose that was picked, what its label says, and what the ground has had of it. */
export interface CheckedProduct {
	readonly name: string;
	readonly dose: Dose;
	readonly label: Pick<LabelNumbers, 'dose' | 'max' | 'seasonMax' | 'volume'>;
	/** Days from this job to the harvest; null where none is planned. */
	readonly harvestInDays: number | null;
	readonly harvestDays: number | null;
	/** What the ground has had of it this season, m³/m² or kg/m². */
	readonly thisSeason: number;
}

/**
 * What a job does against a label. Those of `stop` pass a limit that the label sets; `within` is the figure that would not:
 * m³/m² or kg/m² of product for a dose, m³/m² of mix for a volume, days for an interval.
 */
export type LabelFinding =
	| {
			readonly code: 'over-max';
			readonly product: string;
			readonly stop: true;
			/** Product per ground over the most. */
			readonly ratio: number;
			readonly within: number;
			/** Greatest strength and share of ground that stay within, for a dose told as a share of the mix. */
			readonly strength: number;
			readonly share: number;
	  }
	| {
			readonly code: 'over-season';
			readonly product: string;
			readonly stop: true;
			readonly ratio: number;
			/** What may still go on; 0 where the season's most is used up. */
			readonly within: number;
	  }
	| {
			readonly code: 'volume-under' | 'volume-over';
			readonly product: string;
			readonly stop: true;
			readonly ratio: number;
			readonly within: number;
	  }
	| {
			readonly code: 'before-harvest';
			readonly product: string;
			readonly stop: true;
			/** Days there are, over the days there have to be. */
			readonly ratio: number;
			readonly within: number;
	  }
	/** A dose outside of the label's range, but under its most: something to look at. */
	| {
			readonly code: 'dose-under' | 'dose-over';
			readonly product: string;
			readonly stop: false;
			readonly ratio: number;
			readonly within: number;
	  }
	/** A product of an earlier job may still keep people out; only its day is known. */
	| {
			readonly code: 'inside-entry';
			readonly product: string;
			readonly stop: false;
			readonly day: string;
			/** Hours of the interval. */
			readonly within: number;
	  };

/** What `checkJob` needs of a job that was read. */
export interface CheckedJob {
	readonly sheet: PlanSheet;
	readonly checks: readonly CheckedProduct[];
	readonly before: JobBefore;
}

/** A limit that is met exactly is not passed, binary arithmetic notwithstanding. */
const slack = 1e-9;

/** What goes on the ground of a dose, m³/m² or kg/m². */
const perGround = (dose: Dose, rate: VolumePerArea, share: number) => strength(dose, rate) * rate * share;

/**
 * Holds a job against the labels of its products: most at once, most in a season, spray volumes allowed, harvest interval,
 * and the range of doses. Only a limit of the label itself is a stop; the label in the hand stands above all of it.
 *
 * rate: spray volume, m³/m². share: of the ground that is sprayed, over 0 to 1.
 * @example
 * checkLabels([{ name: 'P', dose: { basis: 'liquidPerArea', dose: 3 }, label: { dose: { low: { basis: 'liquidPerArea', dose: 1 }, high: { basis: 'liquidPerArea', dose: 3 } }, max: { kind: 'volume', perArea: 2 }, seasonMax: null, volume: null }, harvestInDays: null, harvestDays: null, thisSeason: 0 }], 10, 1).map((f) => [f.code, f.ratio]) // => [["over-max",1.5]]
 */
export function checkLabels(products: readonly CheckedProduct[], rate: VolumePerArea, share: number): LabelFinding[] {
	return products.flatMap(({ name: product, dose, label, harvestInDays, harvestDays, thisSeason }) => {
		const found: LabelFinding[] = [];
		const on = perGround(dose, rate, share);
		const { max, seasonMax, volume } = label;
		const over = max && overMax(strength(dose, rate), rate, share, max.perArea, max.kind === 'mass');
		if (max && over)
			found.push({
				code: 'over-max',
				product,
				stop: true,
				ratio: over.perAreaRatio,
				within: max.perArea,
				strength: over.greatestConcentration,
				share: over.greatestShare
			});
		if (seasonMax && thisSeason + on > seasonMax.perArea * (1 + slack))
			found.push({
				code: 'over-season',
				product,
				stop: true,
				ratio: (thisSeason + on) / seasonMax.perArea,
				within: Math.max(0, seasonMax.perArea - thisSeason)
			});
		if (volume && rate < volume.low * (1 - slack))
			found.push({ code: 'volume-under', product, stop: true, ratio: rate / volume.low, within: volume.low });
		if (volume && rate > volume.high * (1 + slack))
			found.push({ code: 'volume-over', product, stop: true, ratio: rate / volume.high, within: volume.high });
		if (harvestDays !== null && harvestInDays !== null && harvestInDays < harvestDays)
			found.push({
				code: 'before-harvest',
				product,
				stop: true,
				ratio: harvestInDays / harvestDays,
				within: harvestDays
			});
		const [low, high] = [label.dose.low, label.dose.high].map((d) => perGround(d, rate, share));
		if (on < low! * (1 - slack))
			found.push({ code: 'dose-under', product, stop: false, ratio: on / low!, within: low! });
		if (on > high! * (1 + slack) && !over)
			found.push({ code: 'dose-over', product, stop: false, ratio: on / high!, within: high! });
		return found;
	});
}

/**
 * All that a job does against labels: those of its own products, and the re-entry intervals of what its ground had before.
 * @example
 * checkJob({ sheet: { rate: 1, area: 1, tank: 1, split: 'equal', products: [] }, checks: [], before: { thisSeason: [], entry: [{ product: 'P', day: '2026-03-19', hours: 12 }] } }).map((f) => [f.code, f.within]) // => [["inside-entry",12]]
 */
export const checkJob = ({ sheet, checks, before }: CheckedJob): LabelFinding[] => [
	...checkLabels(checks, sheet.rate, sheet.sprayedShare ?? 1),
	...before.entry.map(({ product, day, hours }): LabelFinding => ({
		code: 'inside-entry',
		product,
		stop: false,
		day,
		within: hours
	}))
];
