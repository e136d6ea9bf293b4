import { m } from '$words';
import { getLocale } from '$words/runtime.js';
import { dayText } from './day-text';

const noon = (day: string) => Date.parse(`${day}T12:00:00Z`);
const dayLength = 86_400_000;

/** A weekday with its date, as a narrow column has room for: `Mon 30`. */
export const weekdayText = (day: string, language: string): string =>
	`${new Intl.DateTimeFormat(language, { weekday: 'short', timeZone: 'UTC' }).format(noon(day))} ${Number(day.slice(8))}`;

/**
 * A day near another as people say it: `yesterday`, `today`, `tomorrow`, then the weekday for what lies inside a week; any
 * other day as it is written. Both YYYY-MM-DD.
 */
export function nearDay(day: string, today: string): string {
	const away = Math.round((noon(day) - noon(today)) / dayLength);
	if (away === 0) return m.today_inline();
	if (away === 1) return m.tomorrow_inline();
	if (away === -1) return m.yesterday();
	if (away > 1 && away < 7)
		return new Intl.DateTimeFormat(getLocale(), { weekday: 'long', timeZone: 'UTC' }).format(noon(day));
	return dayText(day);
}
