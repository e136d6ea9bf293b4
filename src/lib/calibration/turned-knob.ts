import { m } from '$words';
import { dayText } from '$lib/settings/day-text';
import type { MethodCalibration, FoldedCalibration, VolumePerArea } from '$core';
import { expectedAfter, quantityOf } from '$core';
import { changedWords } from '$lib/wording/events';

/** What a knob that was turned since the calibration before should have brought, by what was measured of it. */
export interface TurnedKnob {
	readonly predicted: VolumePerArea;
	readonly sure: number;
	/** Where the prediction is from, in words that stand after its figure. */
	readonly since: string;
}

/** Null where nothing was carried over, or nothing foretells what was changed. */
export function turnedKnob(
	{ carried, gauge }: FoldedCalibration,
	{ speed, swath }: MethodCalibration
): TurnedKnob | null {
	const before = carried?.before;
	if (!before) return null;
	const predicted = expectedAfter(before, carried.changed, {
		pressure: quantityOf(gauge),
		speed: speed?.value ?? null,
		width: swath?.treated.value ?? null
	});
	const what = carried.changed.map((thing) => changedWords[thing]).join(', ');
	const since = m.from_the_calibration_of_and_the({ day: dayText(carried.day), what });
	return predicted === null ? null : { predicted, sure: before.relativeU95, since };
}
