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
import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { BesideChecks } from './beside-checks';
import { besideChecks } from './beside-checks';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { isCarried } from '../sprayer/sprayer';
import { sheetOf } from './sheet-of';
import { methodsOf } from './methods-for';
import { methodOf } from './method-of';

/** A second way to the same answer, from the readings of the same calibration. */
export interface OtherWay {
	readonly sheet: AnySheet;
	readonly answer: MethodCalibration;
	readonly gap: MethodGap;
}

export interface CalibrationResult {
	readonly sheet: AnySheet;
	readonly answer: MethodCalibration;
	readonly others: readonly OtherWay[];
	/** What was measured besides: no volume rests on it. */
	readonly beside: BesideChecks;
}

/**
 * A calibration computed: its sheet, the answer with all findings, and every other way that its readings are enough for.
 *
 * Errors: those of `sheetOf` and `calibrateSheet`.
 * @example
 * const t = (text, unit) => ({ text, unit, gallon: 'US' });
 * const sprayer = readSprayer({ kind: 'boom', name: 'Boom', tank: t('800', 'L'), nozzles: 2, spacing: t('50', 'cm'), sections: [2], nozzle: '110-03', rated: null }).value;
 * const said = [{ kind: 'course', length: t('60', 'm') }, { kind: 'run', time: t('27', 's'), by: 'typed' }, { kind: 'catch-time', time: t('30', 's') }, { kind: 'catch', nozzle: 1, amount: t('600', 'ml'), why: 'first' }, { kind: 'catch', nozzle: 2, amount: t('600', 'ml'), why: 'first' }];
 * const calibration = foldCalibration(said.map((one, seq) => ({ ...one, id: `e${seq}`, seq, at: '2026-03-20T08:00:00Z' })));
 * calibrationResult(sprayer, calibration).value.answer.rate.value // => 0.000018
 */
export function calibrationResult(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	skill: MeasuringSkill = usualSkill,
	rule: EvenRule = 'average'
): Result<CalibrationResult> {
	const sheet = sheetOf(sprayer, calibration);
	if (!sheet.ok) return sheet;
	const result = calibrateSheet(sheet.value, skill, rule);
	if (!result.ok) return result;
	const others = calibration.sheet ? [] : otherWays(sprayer, calibration, result.value, skill, rule);
	const beside = calibration.sheet ? nothingBeside : besideChecks(sprayer, calibration, result.value, skill, rule);
	const findings = [
		...result.value.findings,
		...beside.findings,
		...limitFindings(sprayer, calibration),
		...others.flatMap(gapFinding)
	];
	return good({ sheet: sheet.value, answer: { ...result.value, findings }, others, beside });
}

/** A sheet from a file is all that there is. */
const nothingBeside: BesideChecks = { speed: null, nozzles: null, findings: [] };

/** A hand-carried sprayer is calibrated with the person who carries it: nobody named stands against signing. */
export const personIssues = (sprayer: SprayerNumbers, calibration: FoldedCalibration): Issue[] =>
	isCarried(sprayer) && calibration.person.trim() === '' && !calibration.sheet
		? [{ code: 'no-person', path: 'person' }]
		: [];

/** Ways that rest on the tank: one reading of it is of the ground or of a run parked, never of both. */
const byTank: ReadonlySet<CalibrationMethod> = new Set(['refill', 'parked-drop']);

function otherWays(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	answer: MethodCalibration,
	skill: MeasuringSkill,
	rule: EvenRule
): OtherWay[] {
	const picked = methodOf(sprayer, calibration);
	return methodsOf[sprayer.kind].flatMap((method) => {
		if (method === picked || (byTank.has(method) && byTank.has(picked))) return [];
		const sheet = sheetOf(sprayer, calibration, method);
		if (!sheet.ok) return [];
		const other = calibrateSheet(sheet.value, skill, rule);
		if (!other.ok) return [];
		return [{ sheet: sheet.value, answer: other.value, gap: methodGap(answer.rate, other.value.rate) }];
	});
}

const gapFinding = ({ answer, gap }: OtherWay): Finding[] =>
	gap.apart ? [{ code: 'methods-apart', method: answer.method, share: gap.share, joint: gap.joint }] : [];

/** What the readings say against the sprayer's own limits. */
function limitFindings(sprayer: SprayerNumbers, calibration: FoldedCalibration): Finding[] {
	const findings: Finding[] = [];
	const height = quantityOf(calibration.height);
	if (sprayer.makerHeights && height !== null) {
		const { low, high } = sprayer.makerHeights;
		if (height < low || height > high) findings.push({ code: 'height-outside', height, low, high });
	}
	const pressure = quantityOf(calibration.gauge);
	if (sprayer.pressures && pressure !== null) {
		const { low, high } = sprayer.pressures;
		if (pressure < low || pressure > high) findings.push({ code: 'pressure-outside', pressure, low, high });
	}
	return findings;
}
