import { getLocale } from '$words/runtime.js';
import { languages } from '../language/language';

/** Days as people write them: `25 Oct 2026`. What is stored and sent stays YYYY-MM-DD. */

const months = new Map<string, readonly string[]>();
function monthNames(language: string): readonly string[] {
	const known = months.get(language);
	if (known) return known;
	const format = new Intl.DateTimeFormat(language, { month: 'short', timeZone: 'UTC' });
	const names = Array.from({ length: 12 }, (_, month) => format.format(Date.UTC(2026, month, 15)));
	months.set(language, names);
	return names;
}

/** A day, YYYY-MM-DD, as it is shown; anything else as it stands, for it is what somebody typed. */
export function dayText(day: string | null | undefined): string {
	if (!day) return '';
	const at = /^(\d{4})-(\d\d)-(\d\d)$/.exec(day);
	const month = at && monthNames(getLocale())[Number(at[2]) - 1];
	return month ? `${Number(at[3])} ${month} ${at[1]}` : day;
}

/** A day that was typed as people write it, YYYY-MM-DD; null where it is none. Numbers alone could be two days, but for an ISO day. */
export function readDay(text: string): string | null {
	const tidy = text
		.trim()
		.replace(/\s+/g, ' ')
		.replace(/ (de|del) (?=\S)/gi, ' ');
	if (/^\d{4}-\d\d-\d\d$/.test(tidy)) return tidy;
	const at =
		/^(\d{1,2})\.? (\p{L}{3,10})\.?,? (\d{4})$/u.exec(tidy) ??
		swapped(/^(\p{L}{3,10})\.? (\d{1,2}),? (\d{4})$/u.exec(tidy));
	if (!at) return null;
	const month = monthOf(at[2]!);
	return month < 0 ? null : `${at[3]}-${`${month + 1}`.padStart(2, '0')}-${at[1]!.padStart(2, '0')}`;
}

/** Which month, from 0, a name or its first three letters mean in any of the languages; -1 where none. */
function monthOf(name: string): number {
	const first = name.slice(0, 3).toLowerCase();
	for (const language of languages) {
		const at = monthNames(language).findIndex((month) => month.slice(0, 3).toLowerCase() === first);
		if (at >= 0) return at;
	}
	return -1;
}

/** Month before day, as it is written in the US. */
const swapped = (at: RegExpExecArray | null): readonly string[] | null => at && [at[0], at[2]!, at[1]!, at[3]!];
