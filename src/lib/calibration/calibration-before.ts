import type { CalibrationBefore, Entry } from '$core';
import { quantityOf, relativeU, rigOf } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { skillOf } from '$lib/settings/skill';
import { readCalibration } from '$lib/show/read-calibration';
import type { RoundHead } from '$lib/wire/round-message';

/** What a signed calibration came to and was made at, for the one after it; null where it does not compute any more. */
export function calibrationBefore(
	head: Pick<RoundHead, 'rig' | 'setting'>,
	entries: readonly Entry[],
	settings: FarmSettings
): CalibrationBefore | null {
	const rig = rigOf(head.rig, entries);
	const read = readCalibration(rig, head.setting ?? null, entries, skillOf(settings), settings.evenRule);
	if (!read) return null;
	const { rate, speed, swath } = read.calibration;
	return {
		rate: rate.value,
		relativeU95: 2 * relativeU(rate),
		pressure: quantityOf(read.round.gauge),
		speed: speed?.value ?? null,
		width: swath?.treated.value ?? null
	};
}
