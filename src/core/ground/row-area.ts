import type { Area, Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Ground of rows, `rows × length × spacing`.
 *
 * Source: geometry.
 * @example
 * rowArea(40, 150, 5.5) // => 33000
 */
export const rowArea = (rows: number, length: Length, spacing: Length): Area => si<'area'>(rows * length * spacing);
