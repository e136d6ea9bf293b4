import type { CalibrationBefore, Entry } from '$core';
import { quantityOf, relativeU, sprayerOf } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { skillOf } from '$lib/settings/skill';
import { readCalibration } from '$lib/show/read-calibration';
import type { CalibrationHead } from '$lib/wire/calibration-message';

/** What a signed calibration came to and was made at, for the one after it; null where it does not compute any more. */
export function calibrationBefore(
	head: Pick<CalibrationHead, 'rig' | 'setting'>,
	entries: readonly Entry[],
	settings: FarmSettings
): CalibrationBefore | null {
	const sprayer = sprayerOf(head.rig, entries);
	const read = readCalibration(sprayer, head.setting ?? null, entries, skillOf(settings), settings.evenRule);
	if (!read) return null;
	const { rate, speed, swath } = read.answer;
	return {
		rate: rate.value,
		relativeU95: 2 * relativeU(rate),
		pressure: quantityOf(read.entered.gauge),
		speed: speed?.value ?? null,
		width: swath?.treated.value ?? null
	};
}
