/** How much faster the yard's time runs where only waiting is left. */
export const fastBy = 8;

/**
 * The yard's clock: as the wall's, or faster where only waiting is left. It never goes back, whatever its speed is set to; watches
 * and what they time go by it alike.
 */
export class YardClock {
	readonly #steady: () => number;
	#real: number;
	#yard = 0;
	#by = 1;

	/** `steady`: a clock that never jumps, ms. */
	constructor(steady: () => number) {
		this.#steady = steady;
		this.#real = steady();
	}

	/** Time in the yard, ms. */
	readonly now = (): number => this.#yard + (this.#steady() - this.#real) * this.#by;

	get fast(): boolean {
		return this.#by > 1;
	}

	run(fast: boolean): void {
		this.#yard = this.now();
		this.#real = this.#steady();
		this.#by = fast ? fastBy : 1;
	}
}
