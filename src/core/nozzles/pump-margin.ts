import type { Flow, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Share of a tank that its agitation takes in a minute where nobody said. */
export const usualStir = 0.05;

/**
 * What a stirred tank takes of the pump where the sprayer does not say: 5 % of the tank a minute, m³/s.
 * @example
 * usualAgitation(1.2).toFixed(6) // => "0.001000"
 */
export const usualAgitation = (tank: Volume): Flow => si<'flow'>((tank * usualStir) / 60);

export interface PumpMargin {
	readonly needed: Flow;
	/** What is left of the pump; under 0 it is too small. */
	readonly spare: Flow;
	readonly enough: boolean;
}

/**
 * Whether a pump feeds the nozzles and the agitation: `capacity − (nozzles + agitation)`.
 *
 * All m³/s.
 * Source: balance of flow at the pump; usual practice for agitation.
 * @example
 * pumpMargin(40, 8, 60) // => {"needed":48,"spare":12,"enough":true}
 */
export function pumpMargin(nozzles: Flow, agitation: Flow, capacity: Flow): PumpMargin {
	const needed = si<'flow'>(nozzles + agitation);
	return { needed, spare: si<'flow'>(capacity - needed), enough: needed <= capacity * (1 + 1e-9) };
}
