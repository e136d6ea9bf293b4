import type { Typed } from '../quantity/typed';
import type { TypedSprayer } from '../sprayer/sprayer';

const t = (text: string, unit: string): Typed => ({ text, unit, gallon: 'US' });

/** What a practice sprayer has besides what its owner would type, in the words of its measures. */
export interface PracticeSprayer {
	readonly sprayer: TypedSprayer;
	/** Speed in each gear at the usual rpm; on foot the pace. */
	readonly speeds: readonly Typed[];
	/** Gear that it is left in, from 0. */
	readonly gear: number;
	readonly rpm: number;
	/** What the gauge is left at; null where there is none. */
	readonly gauge: Typed | null;
	/** Pressure at which the nozzle of a lever or a blower gives its rated flow. */
	readonly works: Typed;
	readonly height: Typed;
	readonly course: Typed;
	/** Ground for a refill or a plot. */
	readonly ground: { readonly length: Typed; readonly width: Typed };
	readonly pump: { readonly flow: Typed; readonly stir: Typed; readonly relief: Typed };
	/** Width that is carried, or thrown at the gauge and the height above. */
	readonly width: Typed | null;
	readonly jug: { readonly marks: Typed; readonly brim: Typed };
	/** Whether it has a counter of its revs, and a dial of its speed. */
	readonly counter: boolean;
	readonly dial: boolean;
}

const metricJug = { marks: t('10', 'ml'), brim: t('2', 'L') };
const usJug = { marks: t('0.5', 'US fl oz'), brim: t('64', 'US fl oz') };
const pumpOf = (unit: string, flow: string, stir: string, relief: Typed) => ({
	flow: t(flow, unit),
	stir: t(stir, unit),
	relief
});
const kmh = (...speeds: string[]) => speeds.map((v) => t(v, 'km/h'));
const mph = (...speeds: string[]) => speeds.map((v) => t(v, 'mph'));

const cone = (flow: string) => ({ flow: t(flow, 'L/min'), at: t('10', 'bar') });
const arc = ['1.2', '1.6', '2.0', '1.6', '1.2'];

/** The invented sprayers of the practice yard. */
const sprayers = {
	'boom-m': {
		sprayer: {
			kind: 'boom',
			name: 'Yard boom 6 m',
			tank: t('800', 'L'),
			nozzles: 12,
			spacing: t('50', 'cm'),
			sections: [4, 4, 4],
			nozzle: '110-03',
			rated: { flow: t('1.2', 'L/min'), at: t('3', 'bar') },
			drive: 'pto',
			carrier: 'tractor',
			fan: { angle: 110, height: t('50', 'cm') }
		},
		speeds: kmh('5.4', '6.5', '7.6', '9', '10.8'),
		gear: 2,
		rpm: 540,
		gauge: t('3', 'bar'),
		works: t('3', 'bar'),
		height: t('50', 'cm'),
		course: t('60', 'm'),
		ground: { length: t('200', 'm'), width: t('6', 'm') },
		pump: pumpOf('L/min', '100', '20', t('8', 'bar')),
		width: null,
		jug: metricJug,
		counter: true,
		dial: true
	},
	'boom-us': {
		sprayer: {
			kind: 'boom',
			name: 'Yard boom 20 ft',
			tank: t('200', 'gal'),
			nozzles: 12,
			spacing: t('20', 'in'),
			sections: [4, 4, 4],
			nozzle: '110-025',
			rated: { flow: t('0.25', 'gal/min'), at: t('40', 'psi') },
			drive: 'pto',
			carrier: 'tractor',
			fan: { angle: 110, height: t('20', 'in') }
		},
		speeds: mph('3.5', '4.2', '5', '6', '7'),
		gear: 2,
		rpm: 540,
		gauge: t('40', 'psi'),
		works: t('40', 'psi'),
		height: t('20', 'in'),
		course: t('200', 'ft'),
		ground: { length: t('600', 'ft'), width: t('20', 'ft') },
		pump: pumpOf('gal/min', '26', '5', t('120', 'psi')),
		width: null,
		jug: usJug,
		counter: true,
		dial: true
	},
	'boom-wide': {
		sprayer: {
			kind: 'boom',
			name: 'Yard boom 16 nozzles',
			tank: t('300', 'gal'),
			nozzles: 16,
			spacing: t('20', 'in'),
			sections: [4, 4, 4, 4],
			nozzle: '110-03',
			rated: { flow: t('0.3', 'gal/min'), at: t('40', 'psi') },
			drive: 'pto',
			carrier: 'tractor',
			fan: { angle: 110, height: t('20', 'in') }
		},
		speeds: mph('4', '5', '6', '7', '8'),
		gear: 2,
		rpm: 540,
		gauge: t('40', 'psi'),
		works: t('40', 'psi'),
		height: t('20', 'in'),
		course: t('200', 'ft'),
		ground: { length: t('600', 'ft'), width: t('26 ft 8 in', 'ft') },
		pump: pumpOf('gal/min', '32', '6', t('120', 'psi')),
		width: null,
		jug: usJug,
		counter: true,
		dial: true
	},
	'thrower-us': {
		sprayer: {
			kind: 'boomless',
			name: 'Yard thrower',
			tank: t('60', 'gal'),
			nozzles: 2,
			sections: [1, 1],
			nozzle: 'side nozzle',
			rated: { flow: t('1', 'gal/min'), at: t('40', 'psi') },
			drive: 'battery',
			carrier: 'atv'
		},
		speeds: mph('3.5', '4.2', '5', '6'),
		gear: 2,
		rpm: 540,
		gauge: t('40', 'psi'),
		works: t('40', 'psi'),
		height: t('36', 'in'),
		course: t('200', 'ft'),
		ground: { length: t('600', 'ft'), width: t('20 ft 5 in', 'ft') },
		pump: pumpOf('gal/min', '7', '1', t('70', 'psi')),
		width: t('24', 'ft'),
		jug: { marks: t('1', 'US fl oz'), brim: t('128', 'US fl oz') },
		counter: false,
		dial: true
	},
	'thrower-m': {
		sprayer: {
			kind: 'boomless',
			name: 'Yard thrower 8 m',
			tank: t('200', 'L'),
			nozzles: 2,
			sections: [1, 1],
			nozzle: 'side nozzle',
			rated: { flow: t('5', 'L/min'), at: t('3', 'bar') },
			drive: 'battery',
			carrier: 'atv'
		},
		speeds: kmh('5.4', '6.2', '7', '8.5'),
		gear: 2,
		rpm: 540,
		gauge: t('3', 'bar'),
		works: t('3', 'bar'),
		height: t('90', 'cm'),
		course: t('60', 'm'),
		ground: { length: t('200', 'm'), width: t('6.8', 'm') },
		pump: pumpOf('L/min', '28', '4', t('5', 'bar')),
		width: t('8', 'm'),
		jug: { marks: t('25', 'ml'), brim: t('5', 'L') },
		counter: false,
		dial: true
	},
	'blower-m': {
		sprayer: {
			kind: 'airblast',
			name: 'Yard blower',
			tank: t('1000', 'L'),
			nozzles: 10,
			sections: [5, 5],
			nozzle: 'cone',
			rated: null,
			groups: [...arc, ...arc],
			ratings: { '1.2': cone('1.2'), '1.6': cone('1.6'), '2.0': cone('2.0') },
			drive: 'pto',
			rowSpacing: t('4.5', 'm')
		},
		speeds: kmh('4.2', '5', '5.8', '7'),
		gear: 2,
		rpm: 540,
		gauge: t('10', 'bar'),
		works: t('10', 'bar'),
		height: t('90', 'cm'),
		course: t('60', 'm'),
		ground: { length: t('240', 'm'), width: t('4.5', 'm') },
		pump: pumpOf('L/min', '80', '15', t('25', 'bar')),
		width: null,
		jug: metricJug,
		counter: true,
		dial: true
	},
	'blower-us': {
		sprayer: {
			kind: 'airblast',
			name: 'Yard blower 18 ft rows',
			tank: t('400', 'gal'),
			nozzles: 12,
			sections: [6, 6],
			nozzle: 'cone',
			rated: { flow: t('0.6', 'gal/min'), at: t('150', 'psi') },
			drive: 'pto',
			rowSpacing: t('18', 'ft')
		},
		speeds: mph('2', '2.5', '3', '3.7'),
		gear: 2,
		rpm: 540,
		gauge: t('150', 'psi'),
		works: t('150', 'psi'),
		height: t('36', 'in'),
		course: t('200', 'ft'),
		ground: { length: t('800', 'ft'), width: t('18', 'ft') },
		pump: pumpOf('gal/min', '25', '4', t('350', 'psi')),
		width: null,
		jug: { marks: t('1', 'US fl oz'), brim: t('128', 'US fl oz') },
		counter: true,
		dial: true
	},
	'knapsack-m': {
		sprayer: {
			kind: 'knapsack',
			name: 'Yard knapsack',
			tank: t('15', 'L'),
			nozzles: 1,
			sections: [1],
			nozzle: '110-02',
			rated: { flow: t('0.8', 'L/min'), at: t('3', 'bar') },
			drive: 'hand',
			carried: 'lever'
		},
		speeds: kmh('3.6'),
		gear: 0,
		rpm: 0,
		gauge: null,
		works: t('2', 'bar'),
		height: t('50', 'cm'),
		course: t('30', 'm'),
		ground: { length: t('50', 'm'), width: t('1', 'm') },
		pump: pumpOf('L/min', '1', '0', t('6', 'bar')),
		width: t('1', 'm'),
		jug: metricJug,
		counter: false,
		dial: false
	},
	'knapsack-us': {
		sprayer: {
			kind: 'knapsack',
			name: 'Yard knapsack 4 gal',
			tank: t('4', 'gal'),
			nozzles: 1,
			sections: [1],
			nozzle: 'fan 03',
			rated: { flow: t('0.3', 'gal/min'), at: t('40', 'psi') },
			drive: 'hand',
			carried: 'lever'
		},
		speeds: mph('2.2'),
		gear: 0,
		rpm: 0,
		gauge: null,
		works: t('30', 'psi'),
		height: t('20', 'in'),
		course: t('100', 'ft'),
		ground: { length: t('111', 'ft'), width: t('3', 'ft') },
		pump: pumpOf('gal/min', '0.3', '0', t('80', 'psi')),
		width: t('3', 'ft'),
		jug: usJug,
		counter: false,
		dial: false
	},
	'mist-m': {
		sprayer: {
			kind: 'knapsack',
			name: 'Yard mist blower',
			tank: t('12', 'L'),
			nozzles: 1,
			sections: [1],
			nozzle: 'opening 2',
			rated: { flow: t('1.4', 'L/min'), at: t('0.2', 'bar') },
			drive: 'engine',
			carried: 'mist'
		},
		speeds: kmh('3.2'),
		gear: 0,
		rpm: 6000,
		gauge: null,
		works: t('0.2', 'bar'),
		height: t('1', 'm'),
		course: t('30', 'm'),
		ground: { length: t('60', 'm'), width: t('2.5', 'm') },
		pump: pumpOf('L/min', '2', '0', t('1', 'bar')),
		width: t('2.5', 'm'),
		jug: metricJug,
		counter: true,
		dial: false
	},
	'mist-us': {
		sprayer: {
			kind: 'knapsack',
			name: 'Yard mist blower 3 gal',
			tank: t('3', 'gal'),
			nozzles: 1,
			sections: [1],
			nozzle: 'opening 3',
			rated: { flow: t('0.5', 'gal/min'), at: t('3', 'psi') },
			drive: 'engine',
			carried: 'mist'
		},
		speeds: mph('2'),
		gear: 0,
		rpm: 6000,
		gauge: null,
		works: t('3', 'psi'),
		height: t('40', 'in'),
		course: t('100', 'ft'),
		ground: { length: t('120', 'ft'), width: t('8', 'ft') },
		pump: pumpOf('gal/min', '0.6', '0', t('15', 'psi')),
		width: t('8', 'ft'),
		jug: usJug,
		counter: true,
		dial: false
	}
} as const satisfies Readonly<Record<string, PracticeSprayer>>;

export type PracticeSprayerName = keyof typeof sprayers;
export const practiceSprayers: Readonly<Record<PracticeSprayerName, PracticeSprayer>> = sprayers;
