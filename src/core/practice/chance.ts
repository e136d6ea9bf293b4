/**
 * A seeded source of numbers: the same seed and the same place in a practice yard give the same ones, on any machine. Each
 * thing that is drawn has a stream of its own, so that what was done before changes nothing of what is drawn after.
 *
 * Source: mulberry32 for uniform numbers, Box–Muller for normal ones.
 * @example
 * new Chance(7, 'faults').next() === new Chance(7, 'faults').next() // => true
 * new Chance(7, 'faults').next() === new Chance(7, 'course').next() // => false
 */
export class Chance {
	#state: number;

	constructor(seed: number, stream = '') {
		let state = (seed ^ 0x9e3779b9) >>> 0;
		for (let i = 0; i < stream.length; i += 1) state = Math.imul(state ^ stream.charCodeAt(i), 0x01000193) >>> 0;
		this.#state = state;
		// The first numbers of neighbouring seeds are alike: a few steps take them apart.
		for (let i = 0; i < 3; i += 1) this.next();
	}

	/** Uniform in [0, 1). */
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

	/** Normal about 0. */
	normal(deviation: number): number {
		const u = 1 - this.next();
		return deviation * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * this.next());
	}

	/** A whole number from low to high, both included. */
	whole(low: number, high: number): number {
		return Math.floor(this.between(low, high + 1));
	}

	pick<T>(list: readonly T[]): T {
		return list[this.whole(0, list.length - 1)]!;
	}

	either(): boolean {
		return this.next() < 0.5;
	}
}
