import type { Boundary, Position, TypedBlock } from '../src/core';
import { t } from './sprayers';

/** Where the invented farm lies: in the open ocean, where the simulated receiver drives too. */
const origin: Position = [-10.25, -30.5];
/** Corners in metres east and north of there, as degrees. */
const outline = (...corners: readonly (readonly [number, number])[]): Boundary => {
	const ring = corners.map(([east, north]): Position => [
		Number((origin[0] + east / 95_974).toFixed(7)),
		Number((origin[1] + north / 110_852).toFixed(7))
	]);
	return [[[...ring, ring[0]!]]];
};

const base: TypedBlock = {
	name: '',
	kind: 'field',
	extent: { by: 'boundary' },
	crop: '',
	stage: '',
	spacing: null,
	neighbours: [],
	notes: '',
	boundary: null
};

/** The ground of the invented farm: linseed and barley, hazel and cider pears, a nursery strip and the tracks. */
export const demoBlocks: readonly TypedBlock[] = [
	{
		...base,
		name: 'Long meadow',
		crop: 'Linseed',
		stage: 'stem growing',
		boundary: outline([0, 0], [430, 18], [418, 196], [212, 232], [-6, 176]),
		neighbours: [{ what: 'water', side: 'S', note: 'the mill ditch' }]
	},
	{
		...base,
		name: 'Barley field',
		crop: 'Spring barley',
		stage: 'tillering',
		boundary: outline([460, 10], [905, 40], [880, 330], [440, 300]),
		neighbours: [{ what: 'hives', side: 'NE', note: '' }]
	},
	{
		...base,
		name: 'Hazel rows',
		kind: 'orchard',
		crop: 'Hazel',
		stage: 'leaves unfolding',
		extent: { by: 'rows', rows: 36, length: t('148 m', 'm'), spacing: t('5.5 m', 'm') },
		boundary: outline([-20, 260], [178, 262], [178, 410], [-20, 408]),
		neighbours: [{ what: 'houses', side: 'W', note: 'the lane' }]
	},
	{
		...base,
		name: 'Cider pears',
		kind: 'orchard',
		crop: 'Cider pear',
		stage: 'green bud',
		extent: { by: 'trees', trees: 620, inRow: t('4 m', 'm'), spacing: t('6 m', 'm') }
	},
	{
		...base,
		name: 'Nursery strip',
		kind: 'strip',
		crop: 'Young pears',
		extent: { by: 'sides', length: t('90 m', 'm'), width: t('1.2 m', 'm') }
	},
	{
		...base,
		name: 'Barn wall',
		kind: 'surface',
		extent: { by: 'area', area: t('1350 m2', 'ha') }
	}
];
