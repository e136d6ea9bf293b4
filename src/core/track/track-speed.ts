import { mean } from '../measurement/mean';
import { sampleDeviation } from '../measurement/sample-deviation';
import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { TrackPoint } from '../calibration-log/entries';
import { seriesError } from './series-error';
import { onPlane } from './straight-fits';
import { sendsSpeed } from './sends-speed';
import { smoothDrive } from './smooth-drive';

export interface TrackSpeed {
	readonly value: Speed;
	/** u/v: what the track itself says of how sure it is. */
	readonly relative: number;
}

/** The least that a receiver's clock and scale are good to, as a share. */
const leastShare = 0.0002;

/**
 * Ground speed from a recorded track, with its ±: the slope of the way over time through the fixes of the part from–to (seconds
 * from its start, both included), or the mean of the receiver's own speeds where it sends them. How sure it is comes from how far
 * the fixes lie beside it, and from how many of them in a row err alike.
 *
 * Null where fewer than three points lie in that part, or nothing moved.
 * Source: mean over a steady part, with an error from how the fixes stray.
 * @example
 * trackSpeed([[0, 0, 0], [2, 0, 0.00005], [4, 0, 0.0001], [6, 0, 0.00015]], 0, 6).value.toFixed(6) // => "2.782987"
 */
export function trackSpeed(points: readonly TrackPoint[], from: number, to: number): TrackSpeed | null {
	const part = points.filter(([at]) => at >= from && at <= to);
	if (part.length < 3) return null;
	const told = sendsSpeed(part) ? meanSpeed(part.map((p) => p[3]!)) : slope(points, from, to);
	if (told === null || !(told.value > 0)) return null;
	return { value: si<'speed'>(told.value), relative: Math.hypot(told.u / told.value, leastShare) };
}

/** Of the receiver's own speeds; each is no finer than its last digit. */
function meanSpeed(speeds: readonly number[]): { readonly value: number; readonly u: number } {
	const value = mean(speeds);
	const { alike, variance, few } = seriesError(
		speeds.map((v) => v - value),
		1
	);
	const steps = [...new Set(speeds)].sort((a, b) => a - b).flatMap((v, i, all) => (i > 0 ? [v - all[i - 1]!] : []));
	const digit = steps.length > 0 ? Math.min(...steps) / Math.sqrt(12) : 0;
	const each = Math.sqrt((variance * alike) / speeds.length) * few;
	// Where the scatter is under the last digit, all of them are off alike.
	return { value, u: Math.hypot(each, Math.sqrt(variance) < digit * 2 ? digit : 0) };
}

/** Blocks that a part is cut into, to see how steadily it was driven. */
const blocks = 6;
/** A scatter between that many blocks which chance alone seldom makes: χ² at 95 %, over its degrees of freedom. */
const seldom = 2.21;

/** Of the way along its heading; what the drive itself wandered, over and above the receiver, is in its ±. */
function slope(
	points: readonly TrackPoint[],
	from: number,
	to: number
): { readonly value: number; readonly u: number } | null {
	const along = alongHeading(points, from, to);
	if (!along) return null;
	const { value, tt, rests } = lineOf(along);
	const { alike, variance, few } = seriesError(rests, 2);
	const fixes = Math.sqrt((variance * alike) / tt) * few;
	return { value, u: Math.hypot(fixes, wanderOf(along)) };
}

interface Along {
	readonly t: number;
	/** m. */
	readonly s: number;
}

/**
 * What was covered by when, each step taken along the heading of the drive at its own place: a bend is as long as it is, and what the
 * receiver wanders aside of the way is no way. Null where nothing moved.
 */
function alongHeading(points: readonly TrackPoint[], from: number, to: number): Along[] | null {
	const headings = new Map(smoothDrive(points).map((f) => [f.at, f]));
	const plane = onPlane(points).filter(({ t }) => t >= from && t <= to && headings.has(t));
	const along: Along[] = [];
	let s = 0;
	plane.forEach(({ t, x, y }, i) => {
		const before = plane[i - 1];
		if (before) {
			const [a, b] = [headings.get(before.t)!, headings.get(t)!];
			const [east, north] = [a.east + b.east, a.north + b.north];
			const speed = Math.hypot(east, north);
			if (speed > 0) s += ((x - before.x) * east + (y - before.y) * north) / speed;
		}
		along.push({ t, s });
	});
	return along.length < 3 || !(s > 0) ? null : along;
}

/** The straight line through what was covered by when. */
function lineOf(along: readonly Along[]) {
	const [t0, s0] = [mean(along.map((p) => p.t)), mean(along.map((p) => p.s))];
	let [tt, ts] = [0, 0];
	for (const { t, s } of along) {
		tt += (t - t0) ** 2;
		ts += (t - t0) * (s - s0);
	}
	const value = ts / tt;
	return { value, tt, rests: along.map(({ t, s }) => s - s0 - value * (t - t0)) };
}

/** What an unsteady drive makes of the mean speed, m/s: the scatter between its blocks that the fixes do not explain. */
function wanderOf(along: readonly Along[]): number {
	const size = Math.floor(along.length / blocks);
	if (size < 4) return 0;
	const lines = Array.from({ length: blocks }, (_, i) => lineOf(along.slice(i * size, (i + 1) * size)));
	const { alike, variance } = seriesError(
		lines.flatMap((l) => l.rests),
		2 * blocks
	);
	const fixes = (variance * alike) / mean(lines.map((l) => l.tt));
	const scatter = sampleDeviation(lines.map((l) => l.value)) ** 2;
	return scatter > seldom * fixes ? Math.sqrt((scatter - fixes) / blocks) : 0;
}
