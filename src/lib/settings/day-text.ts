/** Days as people write them: `25 Oct 2026`. What is stored and sent stays YYYY-MM-DD. */

let months: readonly string[] | null = null;
function monthNames(): readonly string[] {
	const format = new Intl.DateTimeFormat('en-US', { month: 'short', timeZone: 'UTC' });
	return (months ??= Array.from({ length: 12 }, (_, m) => format.format(Date.UTC(2026, m, 15))));
}

/** A day, YYYY-MM-DD, as it is shown; anything else as it stands, for it is what somebody typed. */
export function dayText(day: string | null | undefined): string {
	if (!day) return '';
	const at = /^(\d{4})-(\d\d)-(\d\d)$/.exec(day);
	const month = at && monthNames()[Number(at[2]) - 1];
	return month ? `${Number(at[3])} ${month} ${at[1]}` : day;
}

/** A day that was typed as people write it, YYYY-MM-DD; null where it is none. Numbers alone could be two days, but for an ISO day. */
export function readDay(text: string): string | null {
	const tidy = text.trim().replace(/\s+/g, ' ');
	if (/^\d{4}-\d\d-\d\d$/.test(tidy)) return tidy;
	const at =
		/^(\d{1,2})\.? ([A-Za-z]{3,9})\.?,? (\d{4})$/.exec(tidy) ??
		swapped(/^([A-Za-z]{3,9})\.? (\d{1,2}),? (\d{4})$/.exec(tidy));
	if (!at) return null;
	const month = monthNames().findIndex((name) => name.toLowerCase() === at[2]!.slice(0, 3).toLowerCase());
	return month < 0 ? null : `${at[3]}-${`${month + 1}`.padStart(2, '0')}-${at[1]!.padStart(2, '0')}`;
}

/** Month before day, as it is written in the US. */
const swapped = (at: RegExpExecArray | null): readonly string[] | null => at && [at[0], at[2]!, at[1]!, at[3]!];
