import { m } from '$words';
import type { Pace, Time } from '../../core/index';
import type { FarmClock } from '../settings/farm-time';
import { clockWords } from '../settings/farm-time';

/** How long something takes, as a person says it: `2 h 40 min`, to five minutes from an hour on. */
export function shownSpan(seconds: number): string {
	const step = seconds >= 3600 ? 5 : 1;
	const minutes = Math.max(1, Math.round(seconds / 60 / step) * step);
	const h = Math.floor(minutes / 60);
	const rest = minutes % 60;
	return [h > 0 ? `${h} h` : '', rest > 0 || h === 0 ? m.min({ minutes: rest }) : ''].filter(Boolean).join(' ');
}

/** A time of the day, `09:40`; the next day is said. */
function shownClock(seconds: number, how: Pick<FarmClock, 'hour12'>): string {
	const minutes = Math.round(seconds / 60);
	const two = (n: number) => `${n}`.padStart(2, '0');
	const day = Math.floor(minutes / 1440);
	const clock = clockWords(`${two(Math.floor((minutes % 1440) / 60))}:${two(minutes % 60)}`, how);
	return day === 0 ? clock : `${clock} ${day === 1 ? m.the_next_day() : m.days_on({ day })}`;
}

/** When a job ends that begins at its start, and whether that is inside its day. */
export function jobEnd(
	pace: Pace,
	total: Time,
	clock: Pick<FarmClock, 'hour12'> = {}
): { readonly at: string; readonly spare: number; readonly fits: boolean } {
	const end = pace.start + total;
	return { at: shownClock(end, clock), spare: pace.end - end, fits: end <= pace.end };
}
