/** Days since a day long ago, counted by the civil calendar; a year begins in March here, so that a leap day is its last. */
function dayNumber(day: string): number {
	const [y, m, d] = day.split('-').map(Number) as [number, number, number];
	const year = m < 3 ? y - 1 : y;
	const month = (m + 9) % 12;
	const leaps = Math.floor(year / 4) - Math.floor(year / 100) + Math.floor(year / 400);
	return year * 365 + leaps + Math.floor((month * 306 + 5) / 10) + d;
}

/**
 * Days from one day to another, both YYYY-MM-DD; below zero where the other comes first. Days are counted by the calendar,
 * whatever the clocks did between.
 *
 * Source: the Gregorian calendar.
 * @example
 * daysBetween('2026-03-20', '2026-04-10') // => 21
 * daysBetween('2024-02-28', '2024-03-01') // => 2
 * daysBetween('2026-03-20', '2026-03-19') // => -1
 */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);
