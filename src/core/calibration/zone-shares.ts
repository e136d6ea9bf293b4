import { zoneWeights } from './zone-weights';

/**
 * Share of the spray by height of the canopy, from the bottom zone up, of one or both sides of an arc.
 *
 * sides: flows of each side from the bottom nozzle up, any one unit; a side's arc is cut into `zones` equal parts, and a
 * nozzle that straddles a cut gives to both by how much of it lies there. Shares sum to 1; all 0 where nothing flows.
 * Source: each nozzle’s flow, cut where its fan crosses the zones.
 * @example
 * zoneShares([[1, 1, 2, 2, 3, 3]], 3).map((s) => s.toFixed(3)) // => ["0.167","0.333","0.500"]
 */
export function zoneShares(sides: readonly (readonly number[])[], zones: number): number[] {
	const sums = new Array<number>(zones).fill(0);
	for (const flows of sides)
		zoneWeights(flows.length, zones).forEach((weights, i) =>
			weights.forEach((weight, z) => (sums[z]! += flows[i]! * weight))
		);
	const total = sums.reduce((s, v) => s + v, 0);
	return total > 0 ? sums.map((s) => s / total) : sums;
}
