import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import { si } from '../quantity/quantity';
import { tapedLength } from './course-speed';
import type { RowsWidth } from './sheet';

/**
 * Width that one pass of an orchard sprayer serves: row spacing × (every alley 1, every second 2) × (both sides 1, one side ½
 * where the other side of the row gets a pass of its own). Where it gets none, a pass with one side open is all that a row
 * gets, and stands for the whole row spacing.
 *
 * rowSpacing: m, over 0, as taped.
 * Source: geometry of rows; each alley serves half of the row to each side.
 * @example
 * rowsWidth({ kind: 'rows', rowSpacing: 5.5, alleys: 'second', sides: 'both' }, usualSkill).value // => 11
 * rowsWidth({ kind: 'rows', rowSpacing: 4, alleys: 'every', sides: 'one', otherSide: 'not' }, usualSkill).value // => 4
 */
export const rowsWidth = (reading: RowsWidth, skill: MeasuringSkill): Measured<'length'> =>
	tapedLength(si<'length'>(reading.rowSpacing * rowsPerPass(reading)), 'width', skill);

/**
 * Rows that one pass stands for: how much of the orchard is done by it.
 * @example
 * rowsPerPass({ alleys: 'every', sides: 'one', otherSide: 'sprayed' }) // => 0.5
 */
export const rowsPerPass = ({ alleys, sides, otherSide }: Pick<RowsWidth, 'alleys' | 'sides' | 'otherSide'>): number =>
	(alleys === 'second' ? 2 : 1) * (sides === 'one' && otherSide !== 'not' ? 0.5 : 1);
