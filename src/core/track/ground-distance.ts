import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Semi-major axis, m, and first eccentricity squared of the WGS 84 ellipsoid. */
const a = 6_378_137;
const e2 = 0.006_694_379_990_141_316;
const radians = Math.PI / 180;

/** Metres to the north and to the east from one point to another that lies close by, by the ellipsoid's own radii of curvature at their middle. */
export function groundOffset(
	from: readonly [latitude: number, longitude: number],
	to: readonly [latitude: number, longitude: number]
): readonly [north: number, east: number] {
	const middle = ((from[0] + to[0]) / 2) * radians;
	const w2 = 1 - e2 * Math.sin(middle) ** 2;
	const north = ((a * (1 - e2)) / w2 ** 1.5) * (to[0] - from[0]) * radians;
	let turn = to[1] - from[1];
	if (turn > 180) turn -= 360;
	else if (turn < -180) turn += 360;
	const east = (a / Math.sqrt(w2)) * Math.cos(middle) * turn * radians;
	return [north, east];
}

/**
 * Distance between two points that lie close together, by the ellipsoid's own radii of curvature at their middle.
 *
 * Each point: latitude and longitude in degrees (WGS 84), latitude within ±89. Good to a millionth over a kilometre or
 * less, as between two fixes of a track. Source: meridian and prime-vertical radii of an ellipsoid of revolution.
 * @example
 * groundDistance([0, 0], [0, 0.001]) // => 111.31949079327357
 */
export const groundDistance = (
	from: readonly [latitude: number, longitude: number],
	to: readonly [latitude: number, longitude: number]
): Length => si<'length'>(Math.hypot(...groundOffset(from, to)));
