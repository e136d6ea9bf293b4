import geographiclib from 'geographiclib-geodesic';
import type { Area, Boundary, Length, Position, Ring } from '../../core';
import { si } from '../../core';

// The package is CommonJS: Node sees its parts only through the whole.
const { Geodesic } = geographiclib;
/** WGS 84: lengths and areas are the ellipsoid's own, not those of a sphere or a plane. */
const earth = Geodesic.WGS84;

/** Length of the straightest line between two positions, m. */
export const distance = (a: Position, b: Position): Length =>
	si<'length'>(earth.Inverse(a[1], a[0], b[1], b[0], Geodesic.DISTANCE).s12 ?? 0);

function ringMeasure(ring: Ring): { area: number; perimeter: number } {
	const polygon = earth.Polygon(false);
	// The last position is the first again.
	for (const [longitude, latitude] of ring.slice(0, -1)) polygon.AddPoint(latitude, longitude);
	const { area, perimeter } = polygon.Compute(false, true);
	return { area: Math.abs(area ?? 0), perimeter };
}

/** Area of a closed ring, m², whichever way round it goes. */
export const ringArea = (ring: Ring): Area => si<'area'>(ringMeasure(ring).area);
/** Way round a closed ring, m. */
export const ringLength = (ring: Ring): Length => si<'length'>(ringMeasure(ring).perimeter);

/** Ground inside a boundary, less its holes, m². */
export const boundaryArea = (boundary: Boundary): Area =>
	si<'area'>(
		boundary.reduce(
			(sum, [outer, ...holes]) =>
				sum + (outer ? ringArea(outer) : 0) - holes.reduce((less, hole) => less + ringArea(hole), 0),
			0
		)
	);
