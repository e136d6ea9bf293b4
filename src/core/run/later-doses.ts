import type { Typed } from '../quantity/typed';
import type { RunLoad } from './fold-run';

/** A dose that was edited while a job was under way, and the load from which it holds; null: left out from there on. */
export interface LaterDose {
	readonly load: number;
	readonly dose: Typed | null;
}

/**
 * The doses of one product of a job that are other than the one before, load by load; none where nobody edited them.
 *
 * loads: of the run, in order. product: its place in the job. planned: its dose in the plan.
 * @example
 * const t = (text) => ({ text, unit: 'L/ha', gallon: 'US' });
 * laterDoses([{ n: 1, doses: [t('2')] }, { n: 2, doses: [t('1.5')] }, { n: 3, doses: [null] }], 0, t('2')).map((d) => [d.load, d.dose?.text ?? 'out']) // => [[2,"1.5"],[3,"out"]]
 */
export function laterDoses(
	loads: readonly Pick<RunLoad, 'n' | 'doses'>[],
	product: number,
	planned: Typed
): readonly LaterDose[] {
	const found: LaterDose[] = [];
	let before: Typed | null = planned;
	for (const { n, doses } of loads) {
		const dose = doses[product];
		// A dye that was added on the way is in no load before that.
		if (dose === undefined || same(dose, before)) continue;
		found.push({ load: n, dose });
		before = dose;
	}
	return found;
}

const same = (a: Typed | null | undefined, b: Typed | null | undefined): boolean =>
	a === b || (!!a && !!b && a.text === b.text && a.unit === b.unit && a.gallon === b.gallon);
