import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import { budgetOf } from '../measurement/budget-of';
import { relativeU } from '../measurement/relative-u';
import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { steadyOf } from './calibrate-sheet';
import type { RefillSheet, UsedReading } from './sheet';
import { usedVolume } from './used-volume';

/** More ground than this is no calibration any more. */
const mostTimes = 40;

/** The same reading after so many times the ground; null where the tank does not hold it. */
function after(one: UsedReading, times: number, tank: Volume | undefined): UsedReading | null {
	if ('added' in one)
		return tank !== undefined && one.added * times > tank ? null : { added: si<'volume'>(one.added * times) };
	const left = one.start - times * (one.start - one.left);
	return left < 0 ? null : { start: one.start, left: si<'volume'>(left) };
}

/**
 * How many times as much ground has to be sprayed before the tank is read, for a wanted ±: what a mark misses by is then spread
 * over more. Null where it is fine enough already, where the tank does not hold so much, or where 40 times is not enough.
 *
 * sheet: a refill as it was read. rate: its spray volume. wanted: 2u as a share, over 0. Returns a whole number over 1.
 * Source: `usedVolume` of the larger reading; what ground and tape miss by stays.
 * @example
 * const marked = { method: 'refill', area: { by: 'sides', length: 100, width: 5 }, used: [{ added: 0.05 }], tank: 1, onFoot: false };
 * neededGround(marked, calibrateSheet(marked).value.rate, usualSkill, 0.05) // => 16
 * const small = { ...marked, tank: 0.6 };
 * neededGround(small, calibrateSheet(small).value.rate, usualSkill, 0.05) // => 10
 * neededGround(marked, calibrateSheet(marked).value.rate, usualSkill, 0.7) // => null
 */
export function neededGround(
	sheet: RefillSheet,
	rate: Measured<'volumePerArea'>,
	skill: MeasuringSkill,
	wanted: number
): number | null {
	const u = relativeU(rate);
	if (2 * u <= wanted) return null;
	const rest = u * u * (1 - (budgetOf(rate).used ?? 0));
	for (let times = 2; times <= mostTimes; times += 1) {
		const used = sheet.used.map((one) => after(one, times, sheet.tank));
		if (used.some((one) => one === null)) return null;
		const tank: Volume | undefined = sheet.tank;
		const volume = usedVolume(used as UsedReading[], tank, skill, steadyOf(sheet, skill));
		if (2 * Math.hypot(Math.sqrt(rest), relativeU(volume)) <= wanted) return times;
	}
	return null;
}
