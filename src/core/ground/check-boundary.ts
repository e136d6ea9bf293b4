import type { Issue } from '../quantity/issue';
import type { Boundary, Position } from './block';
import { ringCrossing } from './crossing';

/** Most positions of one boundary. */
export const mostPositions = 5000;

/** A position as people read it: latitude first. */
const told = ([longitude, latitude]: Position) => `${latitude.toFixed(6)}, ${longitude.toFixed(6)}`;

/**
 * What is wrong with a boundary, each with its place and where it is: `ring-short` (under three corners), `ring-open` (its
 * last position is not its first), `ring-crosses` (it crosses itself), `not-degrees` (a latitude over 90: most often
 * latitude and longitude the wrong way round), `too-large` (over 5,000 positions).
 */
export function checkBoundary(boundary: Boundary): Issue[] {
	const count = boundary.reduce((n, outline) => n + outline.reduce((m, ring) => m + ring.length, 0), 0);
	if (count > mostPositions)
		return [{ code: 'too-large', path: 'boundary', text: `${count} positions`, bound: `${mostPositions}` }];
	if (boundary.length === 0) return [{ code: 'ring-short', path: 'boundary', text: '0' }];
	return boundary.flatMap((outline, o) =>
		outline.flatMap((ring, r): Issue[] => {
			const path = `boundary.${o}.${r}`;
			const off = ring.find(([longitude, latitude]) => !(Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180));
			if (off) return [{ code: 'not-degrees', path, text: `${off[0]}, ${off[1]}` }];
			const [first, last] = [ring[0], ring.at(-1)];
			if (!first || !last || ring.length < 3) return [{ code: 'ring-short', path, text: `${ring.length}` }];
			if (first[0] !== last[0] || first[1] !== last[1])
				return [{ code: 'ring-open', path, text: told(last), bound: told(first) }];
			if (ring.length < 4) return [{ code: 'ring-short', path, text: `${ring.length - 1}` }];
			const at = ringCrossing(ring);
			return at ? [{ code: 'ring-crosses', path, text: told(at) }] : [];
		})
	);
}
