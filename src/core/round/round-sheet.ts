import type { Catch, CalibrationSheet, FlowReading, NozzleCatches, TimedCourse } from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Kind, Mass, Speed, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { Typed } from '../quantity/typed';
import type { Round, Take } from './fold-round';
import type { RigNumbers } from './rig';
import { sectionOfNozzles } from './rig';

/** Nozzles that spray: those whose section is not off. Numbers from 1, left to right. */
export function nozzlesOn(sections: readonly number[], off: readonly number[]): number[] {
	return sectionOfNozzles(sections).flatMap((section, i) => (off.includes(section) ? [] : [i + 1]));
}

/** Ground speed's part of a round, or what is still missing. */
export function roundSpeed(round: Round): Result<TimedCourse> {
	const issues: Issue[] = [];
	const course = round.course && readField(fields.course, round.course, 'speed.course');
	if (!course) issues.push({ code: 'missing', path: 'speed.course' });
	else if (!course.ok) issues.push(...course.issues);
	const times: Time[] = [];
	for (const [i, run] of round.runs.filter((r) => !r.struck).entries()) {
		const time = readField(fields.runTime, run.time, `speed.times.${i}`);
		if (time.ok) times.push(time.value.value);
		else issues.push(...time.issues);
	}
	if (times.length === 0) issues.push({ code: 'no-runs', path: 'speed.times' });
	const dial = round.dial && readField(fields.dial, round.dial, 'speed.dial');
	if (dial && !dial.ok) issues.push(...dial.issues);
	if (issues.length > 0 || !course?.ok) return bad(...issues);
	return good({ course: course.value.value, times, dial: dial?.ok ? (dial.value.value as Speed) : undefined });
}

const readTake = (take: Take, path: string): Result<Catch> => {
	const read = readField(fields.catchAmount, take.amount, path);
	if (!read.ok) return read;
	const { kind, value } = read.value;
	return good(kind === 'mass' ? { mass: si<'mass'>(value) as Mass } : { volume: si<'volume'>(value) as Volume });
};

/** The catches of a round so far: those of the nozzles that are on, with the jug, the gauge and the time they go with. */
export function roundFlow(rig: RigNumbers, round: Round): Result<FlowReading> {
	const issues: Issue[] = [];
	const on = nozzlesOn(rig.sections, round.off);
	if (on.length === 0) issues.push({ code: 'all-sections-off', path: 'width.on' });
	const catches = on.map((nozzle): NozzleCatches => {
		const counted = round.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
		const read = counted.map((take) => readTake(take, `flow.catches.${nozzle}`));
		for (const one of read) if (!one.ok) issues.push(...one.issues);
		const amounts = read.flatMap((one) => (one.ok ? [one.value] : []));
		return amounts.length > 0 ? amounts : null;
	});
	const optional = <K extends Kind>(f: Field<K>, typed: Typed | null | undefined, path: string) => {
		if (!typed) return undefined;
		const read = readField(f, typed, path);
		if (!read.ok) issues.push(...read.issues);
		return read.ok ? read.value.value : undefined;
	};
	const time = optional(fields.catchTime, round.catchTime, 'flow.time');
	const graduation = optional(fields.jug, round.jug, 'flow.graduation');
	const pressure = optional(fields.pressure, round.gauge, 'flow.pressure');
	if (issues.length > 0) return bad(...issues);
	const sections = sectionOfNozzles(rig.sections);
	return good({
		time,
		catches,
		numbers: on,
		sections: on.map((n) => sections[n - 1]!),
		graduation,
		rated: rig.rated ?? undefined,
		pressure
	});
}

/**
 * The calibration sheet of a round so far: speed × width × flow where the jugs were held for a time of their own, the
 * course's time otherwise. Errors name what is missing or cannot be read; a round with one run and one catch is enough.
 */
export function roundSheet(rig: RigNumbers, round: Round): Result<CalibrationSheet> {
	const speed = roundSpeed(round);
	const flow = roundFlow(rig, round);
	if (!speed.ok || !flow.ok) return bad(...(speed.ok ? [] : speed.issues), ...(flow.ok ? [] : flow.issues));
	return good({
		method: flow.value.time === undefined ? 'course-catch' : 'speed-width-flow',
		speed: speed.value,
		width: { kind: 'boom', nozzles: rig.nozzles, spacing: rig.spacing, on: flow.value.catches.length },
		flow: flow.value
	});
}
