/**
 * How much of each nozzle of one side sprays into each zone of the canopy's height: the arc is cut into `zones` equal
 * parts, and a nozzle that straddles a cut gives to both by how much of it lies there.
 *
 * nozzles, zones: whole, over 0. A row a nozzle from the bottom up, a weight a zone; each row sums to 1.
 * Source: geometry of an arc cut into equal heights.
 * @example
 * zoneWeights(2, 1) // => [[1],[1]]
 * zoneWeights(3, 2) // => [[1,0],[0.5,0.5],[0,1]]
 */
export function zoneWeights(nozzles: number, zones: number): number[][] {
	// Counted in whole parts of a nozzle × a zone, so that a cut on a nozzle's edge leaves no crumb behind.
	return Array.from({ length: nozzles }, (_, i) =>
		Array.from({ length: zones }, (_, z) => {
			const from = Math.max(i * zones, z * nozzles);
			const to = Math.min((i + 1) * zones, (z + 1) * nozzles);
			return Math.max(0, to - from) / zones;
		})
	);
}
