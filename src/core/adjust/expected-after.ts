import type { Pressure, Speed, Length, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { ChangedThing } from '../calibration-log/entries';

/** What a calibration was made at: null where it did not measure it. */
export interface MadeAt {
	readonly pressure: Pressure | null;
	readonly speed: Speed | null;
	readonly width: Length | null;
}

/** A calibration that another one comes after. */
export interface CalibrationBefore extends MadeAt {
	readonly rate: VolumePerArea;
	/** 2u of it, as a share. */
	readonly relativeU95: number;
}

/**
 * The spray volume that a turned knob should bring: from the calibration before, by the square root of the pressure, the
 * inverse of the speed and of the width, each where it was changed and measured both times. Null where other nozzles or another
 * person are part of the change, which nothing foretells, or where something that was changed was not measured.
 *
 * changed: what was said to be other; engine speed moves the pressure too. now: what this calibration measured.
 * Source: q = k √P; R = q ÷ (v W).
 * @example
 * const before = { rate: 2e-5, relativeU95: 0.04, pressure: 4e5, speed: 2, width: 6 };
 * expectedAfter(before, ['pressure'], { pressure: 3.24e5, speed: 2, width: 6 }).toFixed(8) // => "0.00001800"
 * expectedAfter(before, ['gear'], { pressure: 4e5, speed: 2.5, width: 6 }).toFixed(8) // => "0.00001600"
 * expectedAfter(before, ['nozzles'], { pressure: 4e5, speed: 2, width: 6 }) // => null
 */
export function expectedAfter(
	before: CalibrationBefore,
	changed: readonly ChangedThing[],
	now: MadeAt
): VolumePerArea | null {
	if (changed.includes('nozzles') || changed.includes('person')) return null;
	const ratio = (what: keyof MadeAt): number | null => {
		const [was, is] = [before[what], now[what]];
		return was !== null && is !== null && was > 0 && is > 0 ? is / was : null;
	};
	const has = (...things: readonly ChangedThing[]) => things.some((t) => changed.includes(t));
	const pressure = has('pressure', 'engine') ? ratio('pressure') : 1;
	const speed = has('gear', 'engine') ? ratio('speed') : 1;
	const width = has('width') ? ratio('width') : 1;
	return pressure === null || speed === null || width === null
		? null
		: si<'volumePerArea'>((before.rate * Math.sqrt(pressure)) / (speed * width));
}
