import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import { si } from '../quantity/quantity';
import { tapedLength } from './course-speed';
import type { RowsWidth } from './sheet';

/**
 * Width that one pass of an orchard sprayer serves: row spacing × (every alley 1, every second 2) × (both sides 1, one ½).
 *
 * rowSpacing: m, over 0, as taped.
 * @example
 * rowsWidth({ kind: 'rows', rowSpacing: 5.5, alleys: 'second', sides: 'both' }, usualSkill).value // => 11
 */
export const rowsWidth = (reading: RowsWidth, skill: MeasuringSkill): Measured<'length'> =>
	tapedLength(
		si<'length'>(reading.rowSpacing * (reading.alleys === 'second' ? 2 : 1) * (reading.sides === 'one' ? 0.5 : 1)),
		'width',
		skill
	);
