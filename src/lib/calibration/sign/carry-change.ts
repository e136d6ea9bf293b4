import type { MadeChange } from '$core';
import { applyChange, carriedRound, predictChange, roundBefore } from '$core';
import type { RoundStore } from '$lib/entries/round-store';
import type { RoundState } from '$lib/calibration/round.svelte';

/** The change of a signed round as its setting will keep it; null where none was picked. */
export function changeOf({ head, rig, entered: round, calibration }: RoundState): MadeChange | null {
	const { aim, change, signOff } = round;
	if (!aim || !change || !signOff || !calibration) return null;
	const predicted = predictChange(roundBefore(rig, round, calibration), change);
	if (!predicted.ok) return null;
	return {
		...change,
		after: head.id,
		day: signOff.day,
		aim,
		predicted: predicted.value.volume,
		sure: predicted.value.sure,
		carried: carriedRound(round)
	};
}

/**
 * Puts a signed change on the rig that this device keeps, so that the next round opens with it though the server, which
 * does the same, cannot be reached.
 */
export async function carryChange(store: Pick<RoundStore, 'rig' | 'keepRig'>, state: RoundState): Promise<void> {
	const { sprayerId, setting } = state.head;
	const change = changeOf(state);
	const checked = setting?.change?.after;
	if (!setting || (!change && !checked)) return;
	const kept = await store.rig(sprayerId);
	if (!kept) return;
	let { rig } = kept;
	const settings = kept.settings.map((one) => {
		if (one.id !== setting.id) return one;
		// A calibration has checked the change that its round began with.
		const { change: before, ...rest } = one;
		const current = before && before.after !== checked ? one : rest;
		if (!change) return current;
		const after = applyChange(rig, current, change);
		rig = after.rig;
		return after.setting;
	});
	await store.keepRig(sprayerId, { ...kept, rig, settings: settings as typeof kept.settings });
}
