import { fanReach } from '../calibration/fan-reach';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { boomHeight } from './boom-height';

/** Heights that the trade works at over a spacing of 0.5 m, m: fans of 110° and of 80°. */
const usual = [
	{ angle: 80, low: 0.7, high: 0.75 },
	{ angle: 110, low: 0.45, high: 0.5 }
] as const;
const usualSpacing = si<'length'>(0.5);

/**
 * The heights above the target at which a boom of flat fans usually works: 110° fans at 0.5 m spacing at 0.45 to 0.50 m, 80°
 * fans at 0.70 to 0.75 m. Other spacings and angles keep the same overlap, between the two in proportion to the angle.
 *
 * angle: of the fans, degrees, 15 to 170. spacing: nozzle to nozzle, m.
 * @example
 * usualBoomHeight(110, 0.5).low.toFixed(2) // => "0.45"
 * usualBoomHeight(80, 0.25).high.toFixed(3) // => "0.375"
 */
export function usualBoomHeight(angle: number, spacing: Length): { readonly low: Length; readonly high: Length } {
	const [narrow, wide] = usual.map((u) => ({
		low: (2 * fanReach(u.angle, si<'length'>(u.low))) / usualSpacing - 1,
		high: (2 * fanReach(u.angle, si<'length'>(u.high))) / usualSpacing - 1
	})) as [{ low: number; high: number }, { low: number; high: number }];
	const share = Math.min(1.5, Math.max(-0.5, (angle - usual[0].angle) / (usual[1].angle - usual[0].angle)));
	const between = (a: number, b: number) => a + (b - a) * share;
	return {
		low: boomHeight(angle, spacing, between(narrow.low, wide.low)),
		high: boomHeight(angle, spacing, between(narrow.high, wide.high))
	};
}
