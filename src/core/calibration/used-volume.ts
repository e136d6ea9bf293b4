import type { MeasuringSkill } from '../measurement/defaults';
import { mean } from '../measurement/mean';
import { meanUncertainty } from '../measurement/mean-uncertainty';
import type { Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { UsedReading } from './sheet';

/** Volume of one reading: what went from start to left, or what was added to come back to the mark. */
export const volumeUsed = (reading: UsedReading): number =>
	'added' in reading ? reading.added : reading.start - reading.left;

/**
 * Volume used, averaged over repeats.
 *
 * used: one or more readings, m³. tank: its size where it was refilled to its own mark, m³. Uncertainty of one: 0.5 % of
 * each volume read; a refill to the mark also has the mark's error twice, once for each filling (1 % of the tank each). Over
 * ground, one go wavers as its pace does, walked more than driven: `steady`, a share of what it took; 0 where it ran parked.
 * @example
 * usedVolume([{ start: 10, left: 4.1 }, { start: 10, left: 4.3 }], undefined, usualSkill).value // => 5.8
 */
export function usedVolume(
	used: readonly UsedReading[],
	tank: Volume | undefined,
	skill: MeasuringSkill,
	steady = 0
): Measured<'volume'> {
	const volumes = used.map(volumeUsed);
	const value = si<'volume'>(mean(volumes));
	const squares = used.map((one) => {
		if (!('added' in one)) return (skill.metered * one.start) ** 2 + (skill.metered * one.left) ** 2;
		const marks = tank === undefined ? 0 : 2 * (skill.tankMark * tank) ** 2;
		return (skill.metered * one.added) ** 2 + marks;
	});
	const uOne = Math.hypot(Math.sqrt(mean(squares)), steady * value);
	return measured(value, [{ input: 'used', relative: meanUncertainty(volumes, uOne) / value }]);
}
