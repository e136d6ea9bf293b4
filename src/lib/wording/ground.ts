import type { BlockKind, Compass, NeighbourKind, TypedExtent } from '../../core';

export const blockKindWords: Readonly<Record<BlockKind, string>> = {
	field: 'Field',
	orchard: 'Orchard block',
	bed: 'Bed',
	strip: 'Strip',
	surface: 'Surface'
};

export const neighbourWords: Readonly<Record<NeighbourKind, string>> = {
	water: 'Water',
	hives: 'Hives',
	houses: 'Houses',
	'sensitive-crop': 'A sensitive crop',
	road: 'A road',
	stock: 'Stock'
};

export const compassWords: Readonly<Record<Compass, string>> = {
	N: 'north',
	NE: 'north-east',
	E: 'east',
	SE: 'south-east',
	S: 'south',
	SW: 'south-west',
	W: 'west',
	NW: 'north-west'
};

export const extentWords: Readonly<Record<TypedExtent['by'], string>> = {
	area: 'Area',
	sides: 'Length × width',
	rows: 'Rows',
	trees: 'Trees',
	boundary: 'Boundary'
};
