import type { Position, Ring } from './block';

/** Which way three points turn: over 0 left, under 0 right, 0 straight on. */
const turn = (a: Position, b: Position, c: Position) => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

const between = (a: Position, b: Position, p: Position) =>
	Math.min(a[0], b[0]) <= p[0] &&
	p[0] <= Math.max(a[0], b[0]) &&
	Math.min(a[1], b[1]) <= p[1] &&
	p[1] <= Math.max(a[1], b[1]);

/** Where two segments meet, ends included; null where they do not. */
function meet(a: Position, b: Position, c: Position, d: Position): Position | null {
	const [abc, abd, cda, cdb] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
	if (abc === 0 && between(a, b, c)) return c;
	if (abd === 0 && between(a, b, d)) return d;
	if (cda === 0 && between(c, d, a)) return a;
	if (cdb === 0 && between(c, d, b)) return b;
	if (abc > 0 === abd > 0 || cda > 0 === cdb > 0) return null;
	const share = abc / (abc - abd);
	return [c[0] + (d[0] - c[0]) * share, c[1] + (d[1] - c[1]) * share];
}

/**
 * The first place where a closed ring crosses or touches itself; null where it does not. Straight lines between positions,
 * in degrees: near enough for a field, and nothing is measured with it.
 *
 * ring: closed, four positions or more. Sides are held against those that lie to their right from the leftmost on, so that
 * a boundary of thousands of positions is quick.
 * @example
 * ringCrossing([[0, 0], [2, 2], [2, 0], [0, 2], [0, 0]]) // => [1,1]
 * ringCrossing([[0, 0], [2, 0], [2, 2], [0, 2], [0, 0]]) // => null
 */
export function ringCrossing(ring: Ring): Position | null {
	const count = ring.length - 1;
	const sides = Array.from({ length: count }, (_, i) => {
		const [from, to] = [ring[i]!, ring[i + 1]!];
		return { i, from, to, left: Math.min(from[0], to[0]), right: Math.max(from[0], to[0]) };
	}).sort((a, b) => a.left - b.left);
	for (let k = 0; k < count; k += 1) {
		const one = sides[k]!;
		for (let m = k + 1; m < count && sides[m]!.left <= one.right; m += 1) {
			const two = sides[m]!;
			const apart = Math.abs(one.i - two.i);
			const next = apart === 1 || apart === count - 1;
			const at = meet(one.from, one.to, two.from, two.to);
			// Neighbours share a corner; only where they lie on each other do they meet elsewhere too.
			if (at && (!next || count === 2 || overlaps(one, two))) return at;
		}
	}
	return null;
}

interface Side {
	readonly i: number;
	readonly from: Position;
	readonly to: Position;
}

/** Two neighbouring sides that fold back on each other. */
function overlaps(one: Side, two: Side): boolean {
	const corner = same(one.to, two.from) ? one.to : same(one.from, two.to) ? one.from : null;
	if (!corner) return false;
	const a = corner === one.to ? one.from : one.to;
	const b = corner === one.to ? two.to : two.from;
	const ahead = (a[0] - corner[0]) * (b[0] - corner[0]) + (a[1] - corner[1]) * (b[1] - corner[1]);
	return turn(a, corner, b) === 0 && ahead > 0;
}

const same = (a: Position, b: Position) => a[0] === b[0] && a[1] === b[1];
