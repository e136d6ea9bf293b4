import type { Area, Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * How far to drive so that the jug's reading is the answer: a course that covers a round part of the unit of ground,
 * `d = A / W`. With A = 1/128 acre, US fluid ounces read as gal/ac; with 10 m², millilitres read as L/ha.
 *
 * area: ground that one jug's nozzle covers, m². width: that the nozzle serves, m. Returns m.
 * Source: the unit of ground over the width, for as many small measures as the jug has in its large one.
 * @example
 * readingCourse(10, 0.5) // => 20
 * readingCourse(4046.8564224 / 128, 20 * 0.0254) / 0.3048 // => 204.1875
 */
export const readingCourse = (area: Area, width: Length): Length => si<'length'>(area / width);
