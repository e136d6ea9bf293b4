import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * The true speed where a dial or a screen shows one, from what it showed at a measured speed: it is taken to be off by one share
 * at every speed.
 *
 * Source: a share off at one speed is the same share off at another nearby.
 * @example
 * speedOfDial(2, 1.9, 2.1).toFixed(4) // => "1.8095"
 */
export const speedOfDial = (shown: Speed, measured: Speed, dial: Speed): Speed =>
	si<'speed'>((shown * measured) / dial);
