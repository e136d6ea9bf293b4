import type { Area, Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Ground of trees, `trees × spacing in the row × row spacing`.
 *
 * Source: geometry.
 * @example
 * treeArea(800, 4, 5) // => 16000
 */
export const treeArea = (trees: number, inRow: Length, betweenRows: Length): Area =>
	si<'area'>(trees * inRow * betweenRows);
