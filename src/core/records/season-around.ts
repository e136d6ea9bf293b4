import { addDays } from '../jobs/add-days';
import { daysBetween } from '../jobs/days-between';

export interface Season {
	/** YYYY-MM-DD, both in it. */
	readonly from: string;
	readonly to: string;
}

/** A harvest longer ago than this is not the last one any more: nobody noted the next. */
const lastHarvest = 400;
const year = 365;

/**
 * The season of a crop that a day lies in: from the end of its last harvest, or by the date that the farm sets. With neither
 * it is the twelve months up to the day, and those after it: a limit that nobody gave a season counts all that is near.
 *
 * harvested: day on which the last harvest of the block ended, YYYY-MM-DD; null where nobody noted it. start: MM-DD; null
 * where the farm sets none.
 * @example
 * seasonAround('2027-02-10', null, '09-01') // => {"from":"2026-09-01","to":"2027-08-31"}
 * seasonAround('2026-11-10', '2026-08-02', '01-01') // => {"from":"2026-08-03","to":"2027-08-02"}
 * seasonAround('2026-11-10', null, null) // => {"from":"2025-11-11","to":"2027-11-09"}
 */
export function seasonAround(day: string, harvested: string | null, start: string | null): Season {
	if (harvested !== null && harvested < day && daysBetween(harvested, day) <= lastHarvest)
		return { from: addDays(harvested, 1), to: addDays(harvested, year) };
	if (start !== null) {
		const own = Number(day.slice(0, 4));
		const first = seasonStart(own, start) <= day ? own : own - 1;
		return { from: seasonStart(first, start), to: addDays(seasonStart(first + 1, start), -1) };
	}
	return { from: addDays(day, 1 - year), to: addDays(day, year - 1) };
}

/**
 * The first day of a season in a year. A 29 February is the 28th in a year without one.
 * @example
 * seasonStart(2027, '02-29') // => "2027-02-28"
 */
export function seasonStart(inYear: number, start: string): string {
	const leap = (inYear % 4 === 0 && inYear % 100 !== 0) || inYear % 400 === 0;
	return `${inYear}-${start === '02-29' && !leap ? '02-28' : start}`;
}
