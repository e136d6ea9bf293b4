import { randomInt } from 'node:crypto';

/** No letter or digit that is taken for another when it is said or read. */
const letters = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';
const long = 8;

/** A code for a class: 40 bits, short enough to be called across a yard. */
export const newClassCode = (): string =>
	Array.from({ length: long }, () => letters[randomInt(letters.length)]!).join('');

/** A seed that nobody knows before the class begins. */
export const newClassSeed = (): number => randomInt(1_000_000_000);
