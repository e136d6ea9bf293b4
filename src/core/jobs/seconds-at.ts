import { daysBetween } from './days-between';

const iso = /^(\d{4}-\d\d-\d\d)T(\d\d):(\d\d)(?::(\d\d)(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/**
 * The moment of an ISO 8601 time with its offset, seconds since 1970; NaN where the text is none.
 *
 * Source: ISO 8601.
 * @example
 * secondsAt('1970-01-02T00:00:01.5Z') // => 86401.5
 * secondsAt('2026-03-20T08:15:00+01:00') - secondsAt('2026-03-20T07:15:00Z') // => 0
 */
export function secondsAt(text: string): number {
	const [, day, hours, minutes, seconds = '0', part = '0', offset] = iso.exec(text) ?? [];
	if (day === undefined || offset === undefined) return NaN;
	const ahead =
		offset === 'Z' ? 0 : Number(`${offset[0]}1`) * (Number(offset.slice(1, 3)) * 60 + Number(offset.slice(4)));
	const clock = Number(hours) * 3600 + (Number(minutes) - ahead) * 60 + Number(seconds) + Number(part);
	return daysBetween('1970-01-01', day) * 86_400 + clock;
}
