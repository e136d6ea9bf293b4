export interface Fan {
	/** Place of the nozzle across the swath, m. */
	readonly at: number;
	/** m³/s. */
	readonly flow: number;
}

/** Share of a tapered fan that falls left of a place, `x` in reaches from the nozzle: a triangle, full in the middle. */
const leftOf = (x: number): number => {
	if (x <= -1) return 0;
	if (x >= 1) return 1;
	return x < 0 ? (1 + x) ** 2 / 2 : 1 - (1 - x) ** 2 / 2;
};

/**
 * What each strip of the ground gets from fans that overlap: every nozzle's flow spread as a triangle over its reach.
 *
 * fans: in any order. reach: m to each side of a nozzle, over 0. from, to: edges of the ground, m; cells: strips between
 * them, 1 or more. Returns the flow that falls on each strip, m³/s; what falls outside is left out.
 * Source: a tapered flat fan, made to be overlapped, taken as a triangle.
 * @example
 * groundStripe([{ at: 0.5, flow: 4 }, { at: 1.5, flow: 4 }], 1, 0, 2, 2) // => [3.5,3.5]
 */
export function groundStripe(fans: readonly Fan[], reach: number, from: number, to: number, cells: number): number[] {
	const strips = new Array<number>(cells).fill(0);
	const width = (to - from) / cells;
	for (const { at, flow } of fans) {
		const first = Math.max(0, Math.floor((at - reach - from) / width));
		const last = Math.min(cells - 1, Math.floor((at + reach - from) / width));
		let before = leftOf((from + first * width - at) / reach);
		for (let i = first; i <= last; i += 1) {
			const until = leftOf((from + (i + 1) * width - at) / reach);
			strips[i]! += flow * (until - before);
			before = until;
		}
	}
	return strips;
}
