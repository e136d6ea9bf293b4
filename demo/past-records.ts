import type { RecordIn } from '../src/lib/files/record-files';
import type { SprayRecord } from '../src/core';
import { demoAsked } from './jobs';
import { demoProducts } from './products';

const day = 86_400_000;
/** The blocks of the demo with their areas, m². */
const ground = {
	'Long meadow': { area: 85_400, crop: 'Linseed', sprayer: 'Long-meadow boom' },
	'Barley field': { area: 129_000, crop: 'Spring barley', sprayer: 'Barley-field boom' },
	'Hazel rows': { area: 29_304, crop: 'Hazel', sprayer: 'Hazel-row blower' },
	'Cider pears': { area: 14_900, crop: 'Cider pear', sprayer: 'Hazel-row blower' }
} as const;

/** What the farm's older sheets say: days ago, where, which product, L or kg a hectare, volume in L/ha, why, who. */
const sheets: readonly (readonly [number, keyof typeof ground, string, number, number, string, string])[] = [
	[962, 'Barley field', 'Sample Umber', 2.34, 182, 'Broad weeds', 'A. Sample'],
	[955, 'Hazel rows', 'Sample Ochre', 1.75, 610, 'Hazel mite', 'A. Sample'],
	[940, 'Cider pears', 'Sample Feldspar', 0.98, 590, 'Pear scab', 'B. Sample'],
	[921, 'Hazel rows', 'Sample Ochre', 1.75, 604, 'Hazel mite', 'A. Sample'],
	[915, 'Long meadow', 'Sample Umber', 2.3, 171, 'Grasses', 'B. Sample'],
	[905, 'Cider pears', 'Sample Feldspar', 0.98, 601, 'Pear scab', 'B. Sample'],
	[603, 'Barley field', 'Sample Umber', 2.34, 179, 'Broad weeds', 'B. Sample'],
	[590, 'Hazel rows', 'Sample Ochre', 1.6, 598, 'Hazel mite', 'A. Sample'],
	[577, 'Cider pears', 'Sample Feldspar', 1.1, 588, 'Pear scab', 'A. Sample'],
	[561, 'Long meadow', 'Sample Umber', 2.34, 176, 'Grasses', 'B. Sample'],
	[548, 'Cider pears', 'Sample Feldspar', 1.1, 592, 'Pear scab', 'A. Sample'],
	[533, 'Cider pears', 'Sample Ochre', 1.5, 590, 'Pear midge', 'A. Sample'],
	[226, 'Barley field', 'Sample Umber', 2.34, 183, 'Broad weeds', 'B. Sample'],
	[214, 'Cider pears', 'Sample Feldspar', 0.98, 597, 'Pear scab', 'A. Sample'],
	[199, 'Hazel rows', 'Sample Ochre', 1.75, 606, 'Hazel mite', 'A. Sample'],
	[186, 'Cider pears', 'Sample Feldspar', 0.98, 603, 'Pear scab', 'B. Sample'],
	[171, 'Long meadow', 'Sample Umber', 2.34, 177, 'Grasses', 'B. Sample'],
	[158, 'Hazel rows', 'Sample Ochre', 1.75, 601, 'Hazel mite', 'A. Sample']
];

/** Three seasons from before the farm had Fallow, as they are taken in from a file. `blockId` by its name. */
export function pastRecords(now: number, blockId: (name: string) => string): RecordIn[] {
	return sheets.map(([daysAgo, name, product, perHectare, litres, target, operator]) => {
		const label = demoProducts.find((p) => p.name === product)!;
		const { area, crop, sprayer } = ground[name];
		const dry = label.state === 'dry';
		const perGround = perHectare / (dry ? 1e4 : 1e7);
		const record: SprayRecord = {
			...demoAsked,
			format: 'fallow-record/1',
			day: new Date(now - daysAgo * day).toISOString().slice(0, 10),
			startedAt: null,
			endedAt: null,
			blocks: [{ id: blockId(name), name, area, share: 1, part: null }],
			area,
			products: [
				{
					id: '',
					name: product,
					registration: label.registration,
					group: label.group,
					dose: { text: `${perHectare} ${dry ? 'kg/ha' : 'L/ha'}`, unit: '', gallon: 'US' },
					kind: dry ? 'mass' : 'volume',
					total: perGround * area,
					perGround,
					entryHours: label.entryHours,
					harvestDays: label.harvestDays
				}
			],
			plannedVolume: litres / 1e7,
			trueVolume: litres / 1e7,
			mix: (litres / 1e7) * area,
			sprayer,
			calibrationId: null,
			takenIn: true,
			speed: null,
			weather: { before: null, end: null },
			operator,
			crop,
			stage: '',
			target,
			buffer: '',
			remarks: 'From the paper sheet'
		};
		return { id: '', record, amendments: [] };
	});
}
