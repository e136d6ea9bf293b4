import type { KeptWatch } from '$lib/entries/calibration-store';

export interface StopwatchOutside {
	/** Wall clock, ms. A running watch is kept by it, so that it survives a reload. */
	readonly now: () => number;
	/** A clock that never jumps, ms. While the page lives, time is measured by it. */
	readonly steady: () => number;
	readonly keep: (watch: KeptWatch | null) => Promise<void>;
}

/**
 * A stopwatch: started by one press, stopped by the next, which yields the time. `tick` is called by whoever draws it.
 */
export class Stopwatch {
	readonly #outside: StopwatchOutside;
	#startedSteady = 0;
	running = $state(false);
	/** Shown time, s. */
	elapsed = $state(0);
	/** The watch was found running after a reload: its start is known by the wall clock only. */
	carriedOver = $state(false);

	constructor(outside: StopwatchOutside) {
		this.#outside = outside;
	}

	/** Takes up a watch that was running when the page went away. */
	resume(watch: KeptWatch | null): void {
		if (!watch || this.running) return;
		const gone = Math.max(0, this.#outside.now() - watch.startedAt);
		this.#startedSteady = this.#outside.steady() - gone;
		this.carriedOver = true;
		this.running = true;
		this.tick();
	}

	start(): void {
		if (this.running) return;
		this.#startedSteady = this.#outside.steady();
		this.elapsed = 0;
		this.carriedOver = false;
		this.running = true;
		void this.#outside.keep({ startedAt: this.#outside.now() });
	}

	/** Stops and returns the time in seconds, to the hundredth that a thumb cannot beat. */
	stop(): number {
		this.tick();
		this.running = false;
		void this.#outside.keep(null);
		return this.elapsed;
	}

	cancel(): void {
		this.running = false;
		this.elapsed = 0;
		void this.#outside.keep(null);
	}

	tick(): void {
		if (this.running) this.elapsed = Math.round((this.#outside.steady() - this.#startedSteady) / 10) / 100;
	}
}
