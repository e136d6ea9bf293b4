import { slack } from './load-volumes';

/**
 * Containers that have to be opened for an amount, `⌈amount / pack − 1e-9⌉`, and one for the least of it.
 *
 * amount, pack: any one unit, over 0.
 * Source: counting.
 * @example
 * packsOpened(12.6, 5) // => 3
 * packsOpened(10, 5) // => 2
 * packsOpened(1e-9, 5) // => 1
 */
export const packsOpened = (amount: number, pack: number): number => Math.max(1, Math.ceil(amount / pack - slack));
