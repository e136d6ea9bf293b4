import { studentT95 } from '../measurement/student-t95';

/** Where the wear of a set of nozzles goes. */
export interface WearTrend {
	/** Share a day. */
	readonly slope: number;
	/** The line's own wear at a day. */
	readonly at: (day: number) => number;
	/** Day on which the limit is reached; null where the line does not rise. */
	readonly crossing: number | null;
	/** 95 % bounds of that day: null is that no day can be named that surely. */
	readonly earliest: number | null;
	readonly latest: number | null;
	readonly points: number;
}

/**
 * The straight line through wear over time, the day on which it reaches a limit, and how sure that is: the 95 % bounds of
 * the day by inverse prediction (Fieller), at which the limit leaves the band of the line. Where the wear is too little
 * against its scatter for an end to be named, that end is null.
 *
 * points: day (any count of days) and wear (share over rated), two or more on different days; null otherwise. limit: a
 * share. scatter: least 1-sigma of one point, share, over 0: a few points that lie on a line by luck are no surer than the jug.
 * @example
 * wearTrend([{ day: 0, wear: 0.01 }, { day: 100, wear: 0.03 }, { day: 200, wear: 0.05 }], 0.1, 0.002).crossing // => 450
 * wearTrend([{ day: 0, wear: 0.01 }, { day: 100, wear: 0.03 }, { day: 200, wear: 0.05 }], 0.1, 0.002).latest > 450 // => true
 * wearTrend([{ day: 0, wear: 0.03 }, { day: 100, wear: 0.01 }], 0.1, 0.002).crossing // => null
 */
export function wearTrend(
	points: readonly { readonly day: number; readonly wear: number }[],
	limit: number,
	scatter: number
): WearTrend | null {
	const n = points.length;
	if (!(scatter > 0)) throw new Error(`scatter ${scatter}`);
	if (n < 2) return null;
	const meanDay = points.reduce((sum, p) => sum + p.day, 0) / n;
	const meanWear = points.reduce((sum, p) => sum + p.wear, 0) / n;
	const spread = points.reduce((sum, p) => sum + (p.day - meanDay) ** 2, 0);
	if (spread === 0) return null;
	const slope = points.reduce((sum, p) => sum + (p.day - meanDay) * (p.wear - meanWear), 0) / spread;
	const at = (day: number) => meanWear + slope * (day - meanDay);
	const left = points.reduce((sum, p) => sum + (p.wear - at(p.day)) ** 2, 0);
	const fitted = n > 2 ? studentT95(n - 2) * Math.sqrt(left / (n - 2)) : 0;
	const half = Math.max(fitted, 1.959963984540054 * scatter);
	const crossing = slope > 0 ? meanDay + (limit - meanWear) / slope : null;
	const { low, high } = bounds(limit - meanWear, slope, half, n, spread);
	return {
		slope,
		at,
		crossing,
		earliest: low === null ? null : meanDay + low,
		latest: high === null ? null : meanDay + high,
		points: n
	};
}

/** Where (rise − slope·x)² = half²·(1/n + x²/spread), x from the middle of the days: the roots around the crossing. */
function bounds(rise: number, slope: number, half: number, n: number, spread: number) {
	const a = slope ** 2 - half ** 2 / spread;
	const b = -2 * rise * slope;
	const c = rise ** 2 - half ** 2 / n;
	const root = b ** 2 - 4 * a * c;
	// The slope is not told from none: the line may never get there, or be there already.
	if (slope <= 0 || root < 0) return { low: null, high: null };
	const ends = [(-b - Math.sqrt(root)) / (2 * a), (-b + Math.sqrt(root)) / (2 * a)].sort((x, y) => x - y);
	if (a > 0) return { low: ends[0]!, high: ends[1]! };
	// One end only: the soonest crossing ahead of the middle, and no latest.
	const ahead = ends.filter((x) => x > 0);
	return { low: rise > 0 && ahead.length > 0 ? Math.min(...ahead) : null, high: null };
}
