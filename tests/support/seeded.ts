/** A seeded source of numbers for tests that compare many made-up cases: the same seed gives the same cases. */
export class Seeded {
	#state: number;
	constructor(seed: number) {
		this.#state = seed >>> 0;
	}

	/** Uniform in [0, 1): mulberry32. */
	next(): number {
		this.#state = (this.#state + 0x6d2b79f5) >>> 0;
		let t = this.#state;
		t = Math.imul(t ^ (t >>> 15), t | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	}

	between(low: number, high: number): number {
		return low + (high - low) * this.next();
	}

	/** Normal with a mean and a standard deviation: Box–Muller. */
	normal(mean: number, deviation: number): number {
		const u = 1 - this.next();
		return mean + deviation * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * this.next());
	}

	whole(low: number, high: number): number {
		return Math.floor(this.between(low, high + 1));
	}
}
