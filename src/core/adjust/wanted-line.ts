import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { pressureOn } from './pressure-on';
import type { Reach, WantedLine } from './reach';
import { speedOn } from './speed-on';
import { volumeAt } from './volume-at';

/**
 * Where a wanted volume lies inside what a sprayer can reach: faster asks for more pressure, so it is one stretch.
 *
 * Source: the four corners of what speeds and pressures can do.
 * @example
 * wantedLine({ points: [{ pressure: 3, flow: 0.00002 }], served: 0.5, specificGravity: 1, speeds: { low: 1, high: 3 }, pressures: { low: 3, high: 12 } }, 0.00002) // => {"inside":true,"speeds":{"low":2,"high":3},"pressures":{"low":3,"high":6.75}}
 */
export function wantedLine(reach: Reach, wanted: VolumePerArea): WantedLine {
	const low = Math.max(reach.speeds.low, speedOn(reach, wanted, reach.pressures.low));
	const high = Math.min(reach.speeds.high, speedOn(reach, wanted, reach.pressures.high));
	if (low <= high) {
		const speeds = { low: si<'speed'>(low), high: si<'speed'>(high) };
		const pressures = { low: pressureOn(reach, wanted, speeds.low), high: pressureOn(reach, wanted, speeds.high) };
		return { inside: true, speeds, pressures };
	}
	const most = volumeAt(reach, reach.speeds.low, reach.pressures.high);
	if (wanted > most) return { inside: false, why: 'too-little', bound: most };
	return { inside: false, why: 'too-much', bound: volumeAt(reach, reach.speeds.high, reach.pressures.low) };
}
