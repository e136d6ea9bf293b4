import type { TypedSprayer, Typed } from '../src/core';

export const t = (text: string, unit: string): Typed => ({ text, unit, gallon: 'US' });

export const longMeadow: TypedSprayer = {
	kind: 'boom',
	name: 'Long-meadow boom',
	tank: t('300 gal', 'US gal'),
	nozzles: 12,
	spacing: t('20 in', 'in'),
	sections: [4, 4, 4],
	nozzle: '110-03',
	rated: { flow: t('0.30 gal/min', 'US gal/min'), at: t('40 psi', 'psi') },
	drive: 'pto',
	agitation: t('40 gal', 'US gal'),
	pressures: { low: t('20 psi', 'psi'), high: t('80 psi', 'psi') },
	fan: { angle: 110, height: t('20 in', 'in') },
	pump: t('22 gal/min', 'US gal/min'),
	speeds: { low: t('3 mph', 'mph'), high: t('8 mph', 'mph') }
};

export const barleyBoom: TypedSprayer = {
	kind: 'boom',
	name: 'Barley-field boom',
	tank: t('800 L', 'L'),
	nozzles: 24,
	spacing: t('50 cm', 'cm'),
	sections: [6, 6, 6, 6],
	nozzle: '110-04',
	rated: { flow: t('1.6 L/min', 'L/min'), at: t('3 bar', 'bar') }
};

const arc = ['1.0', '1.5', '1.5', '1.5', '2.0', '2.0', '2.0', '2.0'];
const at = t('10 bar', 'bar');

export const hazelBlower: TypedSprayer = {
	kind: 'airblast',
	name: 'Hazel-row blower',
	tank: t('1000 L', 'L'),
	nozzles: 16,
	sections: [8, 8],
	nozzle: 'cone',
	rated: null,
	groups: [...arc, ...arc],
	ratings: {
		'1.0': { flow: t('1.00 L/min', 'L/min'), at },
		'1.5': { flow: t('1.50 L/min', 'L/min'), at },
		'2.0': { flow: t('2.00 L/min', 'L/min'), at }
	},
	drive: 'pto',
	agitation: t('150 L', 'L'),
	dead: t('6 L', 'L'),
	pump: t('90 L/min', 'L/min'),
	stir: t('45 L/min', 'L/min'),
	speeds: { low: t('2.5 km/h', 'km/h'), high: t('7 km/h', 'km/h') },
	rowSpacing: t('5.5 m', 'm')
};

export const trackThrower: TypedSprayer = {
	kind: 'boomless',
	name: 'Farm-track thrower',
	tank: t('60 gal', 'US gal'),
	nozzles: 4,
	sections: [2, 2],
	nozzle: 'off-centre',
	rated: { flow: t('0.8 gal/min', 'US gal/min'), at: t('30 psi', 'psi') },
	groups: ['edge', 'middle', 'middle', 'edge'],
	drive: 'battery',
	makerSwath: t('24 ft', 'ft'),
	makerHeights: { low: t('34 in', 'in'), high: t('42 in', 'in') }
};

export const nurseryKnapsack: TypedSprayer = {
	kind: 'knapsack',
	name: 'Nursery knapsack',
	tank: t('15 L', 'L'),
	nozzles: 1,
	sections: [1],
	nozzle: '80-02 even',
	rated: { flow: t('0.8 L/min', 'L/min'), at: t('2 bar', 'bar') },
	carried: 'lever'
};

export const demoSprayers = [longMeadow, barleyBoom, hazelBlower, trackThrower, nurseryKnapsack] as const;
