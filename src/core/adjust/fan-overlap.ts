import { fanReach } from '../calibration/fan-reach';
import type { Length } from '../quantity/quantity';

/**
 * How far neighbouring fans overlap at a height, as a share of their spacing, `2 × reach / spacing − 1`: the inverse of
 * `boomHeight`. Under 0 there is a gap between the fans.
 *
 * angle: degrees, 15 to 170. spacing, height: m, over 0.
 * Source: geometry of two fans side by side.
 * @example
 * fanOverlap(90, 0.5, 0.5).toFixed(6) // => "1.000000"
 */
export const fanOverlap = (angle: number, spacing: Length, height: Length): number =>
	(2 * fanReach(angle, height)) / spacing - 1;
