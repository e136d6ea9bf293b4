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
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { isCarried } from './rig';
import { roundFlow } from './round-flow';
import { roundSpeed } from './round-speed';

/** What a round holds besides what its answer rests on: a timed run beside a refill, nozzles caught for evenness. */
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
 * calibration: the answer that they stand beside; only what it has not is looked for.
 * @example
 * const t = (text, unit) => ({ text, unit, gallon: 'US' });
 * const boom = readRig({ kind: 'boom', name: 'Boom', tank: t('800', 'L'), nozzles: 2, spacing: t('50', 'cm'), sections: [2], nozzle: '', rated: null }).value;
 * const timed = [{ kind: 'course', length: t('60', 'm') }, { kind: 'run', time: t('30', 's'), by: 'typed' }].map((one, seq) => ({ ...one, id: `e${seq}`, seq, at: '' }));
 * besideChecks(boom, foldRound(timed), { speed: null, nozzles: null, findings: [] }, usualSkill).speed.value // => 2
 */
export function besideChecks(
	rig: RigNumbers,
	round: Round,
	calibration: Pick<MethodCalibration, 'speed' | 'nozzles' | 'findings'>,
	skill: MeasuringSkill,
	rule: EvenRule = 'average'
): BesideChecks {
	const reading = roundSpeed(round);
	const walking = isCarried(rig) ? { ...skill, steadyDriven: skill.steadyOnFoot } : skill;
	const timed = reading.ok && isTimed(reading.value) ? reading.value : null;
	const speed = calibration.speed === null && reading.ok ? speedOf(reading.value, walking) : null;
	const ownTime = timed && timed.times.length > 0 ? si<'time'>(mean(timed.times)) : usualCatch;
	const judged = calibration.nozzles === null ? flowBeside(rig, round, ownTime, skill, rule) : null;
	const quick = round.quick ? flowBeside(rig, { ...round, ...round.quick }, quickCatch, skill, rule) : null;
	const known = new Set(calibration.findings.map(nameOf));
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

function flowBeside(rig: RigNumbers, round: Round, usual: Time, skill: MeasuringSkill, rule: EvenRule) {
	const flow = roundFlow(rig, round);
	if (!flow.ok || !anyCaught(flow.value)) return null;
	const nozzles = nozzleFlow(flow.value, flow.value.time ?? usual, skill, rule);
	const found = flowFindings(flow.value, nozzles, skill, nozzles.count > 1 ? 'each nozzle' : 'one nozzle');
	// No volume rests on them: one of them stands for nobody.
	return { nozzles, findings: found.filter((f) => f.code !== 'sample-of-one') };
}
