import { flowFindings, isTimed, speedOf } from '../calibration/calibrate';
import type { MethodCalibration } from '../calibration/calibrate-sheet';
import type { Finding } from '../calibration/findings';
import { findRunsApart, findShortCourse } from '../calibration/findings';
import type { FlowResult } from '../calibration/nozzle-flow';
import { anyCaught, nozzleFlow } from '../calibration/nozzle-flow';
import type { EvenRule } from '../calibration/verdict';
import { mean } from '../measurement/mean';
import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import type { Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { isCarried } from '../sprayer/sprayer';
import { readFlow } from './read-flow';
import { readSpeed } from './read-speed';

/** What a calibration holds besides what its answer rests on: a timed run beside a refill, nozzles caught for evenness. */
export interface BesideChecks {
	readonly speed: Measured<'speed'> | null;
	readonly nozzles: FlowResult | null;
	readonly findings: readonly Finding[];
}

/** What a jug is held for where nobody said, s. */
const usualCatch = si<'time'>(30);

/**
 * The checks beside a calibration: its speed where the answer needs none, its nozzles where the answer knows none of them, and a
 * quick evenness check. None of them moves the spray volume; what is odd in them is found all the same.
 *
 * answer: what they stand beside; only what it has not is looked for.
 * @example
 * const t = (text, unit) => ({ text, unit, gallon: 'US' });
 * const boom = readSprayer({ kind: 'boom', name: 'Boom', tank: t('800', 'L'), nozzles: 2, spacing: t('50', 'cm'), sections: [2], nozzle: '', rated: null }).value;
 * const timed = [{ kind: 'course', length: t('60', 'm') }, { kind: 'run', time: t('30', 's'), by: 'typed' }].map((one, seq) => ({ ...one, id: `e${seq}`, seq, at: '' }));
 * besideChecks(boom, foldCalibration(timed), { speed: null, nozzles: null, findings: [] }, usualSkill).speed.value // => 2
 */
export function besideChecks(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	answer: Pick<MethodCalibration, 'speed' | 'nozzles' | 'findings'>,
	skill: MeasuringSkill,
	rule: EvenRule = 'average'
): BesideChecks {
	const reading = readSpeed(calibration);
	const walking = isCarried(sprayer) ? { ...skill, steadyDriven: skill.steadyOnFoot } : skill;
	const timed = reading.ok && isTimed(reading.value) ? reading.value : null;
	const speed = answer.speed === null && reading.ok ? speedOf(reading.value, walking) : null;
	const ownTime = timed && timed.times.length > 0 ? si<'time'>(mean(timed.times)) : usualCatch;
	const judged = answer.nozzles === null ? flowBeside(sprayer, calibration, ownTime, skill, rule) : null;
	const quick = calibration.quick
		? flowBeside(sprayer, { ...calibration, ...calibration.quick }, quickCatch, skill, rule)
		: null;
	const known = new Set(answer.findings.map(nameOf));
	return {
		speed,
		nozzles: judged?.nozzles ?? null,
		findings: [
			...(speed && timed ? [...findRunsApart(timed.times), ...findShortCourse(timed)] : []),
			...[...(judged?.findings ?? []), ...(quick?.findings ?? [])].filter((f) => {
				const fresh = !known.has(nameOf(f));
				known.add(nameOf(f));
				return fresh;
			})
		]
	};
}

/** How long a jug is held for a quick evenness check where nobody says otherwise. */
export const quickCatch = si<'time'>(10);

/** Of one nozzle and one kind a finding is told once. */
const nameOf = (f: Finding): string => `${f.code} ${'nozzle' in f ? f.nozzle : 'section' in f ? f.section : ''}`;

function flowBeside(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	usual: Time,
	skill: MeasuringSkill,
	rule: EvenRule
) {
	const flow = readFlow(sprayer, calibration);
	if (!flow.ok || !anyCaught(flow.value)) return null;
	const nozzles = nozzleFlow(flow.value, flow.value.time ?? usual, skill, rule);
	const found = flowFindings(flow.value, nozzles, skill, nozzles.count > 1 ? 'each nozzle' : 'one nozzle');
	// No volume rests on them: one of them stands for nobody.
	return { nozzles, findings: found.filter((f) => f.code !== 'sample-of-one') };
}
