import { m } from '$words';
import { dayText } from './day-text';

/** Times as a farm's own clock and calendar have them, whatever the clock of the server or the phone says. */

const formats = new Map<string, Intl.DateTimeFormat>();
function parts(zone: string, at: number): { readonly day: string; readonly clock: string } {
	let format = formats.get(zone);
	if (!format) {
		format = new Intl.DateTimeFormat('en-CA', {
			timeZone: zone,
			year: 'numeric',
			month: '2-digit',
			day: '2-digit',
			hour: '2-digit',
			minute: '2-digit',
			second: '2-digit',
			hourCycle: 'h23'
		});
		formats.set(zone, format);
	}
	const by = Object.fromEntries(format.formatToParts(at).map((p) => [p.type, p.value]));
	return { day: `${by.year}-${by.month}-${by.day}`, clock: `${by.hour}:${by.minute}:${by.second}` };
}

/** Whether the machine knows a time zone by this name. */
export function isZone(name: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: name });
		return name !== '';
	} catch {
		return false;
	}
}

/** The zone of the machine that asks: what a farm has until it tells its own. */
export const machineZone = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** Days that were worked out, by zone and quarter of an hour: no zone changes its day within one. Bounded, so that it stays small. */
const days = new Map<string, string>();
const quarter = 900_000;
const mostDays = 4096;

/** Day of a moment (ms since 1970), YYYY-MM-DD. */
export function dayAt(zone: string, at: number): string {
	const key = `${zone} ${Math.floor(at / quarter)}`;
	const known = days.get(key);
	if (known !== undefined) return known;
	const { day } = parts(zone, at);
	if (days.size >= mostDays) days.clear();
	days.set(key, day);
	return day;
}

/** Hour of the day of a moment (ms since 1970), 0 to 23. */
export const hourAt = (zone: string, at: number): number => Number(parts(zone, at).clock.slice(0, 2));

/** Clock time of a moment (ms since 1970), HH:MM: for fields and for reckoning. What is shown is `clockText`. */
export const clockAt = (zone: string, at: number): string => parts(zone, at).clock.slice(0, 5);

/** Whose clock, and how it is written. What a device kept from before says nothing of 12 hours: 24 then. */
export interface FarmClock {
	readonly timeZone: string;
	readonly hour12?: boolean | undefined;
}

/** A time of the day, HH:MM, as the farm writes it: `14:20`, or `2:20 pm`. Anything else as it stands. */
export function clockWords(time: string, { hour12 }: Pick<FarmClock, 'hour12'>): string {
	const at = /^(\d\d):(\d\d)$/.exec(time);
	if (!hour12 || !at) return time;
	const hour = Number(at[1]);
	const told = { time: `${hour % 12 || 12}:${at[2]}` };
	return hour < 12 ? m.clock_am(told) : m.clock_pm(told);
}

/** Clock time of a moment (ms since 1970) as the farm writes it. */
export const clockText = (clock: FarmClock, at: number): string => clockWords(clockAt(clock.timeZone, at), clock);

/** Day and time of a moment (ms since 1970), like 20 Mar 2026, 08:15. */
export const timeAt = (clock: FarmClock, at: number): string =>
	`${dayText(dayAt(clock.timeZone, at))}, ${clockText(clock, at)}`;

/** From a moment to another (ms), like `08:15 to 11:30`; where it ends on another day than it begins, with that day. */
export function spanAt(clock: FarmClock, from: number, to: number): string {
	const sameDay = dayAt(clock.timeZone, from) === dayAt(clock.timeZone, to);
	return m.from_to({ from: clockText(clock, from), to: sameDay ? clockText(clock, to) : timeAt(clock, to) });
}

/** Moment (ms) at some minutes after midnight of a day, as the clocks there show it; the first that there is where they skip it. */
export function momentAt(zone: string, day: string, minutes: number): number {
	const wanted = Date.parse(`${day}T00:00:00Z`) + minutes * 60_000;
	const shown = (at: number) => {
		const p = parts(zone, at);
		return Date.parse(`${p.day}T${p.clock}Z`);
	};
	// Twice: the first guess may lie on the other side of a change of the clocks.
	let at = wanted;
	for (let i = 0; i < 2; i += 1) at += wanted - shown(at);
	while (shown(at) < wanted) at += 900_000;
	return at;
}

/** Moment (ms) at which a day begins. */
export const dayStart = (zone: string, day: string): number => momentAt(zone, day, 0);
