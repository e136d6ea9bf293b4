import { evenBand, inclusive } from './even-reference';
import { median } from './median';
import { blockedShare } from './verdict';

/** A gap between two kinds of nozzle, as a share of the smaller one's most. */
const gapOfSizes = 0.2;
/** So few nozzles that one that differs may well do so on purpose. */
const few = 5;

export interface TwoSizes {
	/** Places of the smaller and of the larger ones, from 0. */
	readonly small: readonly number[];
	readonly large: readonly number[];
}

/**
 * Nozzles that fall into two clearly different sizes: a gap of over 20 % between two kinds, each even in itself. A single one
 * that differs counts only on a sprayer of few nozzles; on a long boom it is a fault. Null where there are not two.
 *
 * values: what each caught nozzle gave, any one unit; one that gave nearly nothing is blocked, not small.
 * @example
 * twoSizes([100, 60, 101]) // => {"small":[1],"large":[0,2]}
 * twoSizes([100, 95, 101]) // => null
 */
export function twoSizes(values: readonly number[]): TwoSizes | null {
	const whole = values.length > 0 ? median(values) : 0;
	const order = values
		.map((value, at) => ({ value, at }))
		.filter((v) => v.value > blockedShare * whole)
		.sort((a, b) => a.value - b.value);
	const cut = order.findIndex((v, i) => i > 0 && v.value / order[i - 1]!.value - 1 > gapOfSizes + inclusive);
	if (cut < 1) return null;
	const [small, large] = [order.slice(0, cut), order.slice(cut)];
	const even = (list: typeof order) => {
		const middle = median(list.map((v) => v.value));
		return list.every((v) => Math.abs(v.value / middle - 1) <= evenBand + inclusive);
	};
	if (!even(small) || !even(large)) return null;
	if (Math.min(small.length, large.length) < 2 && order.length > few) return null;
	const places = (list: typeof order) => list.map((v) => v.at).sort((a, b) => a - b);
	return { small: places(small), large: places(large) };
}
