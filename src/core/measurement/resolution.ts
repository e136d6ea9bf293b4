/**
 * Standard uncertainty of a reading taken to the nearest mark: one division over √12.
 *
 * Source: a rectangular distribution over one division.
 * @example
 * resolution(10) // => 2.8867513459481287
 */
export const resolution = (division: number): number => division / Math.sqrt(12);
