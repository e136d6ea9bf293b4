import type { Nozzle, SprayerKind } from '../../core/index';

/** Kind of nozzle that a kind of sprayer usually carries, for a range where nothing better is known. */
export const usualKind = {
	boom: 'flat-fan',
	boomless: 'off-centre',
	airblast: 'hollow-cone',
	knapsack: 'flat-fan'
} as const satisfies Record<SprayerKind, Nozzle['kind']>;

/** Kinds of nozzle that a kind of sprayer is fitted with: nobody puts hollow cones for trees on a boom of flat fans. */
export const suitingKinds: Readonly<Record<SprayerKind, readonly Nozzle['kind'][]>> = {
	boom: ['flat-fan', 'pre-orifice', 'air-induction'],
	boomless: ['off-centre'],
	airblast: ['hollow-cone', 'full-cone', 'disc-core'],
	knapsack: ['flat-fan', 'pre-orifice', 'air-induction', 'hollow-cone', 'full-cone']
};

/** Which nozzle of the table is fitted: the one of that name, else the generic one whose size its stamp ends in. */
export function fittedNozzle(stamp: string, kind: SprayerKind, table: readonly Nozzle[]): Nozzle | null {
	const name = stamp.trim().toLowerCase();
	if (name === '') return null;
	const same = table.find((n) => n.name.toLowerCase() === name && !n.key.startsWith('iso-'));
	if (same) return same;
	const size = /(?:^|[-\s])(\d{2,3})(?:\s|$)/.exec(name)?.[1];
	return table.find((n) => n.key === `iso-${usualKind[kind]}-${size}`) ?? null;
}
