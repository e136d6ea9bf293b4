import type { BlockKind, SprayerKind } from '$core';

/** The kinds of sprayer that each kind of ground is sprayed with, the usual one first. */
const suits: Readonly<Record<BlockKind, readonly SprayerKind[]>> = {
	field: ['boom', 'boomless'],
	orchard: ['airblast', 'knapsack'],
	bed: ['knapsack', 'boom'],
	strip: ['knapsack', 'boomless', 'boom'],
	surface: ['knapsack']
};

/** The calibration to offer for a kind of ground: the first of the kind of sprayer that suits it best; nothing where none does. */
export function suited<T extends { readonly rig: { readonly kind: SprayerKind } }>(
	ground: BlockKind,
	calibrations: readonly T[]
): T | undefined {
	for (const kind of suits[ground]) {
		const first = calibrations.find((c) => c.rig.kind === kind);
		if (first) return first;
	}
	return undefined;
}
