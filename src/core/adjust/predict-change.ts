import type { Result } from '../quantity/issue';
import type { TypedChange } from './change';
import type { Before, Prediction } from './predict-volume';
import { predictVolume } from './predict-volume';
import { readChange } from './read-change';

/**
 * What a change as it was typed is predicted to bring: read at its door, then predicted.
 *
 * Errors: those of `readChange` and of `predictVolume`.
 * @example
 * predictChange({ calibration: { rate: { value: 0.000015 }, speed: { value: 2 }, flow: null, relativeUncertainty95: 0.03 }, pressure: null, on: [1] }, { speed: { text: '3', unit: 'm/s', gallon: 'US' } }).value // => {"volume":0.00001,"sure":0.03}
 */
export function predictChange(before: Before, change: TypedChange): Result<Prediction> {
	const read = readChange(change);
	return read.ok ? predictVolume(before, read.value) : read;
}
