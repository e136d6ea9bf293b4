import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Height of a boom above the target at which its fans overlap as wanted, `spacing × (1 + overlap) / (2 tan(angle / 2))`.
 *
 * angle: of the fans, degrees, 15 to 170. spacing: nozzle to nozzle, m. overlap: how far the next fan reaches into this
 * one, as a share of the spacing: at 1 every spot lies under two fans, at 0 the fans just meet.
 * Source: geometry of two fans side by side.
 * @example
 * boomHeight(110, 0.5, 1).toFixed(3) // => "0.350"
 * boomHeight(80, 0.5, 1.4).toFixed(3) // => "0.715"
 */
export const boomHeight = (angle: number, spacing: Length, overlap: number): Length =>
	si<'length'>((spacing * (1 + overlap)) / (2 * Math.tan((angle * Math.PI) / 360)));
