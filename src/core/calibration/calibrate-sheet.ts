import type { MeasuringSkill } from '../measurement/defaults';
import { usualSkill } from '../measurement/defaults';
import type { Budget, Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { budgetOf } from '../measurement/budget-of';
import { relativeU } from '../measurement/relative-u';
import { divide } from '../measurement/divide';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Speed, Time, VolumePerArea, WorkRate } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { FlowJudgement } from './calibrate';
import { calibrate, checkAnswer, flowFindings, isTimed, speedOf } from './calibrate';
import { courseCatch } from './course-catch';
import { drivenCatch } from './driven-catch';
import { courseTime, tapedLength } from './course-speed';
import type { Finding } from './findings';
import type { SpeedKind } from './usual-speeds';
import { findRunsApart, findShortCourse, findUnusualSpeed, findUsedApart } from './findings';
import { groundArea } from './ground-area';
import type { FlowResult } from './nozzle-flow';
import { anyCaught, nozzleFlow } from './nozzle-flow';
import { parkedDrop } from './parked-drop';
import { plotCatch } from './plot-catch';
import { refill } from './refill';
import type {
	AnySheet,
	CalibrationSheet,
	FlowReading,
	FlowSheet,
	ParkedSheet,
	PlotSheet,
	RefillSheet,
	UsedReading
} from './sheet';
import { speedWidthFlow } from './speed-width-flow';
import type { EvenRule } from './verdict';
import type { Swath } from './swath-width';
import { swathWidth } from './swath-width';
import { usedVolume, volumeUsed } from './used-volume';

/** The answer of any of the five methods; what a method does not measure is null. */
export interface MethodCalibration {
	readonly method: AnySheet['method'];
	readonly rate: Measured<'volumePerArea'>;
	/** Per field area, where that differs from the treated one. */
	readonly fieldRate: VolumePerArea | null;
	readonly speed: Measured<'speed'> | null;
	readonly swath: Swath | null;
	readonly flow: Measured<'flow'> | null;
	readonly workRate: WorkRate | null;
	/** Ground of a plot or a refill. */
	readonly area: Area | null;
	readonly nozzles: FlowResult | null;
	readonly relativeUncertainty95: number;
	readonly budget: Budget;
	readonly findings: readonly Finding[];
}

type Parts = Pick<MethodCalibration, 'method' | 'rate'> & Partial<MethodCalibration>;

const answer = (parts: Parts): Result<MethodCalibration> => {
	const absurd = checkAnswer(parts.speed?.value ?? null, parts.rate.value);
	if (absurd.length > 0) return bad(...absurd);
	return good({
		fieldRate: null,
		speed: null,
		swath: null,
		flow: null,
		workRate: null,
		area: null,
		nozzles: null,
		findings: [],
		relativeUncertainty95: 2 * relativeU(parts.rate),
		budget: budgetOf(parts.rate),
		...parts
	});
};

/**
 * One calibration by any of the five methods.
 *
 * Errors: those of `calibrate` for a boom; `nothing-caught`, `no-runs`, `missing`, `nothing-used` (a reading that used
 * nothing or less), `no-even-swath` (no width from the pans can be driven), an absurd speed or spray volume.
 * @example
 * const sheet = { method: 'refill', area: { by: 'stated', area: 1000 }, used: [{ added: 0.02 }] };
 * calibrateSheet(sheet).value.rate.value // => 0.00002
 */
export function calibrateSheet(
	sheet: AnySheet,
	skill: MeasuringSkill = usualSkill,
	rule: EvenRule = 'average'
): Result<MethodCalibration> {
	switch (sheet.method) {
		case 'speed-width-flow':
		case 'course-catch':
			return sheet.width.kind === 'boom' ? onBoom(sheet as CalibrationSheet, skill, rule) : byFlow(sheet, skill, rule);
		case 'plot-catch':
			return onPlot(sheet, skill, rule);
		case 'refill':
			return byRefill(sheet, skill);
		case 'parked-drop':
			return parked(sheet, skill);
	}
}

function onBoom(sheet: CalibrationSheet, skill: MeasuringSkill, rule: EvenRule): Result<MethodCalibration> {
	const result = calibrate(sheet, skill, rule);
	if (!result.ok) return result;
	const { width, ...rest } = result.value;
	return good({ ...rest, fieldRate: null, area: null, swath: { treated: width, field: width.value } });
}

/** A swath narrower than this is carried by a person, and a person walks less steadily than a tractor drives. */
const carriedUnder = 3;

function byFlow(sheet: FlowSheet, skill: MeasuringSkill, rule: EvenRule): Result<MethodCalibration> {
	const timed = isTimed(sheet.speed) ? sheet.speed : null;
	const issues: Issue[] = flowIssues(sheet.flow);
	if (timed?.times.length === 0) issues.push({ code: 'no-runs', path: 'speed.times' });
	if (!timed && (sheet.method === 'course-catch' || sheet.driven))
		issues.push({ code: 'missing', path: 'speed.course' });
	if (!timed && sheet.flow.time === undefined) issues.push({ code: 'missing', path: 'flow.time' });
	const swath = swathWidth(sheet.width, skill);
	if (!swath) issues.push({ code: 'no-even-swath', path: 'width.catches' });
	else if (!(swath.treated.value > 0)) issues.push({ code: 'too-small', path: 'width', text: '0 m', bound: '0.05 m' });
	if (issues.length > 0 || !swath) return bad(...issues);
	const onFoot = sheet.width.kind === 'measured' && swath.treated.value < carriedUnder;
	const walking = onFoot ? { ...skill, steadyDriven: skill.steadyOnFoot } : skill;
	const speed = speedOf(sheet.speed, walking);
	const runs = timed && courseTime(timed.times, walking);
	const nozzles = nozzleFlow(sheet.flow, sheet.flow.time ?? runs!.value, skill, rule);
	const flow = divide<'flow'>(nozzles.volume, measured(nozzles.time));
	const rate = sheet.driven
		? drivenCatch(nozzles.volume, swath.treated, tapedLength(timed!.course, 'courseLength', skill))
		: sheet.method === 'speed-width-flow'
			? speedWidthFlow(flow, speed, swath.treated)
			: courseCatch(
					nozzles.volume,
					nozzles.time,
					swath.treated,
					tapedLength(timed!.course, 'courseLength', skill),
					runs!
				);
	return answer({
		method: sheet.method,
		rate,
		speed,
		swath,
		flow,
		nozzles,
		fieldRate:
			sheet.width.kind === 'band' ? si<'volumePerArea'>((rate.value * swath.treated.value) / swath.field) : null,
		workRate: sheet.method === 'speed-width-flow' ? si<'workRate'>(speed.value * swath.field) : null,
		findings: [
			...(timed ? findRunsApart(timed.times) : []),
			...(timed && !onFoot ? findShortCourse(timed) : []),
			...findUnusualSpeed(speed.value, onFoot ? 'on foot' : kindOf(sheet)),
			...swathFindings(swath),
			...flowFindings(sheet.flow, nozzles, skill, judged(nozzles))
		]
	});
}

const kindOf = ({ width, carrier }: FlowSheet): SpeedKind =>
	width.kind === 'rows' ? 'airblast' : (carrier ?? (width.kind === 'band' ? 'boom' : 'boomless'));
const judged = (nozzles: FlowResult): FlowJudgement => (nozzles.count > 1 ? 'each nozzle' : 'one nozzle');

function swathFindings({ pans }: Swath): Finding[] {
	if (!pans) return [];
	if (!pans.swath.best) return [{ code: 'swath-none-even', limit: pans.maxCv }];
	return pans.swath.passedBy.map((c) => ({ code: 'swath-passed-by', width: c.spacings * pans.spacing, cv: c.cv }));
}

const flowIssues = (flow: FlowReading): Issue[] =>
	anyCaught(flow) ? [] : [{ code: 'nothing-caught', path: 'flow.catches' }];

function usedIssues(used: readonly UsedReading[]): Issue[] {
	const wrong = used.findIndex((one) => !(volumeUsed(one) > 0));
	if (used.length === 0) return [{ code: 'missing', path: 'used' }];
	return wrong < 0 ? [] : [{ code: 'nothing-used', path: `used.${wrong}` }];
}

function onPlot(sheet: PlotSheet, skill: MeasuringSkill, rule: EvenRule): Result<MethodCalibration> {
	const issues = flowIssues(sheet.flow);
	if (sheet.times.length === 0) issues.push({ code: 'no-runs', path: 'times' });
	if (issues.length > 0) return bad(...issues);
	const plotTime = courseTime(sheet.times, { ...skill, steadyDriven: skill.steadyOnFoot });
	const nozzles = nozzleFlow(sheet.flow, sheet.flow.time ?? plotTime.value, skill, rule);
	const area = groundArea(sheet.plot, skill);
	return answer({
		method: sheet.method,
		rate: plotCatch(nozzles.volume, nozzles.time, plotTime, area),
		area: area.value,
		flow: divide<'flow'>(nozzles.volume, measured(nozzles.time)),
		nozzles,
		findings: [...findRunsApart(sheet.times), ...flowFindings(sheet.flow, nozzles, skill, judged(nozzles))]
	});
}

function byRefill(sheet: RefillSheet, skill: MeasuringSkill): Result<MethodCalibration> {
	const issues = usedIssues(sheet.used);
	if (issues.length > 0) return bad(...issues);
	const area = groundArea(sheet.area, skill);
	return answer({
		method: sheet.method,
		rate: refill(usedVolume(sheet.used, sheet.tank, skill, steadyOf(sheet, skill)), area),
		area: area.value,
		findings: findUsedApart(sheet.used)
	});
}

/** A plot with its sides is walked, and so is ground that a carried sprayer did. */
export const steadyOf = ({ onFoot, area }: RefillSheet, skill: MeasuringSkill): number =>
	(onFoot ?? area.by === 'sides') ? skill.steadyOnFoot : skill.steadyDriven;

function parked(sheet: ParkedSheet, skill: MeasuringSkill): Result<MethodCalibration> {
	const issues = usedIssues(sheet.used);
	if (sheet.speed.times.length === 0) issues.push({ code: 'no-runs', path: 'speed.times' });
	const swath = swathWidth(sheet.width, skill);
	if (!swath) issues.push({ code: 'no-even-swath', path: 'width.catches' });
	if (issues.length > 0 || !swath) return bad(...issues);
	const runs = courseTime(sheet.speed.times, skill);
	const run: Time = sheet.run ?? runs.value;
	const runTime = measured(run, [{ input: 'runTime', relative: skill.stopwatch / run }]);
	const course = tapedLength(sheet.speed.course, 'courseLength', skill);
	const used = usedVolume(sheet.used, sheet.tank, skill);
	const speed = divide<'speed'>(course, runs);
	const kind = sheet.width.kind === 'rows' ? 'airblast' : 'boomless';
	return answer({
		method: sheet.method,
		rate: parkedDrop(used, runs, runTime, swath.treated, course),
		speed,
		swath,
		flow: divide<'flow'>(used, runTime),
		workRate: si<'workRate'>((speed.value as Speed) * swath.field),
		findings: [
			...findRunsApart(sheet.speed.times),
			...findShortCourse(sheet.speed),
			...findUnusualSpeed(speed.value, kind),
			...swathFindings(swath),
			...findUsedApart(sheet.used)
		]
	});
}
