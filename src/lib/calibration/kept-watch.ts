import type { CalibrationStore } from '$lib/entries/calibration-store';
import { Stopwatch } from '$lib/kit/stopwatch.svelte';

/** What a stopwatch needs of the device. */
export interface WatchDevice {
	/** Wall clock and steady clock, ms. */
	readonly now: () => number;
	readonly steady: () => number;
	readonly store: Pick<CalibrationStore, 'keepWatch' | 'watch'>;
}

/** A stopwatch of one step of one calibration: one that was running goes on after a reload. */
export function keptWatch(
	device: WatchDevice,
	what: 'run' | 'plot' | 'parked' | 'catch',
	calibrationId: string
): Stopwatch {
	const key = `${what}:${calibrationId}`;
	const watch = new Stopwatch({
		now: device.now,
		steady: device.steady,
		keep: (running) => device.store.keepWatch(key, running)
	});
	void device.store.watch(key).then((kept) => watch.resume(kept));
	return watch;
}
