import type { TypedLabel } from '../src/core';
import { t } from './sprayers';

const base: TypedLabel = {
	name: '',
	state: 'liquid',
	registration: '',
	group: '',
	formulation: '',
	mixes: 'solution',
	dose: { low: t('2 L/ha', 'L/ha'), high: null },
	max: null,
	seasonMax: null,
	volume: null,
	entryHours: null,
	rainFreeHours: null,
	harvestDays: null,
	plantBack: [],
	packs: [],
	packet: null,
	wind: t('15 km/h', 'km/h'),
	buffer: null,
	ppe: 'Gloves, eye cover, apron',
	notes: 'Invented for the demo farm: no label stands behind it.'
};

/** The invented products of the demo farm: earths, every one of them. */
export const demoProducts: readonly TypedLabel[] = [
	{
		...base,
		name: 'Sample Ochre',
		registration: 'SAMPLE-0001',
		group: '3',
		formulation: 'EC',
		mixes: 'emulsion',
		dose: { low: t('1.5 L/ha', 'L/ha'), high: t('2 L/ha', 'L/ha') },
		max: t('2 L/ha', 'L/ha'),
		seasonMax: t('6 L/ha', 'L/ha'),
		volume: { low: t('100 L/ha', 'L/ha'), high: t('1000 L/ha', 'L/ha') },
		entryHours: 12,
		rainFreeHours: 2,
		harvestDays: 21,
		actives: [{ name: 'Ochrazole', content: t('250 g/L', 'g/L') }],
		applications: 3,
		daysBetween: 10,
		concentrate: true,
		firstAid:
			'On skin: rinse with plenty of water. In eyes: rinse 15 minutes, lids open. Swallowed: call the poison centre, do not make the person vomit.',
		packs: [t('5 L', 'L'), t('10 L', 'L')],
		buffer: t('5 m', 'm')
	},
	{
		...base,
		name: 'Sample Feldspar',
		registration: 'SAMPLE-0002',
		group: 'M',
		state: 'dry',
		formulation: 'WG',
		mixes: 'dry',
		dose: { low: t('14 oz/ac', 'oz/ac'), high: null },
		max: t('1 kg/ha', 'kg/ha'),
		seasonMax: t('4 kg/ha', 'kg/ha'),
		entryHours: 24,
		harvestDays: 14,
		packs: [t('5 kg', 'kg')]
	},
	{
		...base,
		name: 'Sample Chalk',
		formulation: 'SL',
		mixes: 'wetter',
		dose: { low: t('0.1 %', '%'), high: t('0.25 %', '%') },
		dilution: 'mix',
		entryHours: 0,
		harvestDays: 0,
		packs: [t('1 L', 'L')],
		wind: null
	},
	{
		...base,
		name: 'Sample Umber',
		registration: 'SAMPLE-0004',
		group: '9',
		formulation: 'SL',
		dose: { low: t('32 fl oz/ac', 'US fl oz/ac'), high: null },
		max: t('64 fl oz/ac', 'US fl oz/ac'),
		entryHours: 4,
		harvestDays: 60,
		rainFreeHours: 4,
		actives: [{ name: 'Umberol', content: t('360 g/L', 'g/L') }],
		drops: 'medium',
		plantBack: [
			{ crop: 'clover', days: 120 },
			{ crop: 'linseed', days: 30 }
		],
		packs: [t('2.5 gal', 'US gal')],
		buffer: t('20 m', 'm')
	},
	{
		...base,
		name: 'Sample Tuff',
		registration: 'SAMPLE-0006',
		group: '14',
		formulation: 'SL',
		dose: { low: t('1 %', '%'), high: null },
		dilution: 'mix',
		max: t('4 L/ha', 'L/ha'),
		entryHours: 6,
		packs: [t('1 L', 'L')]
	},
	{
		...base,
		name: 'Sample Gneiss',
		registration: 'SAMPLE-0005',
		state: 'dry',
		formulation: 'WSB',
		mixes: 'packet',
		dose: { low: t('2 packets/ha', 'kg/ha'), high: null },
		packet: t('250 g', 'kg'),
		entryHours: 12,
		harvestDays: 7,
		packs: [t('1 kg', 'kg')]
	}
];
