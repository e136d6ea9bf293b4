import type { Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { slack } from './load-volumes';

/** A load of whole containers. */
export interface PackLoad {
	readonly mix: Volume;
	/** Containers of the product that leads; the last load may open one that it does not empty. */
	readonly packs: number;
}

/**
 * Loads that each use whole containers of one product: as many as a tank takes; the last load does what is left, with part
 * of a container where it does not come out even. Null where one container makes more than a tank of mix.
 *
 * mix, tank: m³. perPack: m³ of mix that one container makes at the planned strength.
 * @example
 * packLoads(1134, 600, 250) // => [{"mix":500,"packs":2},{"mix":500,"packs":2},{"mix":134,"packs":0.536}]
 * packLoads(1000, 600, 700) // => null
 */
export function packLoads(mix: Volume, tank: Volume, perPack: Volume): PackLoad[] | null {
	const packs = Math.floor(tank / perPack + slack);
	if (packs < 1) return null;
	const full = packs * perPack;
	const whole = Math.max(0, Math.ceil(mix / full - slack) - 1);
	const rest = mix - whole * full;
	return [
		...Array.from({ length: whole }, () => ({ mix: si<'volume'>(full), packs })),
		{ mix: si<'volume'>(rest), packs: Number((rest / perPack).toPrecision(12)) }
	];
}
