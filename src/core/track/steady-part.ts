import type { SpeedAt } from './track-speeds';
import { standing } from './smooth-drive';

export interface SteadyPart {
	/** Seconds from the start of the track. */
	readonly from: number;
	readonly to: number;
}

/** How far a steady speed may stray from its median. */
const band = 0.1;
/** A part shorter than this, s, is a turn or a start. */
const shortest = 10;

/**
 * The longest unbroken part of a track that was driven at one speed: every speed within 10 % of its own median.
 *
 * speeds: in the order of time. Standing still (under 0.3 m/s) is no speed. Null where nothing lasts for five readings and
 * ten seconds: a turn is shorter than that.
 * Source: the longest stretch within a band of its median.
 * @example
 * steadyPart([0, 1, 2, 2, 2, 2, 2, 0].map((speed, i) => ({ at: 3 * i, speed }))) // => {"from":6,"to":18}
 */
export function steadyPart(speeds: readonly SpeedAt[]): SteadyPart | null {
	let best: { from: number; to: number; length: number } | null = null;
	for (let start = 0; start < speeds.length; start += 1) {
		if (speeds[start]!.speed < standing) continue;
		if (best && speeds.length - start <= best.length) break;
		let [low, high] = [Infinity, 0];
		// In the order of size, so that the median stands in the middle.
		const values: number[] = [];
		for (let end = start; end < speeds.length; end += 1) {
			const v = speeds[end]!.speed;
			low = Math.min(low, v);
			high = Math.max(high, v);
			// Past this no median can hold both ends within the band.
			if (low < standing || high * (1 - band) > low * (1 + band)) break;
			values.splice(placeOf(v, values), 0, v);
			if (values.length < 5 || speeds[end]!.at - speeds[start]!.at < shortest || (best && values.length <= best.length))
				continue;
			const half = values.length >> 1;
			const middle = values.length % 2 ? values[half]! : (values[half - 1]! + values[half]!) / 2;
			if (low >= middle * (1 - band) && high <= middle * (1 + band))
				best = { from: speeds[start]!.at, to: speeds[end]!.at, length: values.length };
		}
	}
	return best && { from: best.from, to: best.to };
}

/** Where a value belongs among values in the order of size. */
function placeOf(value: number, values: readonly number[]): number {
	let [low, high] = [0, values.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (values[middle]! < value) low = middle + 1;
		else high = middle;
	}
	return low;
}
