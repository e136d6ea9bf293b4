import { workRate } from '../loads/work-rate';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Time, WorkRate } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { TypedJob, TypedPace } from './job';

export interface Pace {
	/** Null where no speed and swath were measured. */
	readonly workRate: WorkRate | null;
	/** Fill, mix and drive of one load. */
	readonly each: Time;
	/** Seconds of the day. */
	readonly start: Time;
	readonly end: Time;
}

const clock = /^([01]\d|2[0-3]):([0-5]\d)$/;

/** Seconds of the day of a clock time, `07:30`; null where it is none. */
const timeOfDay = (text: string): Time | null => {
	const at = clock.exec(text);
	return at ? si<'time'>(Number(at[1]) * 3600 + Number(at[2]) * 60) : null;
};

/**
 * Reads how the work of a job goes. A day's end before its start is on the next day: some spray at night.
 *
 * Errors: those of its fields; `share` of an efficiency that is not over 0 to 1; `unreadable` clock times.
 */
export function readPace(pace: TypedPace, travel: TypedJob['travel']): Result<Pace> {
	const issues: Issue[] = [];
	const { efficiency } = pace;
	if (!(efficiency > 0 && efficiency <= 1)) {
		const text = Number.isFinite(efficiency) ? `${Number((efficiency * 100).toPrecision(6))} %` : '';
		issues.push({ code: 'share', path: 'pace.efficiency', text });
	}
	const parts = (['fill', 'drive'] as const).map((name) => {
		const read = readField(fields.between, pace[name], `pace.${name}`);
		if (!read.ok) issues.push(...read.issues);
		return read.ok ? read.value.value : 0;
	});
	const [start, end] = (['start', 'end'] as const).map((name) => {
		const at = timeOfDay(pace[name]);
		if (at === null) issues.push({ code: 'unreadable', path: `pace.${name}`, text: pace[name], wanted: 'clock' });
		return at ?? 0;
	});
	if (issues.length > 0) return bad(...issues);
	return good({
		workRate: travel
			? workRate(si<'speed'>(travel.speed), si<'length'>(travel.swath), efficiency / (pace.oneWay ? 2 : 1))
			: null,
		each: si<'time'>(parts[0]! + parts[1]!),
		start: si<'time'>(start!),
		end: si<'time'>(end! > start! ? end! : end! + 86_400)
	});
}
