/** Lengths of the months of a year, January first. */
const lengths = (year: number) => [
	31,
	(year % 4 === 0 && year % 100 !== 0) || year % 400 === 0 ? 29 : 28,
	31,
	30,
	31,
	30,
	31,
	31,
	30,
	31,
	30,
	31
];

/**
 * The day some whole days after another, or before it where they are below zero; both YYYY-MM-DD, by the calendar. Up to
 * a hundred years either way; throws beyond.
 *
 * Source: the Gregorian calendar.
 * @example
 * addDays('2026-03-20', 21) // => "2026-04-10"
 * addDays('2024-02-28', 2) // => "2024-03-01"
 * addDays('2026-01-01', -1) // => "2025-12-31"
 */
export function addDays(day: string, days: number): string {
	if (!Number.isInteger(days) || Math.abs(days) > 36_600) throw new Error(`days ${days}`);
	let [y, m, d] = day.split('-').map(Number) as [number, number, number];
	d += days;
	while (d < 1) {
		m -= 1;
		if (m < 1) [y, m] = [y - 1, 12];
		d += lengths(y)[m - 1]!;
	}
	while (d > lengths(y)[m - 1]!) {
		d -= lengths(y)[m - 1]!;
		m += 1;
		if (m > 12) [y, m] = [y + 1, 1];
	}
	const two = (n: number) => `${n}`.padStart(2, '0');
	return `${`${y}`.padStart(4, '0')}-${two(m)}-${two(d)}`;
}
