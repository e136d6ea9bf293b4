import type { Fan } from '$core';

/** The ground under a boom as fans lay it down: how far they reach, and what each of them gives. */
export interface StripeAsked {
	readonly fans: readonly Fan[];
	/** m to each side of a nozzle. */
	readonly reach: number;
	/** Width of the swath, m, from its left edge at 0. */
	readonly width: number;
}

export type ComputeStripe = (
	fans: readonly Fan[],
	reach: number,
	from: number,
	to: number,
	cells: number
) => Promise<number[]>;

/** Strips that a drawing is cut into. */
const stripes = 144;

/**
 * The stripe as it is shown. What was asked last is what is shown: an answer that comes late is dropped, and only one
 * question is under way at a time.
 */
export class GroundStripeState {
	/** Share of the mean of each strip; empty until the first answer. */
	strips = $state.raw<readonly number[]>([]);
	readonly #compute: ComputeStripe;
	#waiting: StripeAsked | null = null;
	#running = false;

	constructor(compute: ComputeStripe) {
		this.#compute = compute;
	}

	async ask(asked: StripeAsked): Promise<void> {
		this.#waiting = asked;
		if (this.#running) return;
		this.#running = true;
		try {
			while (this.#waiting) {
				const { fans, reach, width } = this.#waiting;
				this.#waiting = null;
				const gets = await this.#compute(fans, reach, 0, width, stripes);
				if (!this.#waiting) this.strips = shares(gets);
			}
		} finally {
			this.#running = false;
		}
	}
}

/** Each strip against the mean of the inner ones: the outermost nozzles have no neighbour to overlap with. */
function shares(gets: readonly number[]): number[] {
	const edge = Math.floor(gets.length / 10);
	const inner = gets.slice(edge, gets.length - edge);
	const mean = inner.reduce((s, v) => s + v, 0) / inner.length;
	return mean > 0 ? gets.map((v) => v / mean) : gets.map(() => 0);
}

/** Strips that get under three quarters of the mean, and those that get over five quarters. */
export const stripeFaults = (strips: readonly number[]): { readonly thin: number; readonly double: number } => {
	const edge = Math.floor(strips.length / 20);
	const inner = strips.slice(edge, strips.length - edge);
	const share = (test: (v: number) => boolean) => inner.filter(test).length / Math.max(1, inner.length);
	return { thin: share((v) => v < 0.75), double: share((v) => v > 1.25) };
};
