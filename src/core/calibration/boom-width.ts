import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { tapedLength } from './course-speed';

/**
 * Swath of a boom: nozzles that are on × spacing; the outer edge lies half a spacing past the last nozzle.
 *
 * nozzlesOn: 1 or more. spacing: m, over 0, as taped. Returns m with the tape's error.
 * Source: geometry of evenly spaced nozzles.
 * @example
 * boomWidth(8, 0.5, usualSkill).value // => 4
 */
export const boomWidth = (nozzlesOn: number, spacing: Length, skill: MeasuringSkill): Measured<'length'> =>
	tapedLength(si<'length'>(nozzlesOn * spacing), 'width', skill);
