import type { MadeChange } from '$core';
import { applyChange, carriedReadings, predictChange, beforeOf } from '$core';
import type { CalibrationStore } from '$lib/entries/calibration-store';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

/** The change of a signed calibration as its setting will keep it; null where none was picked. */
export function changeOf({ head, sprayer, entered, answer }: CalibrationState): MadeChange | null {
	const { aim, change, signOff } = entered;
	if (!aim || !change || !signOff || !answer) return null;
	const predicted = predictChange(beforeOf(sprayer, entered, answer), change);
	if (!predicted.ok) return null;
	return {
		...change,
		after: head.id,
		day: signOff.day,
		aim,
		predicted: predicted.value.volume,
		sure: predicted.value.sure,
		carried: carriedReadings(entered)
	};
}

/**
 * Puts a signed change on the sprayer that this device keeps, so that the next calibration opens with it though the server, which
 * does the same, cannot be reached.
 */
export async function carryChange(
	store: Pick<CalibrationStore, 'sprayer' | 'keepSprayer'>,
	state: CalibrationState
): Promise<void> {
	const { sprayerId, setting } = state.head;
	const change = changeOf(state);
	const checked = setting?.change?.after;
	if (!setting || (!change && !checked)) return;
	const kept = await store.sprayer(sprayerId);
	if (!kept) return;
	let { rig: sprayer } = kept;
	const settings = kept.settings.map((one) => {
		if (one.id !== setting.id) return one;
		// A calibration has checked the change that it began with.
		const { change: before, ...rest } = one;
		const current = before && before.after !== checked ? one : rest;
		if (!change) return current;
		const after = applyChange(sprayer, current, change);
		sprayer = after.sprayer;
		return after.setting;
	});
	await store.keepSprayer(sprayerId, { ...kept, rig: sprayer, settings: settings as typeof kept.settings });
}
