import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { tapedLength } from './course-speed';
import type { BandWidth } from './sheet';

/**
 * Treated width of bands or directed spraying, `band × bands`.
 *
 * Source: geometry; a band is treated, what lies between is not.
 * @example
 * bandWidth({ kind: 'band', band: 0.25, bands: 6, rowSpacing: 0.75, rows: 6 }, usualSkill).value // => 1.5
 */
export const bandWidth = (reading: BandWidth, skill: MeasuringSkill): Measured<'length'> =>
	tapedLength(si<'length'>(reading.band * reading.bands), 'width', skill);

/**
 * Field width that the same pass covers, `row spacing × rows`: the field's spray volume is the treated one times treated
 * over field width.
 * @example
 * fieldWidth({ kind: 'band', band: 0.25, bands: 6, rowSpacing: 0.75, rows: 6 }) // => 4.5
 */
export const fieldWidth = (reading: BandWidth): Length => si<'length'>(reading.rowSpacing * reading.rows);
