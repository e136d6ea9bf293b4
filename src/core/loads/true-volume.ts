import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** What really went on the ground so far. */
export interface TrueVolume {
	readonly rate: VolumePerArea;
	/** True over calibrated, less one. */
	readonly gap: number;
	/** Too far from the calibration to rest on it. */
	readonly calibrateAgain: boolean;
	/** Mix that the ground that is left takes at the true volume. */
	readonly remaining: Volume;
}

/** Further off than this the calibration is in doubt. */
export const trueGap = 0.05;

/**
 * The true volume of a job under way, `(mixed − left) / area done`, and how much mix the ground that remains takes at it.
 *
 * mixed, left: m³; done, all: m². Null until something was sprayed on some ground.
 * Source: what went out, over the ground it went on.
 * @example
 * trueVolume(0.6, 0.02, 30000, 63000, 0.000018)?.gap.toFixed(4) // => "0.0741"
 * trueVolume(0.6, 0.6, 0, 63000, 0.000018) // => null
 */
export function trueVolume(
	mixed: Volume,
	left: Volume,
	done: Area,
	all: Area,
	calibrated: VolumePerArea
): TrueVolume | null {
	const used = mixed - left;
	if (!(used > 0) || !(done > 0)) return null;
	const rate = used / done;
	const gap = rate / calibrated - 1;
	return {
		rate: si<'volumePerArea'>(rate),
		gap,
		calibrateAgain: Math.abs(gap) > trueGap + 1e-9,
		remaining: si<'volume'>(Math.max(0, all - done) * rate)
	};
}
