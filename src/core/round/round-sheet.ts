import type { Catch, CalibrationSheet, NozzleCatches, TimedCourse } from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Mass, Pressure, Speed, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { fields, readField } from './fields';
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

/**
 * The calibration sheet of a round so far: speed × width × flow where the jugs were held for a time of their own, the
 * course's time otherwise. Errors name what is missing or cannot be read; a round with one run and one catch is enough.
 */
export function roundSheet(rig: RigNumbers, round: Round, pressure?: Pressure): Result<CalibrationSheet> {
	const issues: Issue[] = [];
	const speed = roundSpeed(round);
	if (!speed.ok) issues.push(...speed.issues);
	const on = nozzlesOn(rig.sections, round.off);
	if (on.length === 0) issues.push({ code: 'all-sections-off', path: 'width.on' });
	const catches = on.map((nozzle): NozzleCatches => {
		const counted = round.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
		const read = counted.map((take) => readTake(take, `flow.catches.${nozzle}`));
		for (const one of read) if (!one.ok) issues.push(...one.issues);
		const good = read.flatMap((one) => (one.ok ? [one.value] : []));
		return good.length > 0 ? good : null;
	});
	const time = round.catchTime ? readField(fields.catchTime, round.catchTime, 'flow.time') : null;
	if (time && !time.ok) issues.push(...time.issues);
	const jug = round.jug ? readField(fields.jug, round.jug, 'flow.graduation') : null;
	if (jug && !jug.ok) issues.push(...jug.issues);
	if (issues.length > 0 || !speed.ok) return bad(...issues);
	const sections = sectionOfNozzles(rig.sections);
	return good({
		method: time ? 'speed-width-flow' : 'course-catch',
		speed: speed.value,
		width: { kind: 'boom', nozzles: rig.nozzles, spacing: rig.spacing, on: on.length },
		flow: {
			time: time?.ok ? time.value.value : undefined,
			catches,
			numbers: on,
			sections: on.map((n) => sections[n - 1]!),
			graduation: jug?.ok ? jug.value.value : undefined,
			rated: rig.rated ?? undefined,
			pressure
		}
	});
}
