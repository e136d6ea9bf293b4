import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Lie } from './claimed-reading';
import { claimedReading } from './claimed-reading';

export interface JugLevel {
	/** What its marks say of the water in it. */
	readonly shown: Volume;
	/** What is really in it. */
	readonly held: Volume;
	/** What ran over its brim. */
	readonly over: Volume;
}

/**
 * A jug under a nozzle: it fills, its marks may lie, and what is over its brim is on the ground.
 *
 * caught, brim: m³, 0 or more. Source: what goes in stays in, up to the brim.
 * @example
 * jugLevel(0.0005, 0.002, { gain: 1.1, offset: 0 }).shown // => 0.00055
 * jugLevel(0.0025, 0.002, { gain: 1, offset: 0 }).over // => 0.0005
 */
export function jugLevel(caught: Volume, brim: Volume, marks: Lie): JugLevel {
	const held = Math.min(caught, brim);
	return {
		shown: si<'volume'>(claimedReading(held, marks)),
		held: si<'volume'>(held),
		over: si<'volume'>(caught - held)
	};
}
