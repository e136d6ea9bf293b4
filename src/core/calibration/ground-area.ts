import type { MeasuringSkill } from '../measurement/defaults';
import { tapeSource } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { multiply } from '../measurement/multiply';
import { si } from '../quantity/quantity';
import { rowsWidth } from './rows-width';
import type { AreaReading } from './sheet';

/**
 * Ground that was sprayed: stated, length × width, row × alley width, or a share of a block.
 *
 * Uncertainty: a stated area counts 1 %; two lengths of one tape share its error, so that it counts twice.
 * @example
 * groundArea({ by: 'sides', length: 4, width: 8 }, usualSkill).value // => 32
 * groundArea({ by: 'block', block: 4000, share: 0.25 }, usualSkill).value // => 1000
 */
export function groundArea(reading: AreaReading, skill: MeasuringSkill): Measured<'area'> {
	const taped = { input: 'area', relative: skill.tape, source: tapeSource } as const;
	switch (reading.by) {
		case 'stated':
			return measured(reading.area, [{ input: 'area', relative: skill.statedArea }]);
		case 'sides':
			return measured(si<'area'>(reading.length * reading.width), [taped, taped]);
		case 'row':
			return multiply<'area'>(measured(reading.row, [taped]), rowsWidth(reading.width, skill));
		case 'block':
			return measured(si<'area'>(reading.block * reading.share), [{ input: 'area', relative: skill.statedArea }]);
	}
}
