import type { Carried, Carrier, Drive, Rig, SprayerKind } from '$core';
import { typedText } from '$lib/settings/typed-text';

export const kindWords: Readonly<Record<SprayerKind, { readonly name: string; readonly what: string }>> = {
	boom: { name: 'Boom', what: 'nozzles in a row at one spacing' },
	boomless: { name: 'Boomless', what: 'a few nozzles that throw to the sides' },
	airblast: { name: 'Airblast', what: 'nozzles on an arc before a fan' },
	knapsack: { name: 'Carried', what: 'a knapsack or mist blower on a back' }
};

export const driveWords: Readonly<Record<Drive, string>> = {
	pto: 'PTO',
	engine: 'its own engine',
	ground: 'ground wheel',
	battery: 'battery',
	hand: 'by hand'
};

export const carrierWords: Readonly<Record<Carrier, string>> = {
	tractor: 'a tractor',
	'self-propelled': 'itself: it is self-propelled',
	atv: 'an ATV or UTV'
};

export const carriedWords: Readonly<Record<Carried, string>> = {
	lever: 'Lever knapsack',
	compressed: 'Compression sprayer',
	battery: 'Battery knapsack',
	mist: 'Mist blower'
};

/** A rig in one line: what it is made of, by its own numbers. */
export function describeRig(rig: Rig): string {
	const parts: (string | false | undefined)[] = (() => {
		if (rig.uncounted) return [kindWords[rig.kind].name, 'nozzles not counted yet', rig.nozzle];
		switch (rig.kind) {
			case 'boom':
				return [
					`${rig.nozzles} nozzles${rig.stacked && rig.stacked > 1 ? `, ${rig.stacked} at each place` : ''}${rig.spacing ? ` at ${typedText(rig.spacing)}` : ''}`,
					rig.nozzle,
					rig.band && `bands of ${typedText(rig.band.band)}`
				];
			case 'boomless':
				return [`Boomless, ${rig.nozzles} ${rig.nozzles === 1 ? 'nozzle' : 'nozzles'}`, rig.nozzle];
			case 'airblast':
				return [
					`2 × ${rig.nozzles / 2} nozzles${rig.groups ? `, ${new Set(rig.groups).size} sizes` : ''}`,
					rig.rowSpacing && `${typedText(rig.rowSpacing)} rows`
				];
			case 'knapsack':
				return [carriedWords[rig.carried ?? 'lever'], rig.nozzle];
		}
	})();
	return parts.filter(Boolean).join(' · ');
}
