import type { Flow } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { median } from './median';

/** Half width of the even band around the reference, as a share of it. */
export const evenBand = 0.05;
/** Slack that keeps a limit inclusive in binary arithmetic. */
export const inclusive = 1e-9;

/**
 * What the nozzles of a group are judged against: the mean of those flows that lie within ±5 % of the group's median,
 * limits included. One blocked nozzle cannot drag it down, as it would the plain mean.
 *
 * flows: one or more, any one unit. Where none lies so close (an even number split in two camps), the median itself.
 * Source: the mean of what is left once those far off are set aside, so that one bad nozzle does not judge the good
 * ones.
 * @example
 * evenReference([20, 20.4, 19.6, 3]) // => 20
 */
export function evenReference(flows: readonly Flow[], middle: number = median(flows)): Flow {
	const reach = (evenBand + inclusive) * middle;
	let sum = 0;
	let near = 0;
	for (const q of flows) {
		if (Math.abs(q - middle) > reach) continue;
		sum += q;
		near += 1;
	}
	return si<'flow'>(near > 0 ? sum / near : middle);
}
