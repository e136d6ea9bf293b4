/**
 * Coefficient of variation across one full repeat of neighbouring passes: population standard deviation over mean.
 *
 * pans: what each of n equal pans caught, left to right, any one unit. swath: distance between passes in pan spacings, a
 * whole number from 1. mirrored: driven back and forth, so that every second pass lies mirrored and a repeat is two
 * swaths; else one. Returns a share; Infinity where the pattern gives nothing.
 * Source: coefficient of variation over the whole of one repeat.
 * @example
 * overlapCv([1, 1, 1, 1], 2, false) // => 0
 * overlapCv([1, 2, 1], 3, false) // => 0.3535533905932738
 */
export function overlapCv(pans: readonly number[], swath: number, mirrored: boolean): number {
	const n = pans.length;
	const cells = swath * (mirrored ? 2 : 1);
	const reach = Math.ceil(n / swath) + 1;
	const totals = new Float64Array(cells);
	// Pass m covers the cells from m × swath on; those that reach into the repeat from before its start count too.
	for (let pass = -reach; pass <= (mirrored ? 1 : 0) + reach; pass += 1) {
		const turned = mirrored && pass % 2 !== 0;
		for (let i = 0; i < n; i += 1) {
			const cell = pass * swath + i;
			if (cell >= 0 && cell < cells) totals[cell]! += pans[turned ? n - 1 - i : i]!;
		}
	}
	let sum = 0;
	for (const t of totals) sum += t;
	const mean = sum / cells;
	if (!(mean > 0)) return Infinity;
	let squares = 0;
	for (const t of totals) squares += (t - mean) ** 2;
	return Math.sqrt(squares / cells) / mean;
}
