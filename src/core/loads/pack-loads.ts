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
 * of a container where it does not come out even. Null where one container makes more than a tank of mix, or where no such
 * last load holds the dead volume.
 *
 * mix, tank: m³. perPack: m³ of mix that one container makes at the planned strength. dead: m³ of the mix that stays in the
 * last load, at most the mix.
 * Source: whole containers, each for the ground that its dose does.
 * @example
 * packLoads(1134, 600, 250, 0) // => [{"mix":500,"packs":2},{"mix":500,"packs":2},{"mix":134,"packs":0.536}]
 * packLoads(1134, 600, 250, 150) // => [{"mix":500,"packs":2},{"mix":250,"packs":1},{"mix":384,"packs":1.536}]
 * packLoads(1000, 600, 700, 0) // => null
 */
export function packLoads(mix: Volume, tank: Volume, perPack: Volume, dead: Volume): PackLoad[] | null {
	const packs = Math.floor(tank / perPack + slack);
	if (packs < 1) return null;
	const full = packs * perPack;
	const loads = Math.max(0, Math.ceil(mix / full - slack) - 1);
	// Whole containers before the last load; a last load too small for the dead volume takes some of them.
	const small = mix - loads * full;
	const moved = small < dead ? Math.ceil((dead - small) / perPack - slack) : 0;
	const before = Math.max(0, loads * packs - moved);
	const last = mix - before * perPack;
	if (last > tank * (1 + slack)) return null;
	const part = before % packs;
	return [
		...Array.from({ length: Math.floor(before / packs) }, () => ({ mix: si<'volume'>(full), packs })),
		...(part > 0 ? [{ mix: si<'volume'>(part * perPack), packs: part }] : []),
		{ mix: si<'volume'>(last), packs: Number((last / perPack).toPrecision(12)) }
	];
}
