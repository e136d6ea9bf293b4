import type { SprayAct } from './entries';

/** No load is sprayed for longer than this without a pause: what says so is a clock that jumped, or an end that was ticked the day after. */
const mostOfOne = 16 * 3600;

/**
 * Time that was really sprayed, s: from each start or going on to the next pause or end. A stretch that would be negative,
 * or longer than 16 h, was measured by a clock that jumped; nobody knows how long it was, and it counts as nothing.
 *
 * acts: of one load, in the order in which they happened; `at` in seconds on any clock.
 * @example
 * sprayedTime([{ act: 'start', at: 0 }, { act: 'pause', at: 600 }, { act: 'go-on', at: 900 }, { act: 'end', at: 1500 }]) // => 1200
 * sprayedTime([{ act: 'start', at: 5000 }, { act: 'end', at: 1400 }]) // => 0
 */
export function sprayedTime(acts: readonly { readonly act: SprayAct; readonly at: number }[]): number {
	let since: number | null = null;
	let total = 0;
	for (const { act, at } of acts) {
		if (since !== null) {
			const stretch = at - since;
			if (stretch > 0 && stretch <= mostOfOne) total += stretch;
		}
		since = act === 'start' || act === 'go-on' ? at : null;
	}
	return total;
}
