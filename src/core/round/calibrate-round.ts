import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { calibrateSheet } from '../calibration/calibrate-sheet';
import type { Finding } from '../calibration/findings';
import type { MethodGap } from '../calibration/method-gap';
import { methodGap } from '../calibration/method-gap';
import type { AnySheet } from '../calibration/sheet';
import type { EvenRule } from '../calibration/verdict';
import type { MeasuringSkill } from '../measurement/defaults';
import { usualSkill } from '../measurement/defaults';
import type { Issue, Result } from '../quantity/issue';
import { good } from '../quantity/issue';
import { quantityOf } from '../quantity/entered';
import type { RoundMethod } from '../calibration/round-methods';
import type { BesideChecks } from './beside-checks';
import { besideChecks } from './beside-checks';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { isCarried } from './rig';
import { roundSheet } from './round-sheet';
import { methodsOf } from './methods-for';
import { methodOf } from './method-of';

/** A second way to the same answer, from the readings of the same round. */
export interface OtherWay {
	readonly sheet: AnySheet;
	readonly calibration: MethodCalibration;
	readonly gap: MethodGap;
}

export interface RoundCalibration {
	readonly sheet: AnySheet;
	readonly calibration: MethodCalibration;
	readonly others: readonly OtherWay[];
	/** What was measured besides: no volume rests on it. */
	readonly beside: BesideChecks;
}

/**
 * A round computed: its sheet, the answer with all findings, and every other way that its readings are enough for.
 *
 * Errors: those of `roundSheet` and `calibrateSheet`.
 * @example
 * const t = (text, unit) => ({ text, unit, gallon: 'US' });
 * const rig = readRig({ kind: 'boom', name: 'Boom', tank: t('800', 'L'), nozzles: 2, spacing: t('50', 'cm'), sections: [2], nozzle: '110-03', rated: null }).value;
 * const said = [{ kind: 'course', length: t('60', 'm') }, { kind: 'run', time: t('27', 's'), by: 'typed' }, { kind: 'catch-time', time: t('30', 's') }, { kind: 'catch', nozzle: 1, amount: t('600', 'ml'), why: 'first' }, { kind: 'catch', nozzle: 2, amount: t('600', 'ml'), why: 'first' }];
 * const round = foldRound(said.map((one, seq) => ({ ...one, id: `e${seq}`, seq, at: '2026-03-20T08:00:00Z' })));
 * calibrateRound(rig, round).value.calibration.rate.value // => 0.000018
 */
export function calibrateRound(
	rig: RigNumbers,
	round: Round,
	skill: MeasuringSkill = usualSkill,
	rule: EvenRule = 'average'
): Result<RoundCalibration> {
	const sheet = roundSheet(rig, round);
	if (!sheet.ok) return sheet;
	const result = calibrateSheet(sheet.value, skill, rule);
	if (!result.ok) return result;
	const others = round.sheet ? [] : otherWays(rig, round, result.value, skill, rule);
	const beside = round.sheet ? nothingBeside : besideChecks(rig, round, result.value, skill, rule);
	const findings = [
		...result.value.findings,
		...beside.findings,
		...rigFindings(rig, round),
		...others.flatMap(gapFinding)
	];
	return good({ sheet: sheet.value, calibration: { ...result.value, findings }, others, beside });
}

/** A sheet from a file is all that there is. */
const nothingBeside: BesideChecks = { speed: null, nozzles: null, findings: [] };

/** A hand-carried rig is calibrated with the person who carries it: nobody named stands against signing. */
export const personIssues = (rig: RigNumbers, round: Round): Issue[] =>
	isCarried(rig) && round.person.trim() === '' && !round.sheet ? [{ code: 'no-person', path: 'person' }] : [];

/** Ways that rest on the tank: one reading of it is of the ground or of a run parked, never of both. */
const byTank: ReadonlySet<RoundMethod> = new Set(['refill', 'parked-drop']);

function otherWays(
	rig: RigNumbers,
	round: Round,
	answer: MethodCalibration,
	skill: MeasuringSkill,
	rule: EvenRule
): OtherWay[] {
	const picked = methodOf(rig, round);
	return methodsOf[rig.kind].flatMap((method) => {
		if (method === picked || (byTank.has(method) && byTank.has(picked))) return [];
		const sheet = roundSheet(rig, round, method);
		if (!sheet.ok) return [];
		const other = calibrateSheet(sheet.value, skill, rule);
		if (!other.ok) return [];
		return [{ sheet: sheet.value, calibration: other.value, gap: methodGap(answer.rate, other.value.rate) }];
	});
}

const gapFinding = ({ calibration, gap }: OtherWay): Finding[] =>
	gap.apart ? [{ code: 'methods-apart', method: calibration.method, share: gap.share, joint: gap.joint }] : [];

/** What the readings say against the rig's own limits. */
function rigFindings(rig: RigNumbers, round: Round): Finding[] {
	const findings: Finding[] = [];
	const height = quantityOf(round.height);
	if (rig.makerHeights && height !== null) {
		const { low, high } = rig.makerHeights;
		if (height < low || height > high) findings.push({ code: 'height-outside', height, low, high });
	}
	const pressure = quantityOf(round.gauge);
	if (rig.pressures && pressure !== null) {
		const { low, high } = rig.pressures;
		if (pressure < low || pressure > high) findings.push({ code: 'pressure-outside', pressure, low, high });
	}
	return findings;
}
