import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * What to hold the dial at to drive a wanted speed, from what it said at a measured one: the dial is taken to be off
 * by one share at every speed.
 *
 * Source: a share off at one speed is the same share off at another nearby.
 * @example
 * dialFor(5, 7.89, 8.2) // => 5.196451204055767
 */
export const dialFor = (wanted: Speed, measuredSpeed: Speed, dial: Speed): Speed =>
	si<'speed'>((wanted * dial) / measuredSpeed);
