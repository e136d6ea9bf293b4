import type { Length } from '../quantity/quantity';

/**
 * Share of an arc's nozzle that meets the canopy: its spray leaves at an angle, spreads, and whatever passes over the top or under the
 * skirt of the trees is lost.
 *
 * angle: degrees above level. spread: degrees, whole width of its spray, over 0. away: m from the nozzle to the row, over 0.
 * from: height of the nozzle, low, high: where the canopy begins and ends, m.
 * Source: straight paths; the spray spread evenly over its angle.
 * @example
 * canopyHit({ angle: 0, spread: 20, away: 2, from: 1, low: 0.5, high: 3 }) // => 1
 * canopyHit({ angle: 80, spread: 20, away: 2, from: 1, low: 0.5, high: 3 }) // => 0
 */
export function canopyHit({
	angle,
	spread,
	away,
	from,
	low,
	high
}: {
	readonly angle: number;
	readonly spread: number;
	readonly away: Length;
	readonly from: Length;
	readonly low: Length;
	readonly high: Length;
}): number {
	const degrees = (height: number) => (Math.atan2(height - from, away) * 180) / Math.PI;
	const [bottom, top] = [angle - spread / 2, angle + spread / 2];
	return Math.max(0, Math.min(top, degrees(high)) - Math.max(bottom, degrees(low))) / spread;
}
