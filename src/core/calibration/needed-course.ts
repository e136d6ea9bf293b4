import type { Length, Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * How long a course must be for the mean of its runs to be good to a wanted ±.
 *
 * wanted: 2u as a share, over 0. speed: m/s. runs: 1 or more. stopwatch: s. steady: share that one run wavers by. Null
 * where no course does: the runs themselves waver by more, and only more of them help.
 * Source: the same propagation that judges a course, solved for its length.
 * @example
 * neededCourse(0.04, 2, 3, 0.2, 0.015).toFixed(3) // => "12.810"
 * neededCourse(0.02, 2, 1, 0.2, 0.015) // => null
 */
export function neededCourse(
	wanted: number,
	speed: Speed,
	runs: number,
	stopwatch: number,
	steady: number
): Length | null {
	const room = ((wanted / 2) * Math.sqrt(runs)) ** 2 - steady * steady;
	return room > 0 ? si<'length'>((speed * stopwatch) / Math.sqrt(room)) : null;
}

/**
 * What the mean of runs over a course is good to, before they are driven: 2u as a share.
 * @example
 * courseGoodTo(60, 2, 3, 0.2, 0.015).toFixed(5) // => "0.01895"
 */
export const courseGoodTo = (course: Length, speed: Speed, runs: number, stopwatch: number, steady: number): number =>
	(2 * Math.hypot((stopwatch * speed) / course, steady)) / Math.sqrt(runs);

/**
 * The least number of runs over a course that is good to a wanted ±.
 * @example
 * neededRuns(0.02, 60, 2, 0.2, 0.015) // => 3
 */
export const neededRuns = (wanted: number, course: Length, speed: Speed, stopwatch: number, steady: number): number =>
	Math.ceil((courseGoodTo(course, speed, 1, stopwatch, steady) / wanted) ** 2 - 1e-9);
