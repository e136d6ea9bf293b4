const dayLong = 86_400_000;
const at = (day: string) => Date.parse(`${day}T00:00:00Z`);

/**
 * Days from one day to another, both YYYY-MM-DD; below zero where the other comes first. Days are counted by the calendar,
 * whatever the clocks did between.
 * @example
 * daysBetween('2026-03-20', '2026-04-10') // => 21
 * daysBetween('2026-03-20', '2026-03-19') // => -1
 */
export const daysBetween = (from: string, to: string): number => Math.round((at(to) - at(from)) / dayLong);
