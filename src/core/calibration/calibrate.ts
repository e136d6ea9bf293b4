import type { MeasuringSkill } from '../measurement/defaults';
import { usualSkill } from '../measurement/defaults';
import type { Budget, Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { budgetOf } from '../measurement/budget-of';
import { relativeU } from '../measurement/relative-u';
import { divide } from '../measurement/divide';
import { resolution } from '../measurement/resolution';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { VolumePerArea, WorkRate } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { bounds } from '../quantity/within';
import { boomWidth } from './boom-width';
import { courseCatch } from './course-catch';
import { drivenCatch } from './driven-catch';
import { courseSpeed, courseTime, tapedLength } from './course-speed';
import type { Finding } from './findings';
import { diagnoseFlow } from './diagnose-flow';
import {
	findCatchesApart,
	findCaughtTogether,
	findRunsApart,
	findShortCatch,
	findShortCourse,
	findUnusualSpeed
} from './findings';
import type { FlowResult } from './nozzle-flow';
import { anyCaught, nozzleFlow } from './nozzle-flow';
import type { CalibrationSheet, FlowReading, SpeedReading, TimedCourse } from './sheet';
import { speedWidthFlow } from './speed-width-flow';
import type { EvenRule } from './verdict';
import { waterDensity } from './water-volume';

export interface Calibration {
	readonly method: CalibrationSheet['method'];
	readonly rate: Measured<'volumePerArea'>;
	readonly speed: Measured<'speed'>;
	readonly width: Measured<'length'>;
	readonly flow: Measured<'flow'>;
	readonly workRate: WorkRate | null;
	readonly nozzles: FlowResult;
	/** 2u/R: half the width of the interval that holds the truth about 95 times in 100. */
	readonly relativeUncertainty95: number;
	readonly budget: Budget;
	readonly findings: readonly Finding[];
}

export const isTimed = (speed: SpeedReading): speed is TimedCourse => 'course' in speed;

/** Speed from a course, from a track with the ± of its own, or a stated one, which counts 2 %. */
export const speedOf = (reading: SpeedReading, skill: MeasuringSkill): Measured<'speed'> =>
	isTimed(reading)
		? courseSpeed(reading.course, reading.times, skill)
		: measured(reading.stated, [{ input: 'speed', relative: reading.relative ?? skill.statedSpeed }]);

/**
 * One calibration from its readings: the spray volume with its uncertainty, what it came from, the verdict on every
 * nozzle and what is odd.
 *
 * Errors: `nothing-caught`, `no-runs`, `missing` (course-catch without a course, a catch time that nothing gives),
 * `count-mismatch` (a boom with more or fewer catches than nozzles), `too-small`/`too-large` speed or spray volume.
 *
 * Source: the volume that passes over the ground that it is spread on, `q / (v w)`; first-order propagation of uncertainty.
 * @example
 * const boom = { speed: { course: 60, times: [27, 27] }, width: { kind: 'boom', nozzles: 2, spacing: 0.5 }, flow: { time: 30, catches: [[{ volume: 0.0006 }], [{ volume: 0.0006 }]] } };
 * calibrate({ method: 'speed-width-flow', ...boom }).value.rate.value // => 0.000018
 */
export function calibrate(
	sheet: CalibrationSheet,
	skill: MeasuringSkill = usualSkill,
	rule: EvenRule = 'average'
): Result<Calibration> {
	const issues = checkSheet(sheet);
	if (issues.length > 0) return bad(...issues);
	const speed = speedOf(sheet.speed, skill);
	const timed = isTimed(sheet.speed) ? sheet.speed : null;
	const width = boomWidth(sheet.width.on ?? sheet.width.nozzles, sheet.width.spacing, skill);
	const courseT = timed && courseTime(timed.times, skill);
	const nozzles = nozzleFlow(sheet.flow, sheet.flow.time ?? courseT!.value, skill, rule);
	const flow = divide<'flow'>(nozzles.volume, measured(nozzles.time));
	const rate = sheet.driven
		? drivenCatch(nozzles.volume, width, tapedLength(timed!.course, 'courseLength', skill))
		: sheet.method === 'speed-width-flow'
			? speedWidthFlow(flow, speed, width)
			: courseCatch(nozzles.volume, nozzles.time, width, tapedLength(timed!.course, 'courseLength', skill), courseT!);
	const absurd = checkAnswer(speed.value, rate.value);
	if (absurd.length > 0) return bad(...absurd);
	return good({
		method: sheet.method,
		rate,
		speed,
		width,
		flow,
		workRate: sheet.method === 'speed-width-flow' ? si<'workRate'>(speed.value * width.value) : null,
		nozzles,
		relativeUncertainty95: 2 * relativeU(rate),
		budget: budgetOf(rate),
		findings: [
			...(timed ? [...findRunsApart(timed.times), ...findShortCourse(timed)] : []),
			...findUnusualSpeed(speed.value, sheet.carrier ?? 'boom'),
			...flowFindings(sheet.flow, nozzles, skill, 'each nozzle')
		]
	});
}

/** Whether nozzles are compared with each other; one nozzle alone has nothing to be even with. */
export type FlowJudgement = 'each nozzle' | 'one nozzle';

/** What the catches say: their shape, second catches that disagree, and whether they lasted long enough to be judged. */
export function flowFindings(
	flow: FlowReading,
	result: FlowResult,
	skill: MeasuringSkill,
	judgement: FlowJudgement
): Finding[] {
	const alone = flow.catches.some((c) => c !== null);
	const weighed = flow.catches.some((c) => c?.some((one) => 'mass' in one));
	const read = flow.catches.some((c) => c?.some((one) => 'flow' in one));
	const division = weighed
		? (flow.scaleDivision ?? skill.scaleDivision) / waterDensity
		: (flow.graduation ?? skill.jugMarks);
	return [
		...diagnoseFlow(result, flow.sides, flow.oneSize),
		...findCaughtTogether(result),
		...findCatchesApart(result),
		...(judgement === 'each nozzle' && alone && !read
			? findShortCatch(result, skill.jugMove, resolution(division))
			: [])
	];
}

function checkSheet(sheet: CalibrationSheet): Issue[] {
	const issues: Issue[] = [];
	const { speed, width, flow } = sheet;
	if (isTimed(speed) && speed.times.length === 0) issues.push({ code: 'no-runs', path: 'speed.times' });
	if (!isTimed(speed) && (sheet.method === 'course-catch' || sheet.driven))
		issues.push({ code: 'missing', path: 'speed.course' });
	if (!isTimed(speed) && flow.time === undefined) issues.push({ code: 'missing', path: 'flow.time' });
	const on = width.on ?? width.nozzles;
	if (on > width.nozzles || on < 1)
		issues.push({
			code: on < 1 ? 'all-sections-off' : 'too-large',
			path: 'width.on',
			text: `${on}`,
			bound: `${width.nozzles}`
		});
	const expected = flow.nozzles ?? on;
	if (flow.nozzles === undefined ? flow.catches.length !== on : flow.catches.length > flow.nozzles)
		issues.push({ code: 'count-mismatch', path: 'flow.catches', text: `${flow.catches.length}`, bound: `${expected}` });
	if (flow.nozzles !== undefined && flow.nozzles !== on)
		issues.push({ code: 'count-mismatch', path: 'flow.nozzles', text: `${flow.nozzles}`, bound: `${on}` });
	if (flow.groups && flow.groups.length !== flow.catches.length)
		issues.push({
			code: 'count-mismatch',
			path: 'flow.groups',
			text: `${flow.groups.length}`,
			bound: `${flow.catches.length}`
		});
	if (!anyCaught(flow)) issues.push({ code: 'nothing-caught', path: 'flow.catches' });
	return issues;
}

/** A speed or spray volume that no sprayer has: a wrong unit or a slipped point. */
export function checkAnswer(speed: number | null, rate: VolumePerArea): Issue[] {
	const kmh = (v: number) => `${Number((v * 3.6).toPrecision(3))} km/h`;
	const lha = (r: number) => `${Number((r * 1e7).toPrecision(3))} L/ha`;
	if (speed !== null && !(speed >= bounds.speed.min))
		return [{ code: 'too-small', path: 'speed', text: kmh(speed), wanted: 'speed', bound: kmh(bounds.speed.min) }];
	if (speed !== null && !(speed <= bounds.speed.max))
		return [{ code: 'too-large', path: 'speed', text: kmh(speed), wanted: 'speed', bound: kmh(bounds.speed.max) }];
	if (!(rate >= bounds.volumePerArea.min))
		return [
			{
				code: 'too-small',
				path: 'rate',
				text: lha(rate),
				wanted: 'volumePerArea',
				bound: lha(bounds.volumePerArea.min)
			}
		];
	if (!(rate <= bounds.volumePerArea.max))
		return [
			{
				code: 'too-large',
				path: 'rate',
				text: lha(rate),
				wanted: 'volumePerArea',
				bound: lha(bounds.volumePerArea.max)
			}
		];
	return [];
}
