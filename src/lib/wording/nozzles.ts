import type { DropletClass, Nozzle, NozzleKind } from '../../core';

/** What a kind of nozzle is called. */
export const nozzleKindWords: Readonly<Record<NozzleKind, string>> = {
	'flat-fan': 'Flat fan',
	'pre-orifice': 'Pre-orifice fan',
	'air-induction': 'Air induction fan',
	'hollow-cone': 'Hollow cone',
	'full-cone': 'Full cone',
	'off-centre': 'Off-centre',
	'disc-core': 'Disc and core'
};

export const dropletWords: Readonly<Record<DropletClass, string>> = {
	'extremely-fine': 'extremely fine',
	'very-fine': 'very fine',
	fine: 'fine',
	medium: 'medium',
	coarse: 'coarse',
	'very-coarse': 'very coarse',
	'extremely-coarse': 'extremely coarse',
	'ultra-coarse': 'ultra coarse'
};

/** A nozzle by name: a generic entry goes by its kind and size. */
export const nozzleName = (nozzle: Pick<Nozzle, 'key' | 'name' | 'kind' | 'size'>): string =>
	nozzle.key.startsWith('iso-') ? `${nozzleKindWords[nozzle.kind]} ${nozzle.size}` : nozzle.name;

/** All words that a nozzle is found by. */
export const nozzleText = (nozzle: Pick<Nozzle, 'key' | 'name' | 'kind' | 'size'>): string =>
	`${nozzleName(nozzle)} ${nozzle.kind} ${nozzle.size}`.toLowerCase();
