import { addDays } from './add-days';

/**
 * Whether a text is a day of the calendar, YYYY-MM-DD, from the year 1 on.
 *
 * Source: the Gregorian calendar.
 * @example
 * isDay('2024-02-29') // => true
 * isDay('2026-02-29') // => false
 * isDay('14.3.2026') // => false
 */
export const isDay = (text: string): boolean =>
	/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/.test(text) && text > '0001' && addDays(text, 0) === text;
