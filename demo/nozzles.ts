import type { TypedNozzle } from '../src/core';
import { t } from './sprayers';

/** Cones of the invented orchard, by their flow at 10 bar. */
const cone = (at10: number): TypedNozzle => ({
	name: at10.toFixed(1),
	kind: 'hollow-cone',
	size: '',
	angle: 80,
	range: { low: t('5 bar', 'bar'), high: t('20 bar', 'bar') },
	points: [5, 10, 15].map((bar) => ({
		pressure: t(`${bar} bar`, 'bar'),
		flow: t(`${(at10 * Math.sqrt(bar / 10)).toFixed(2)} L/min`, 'L/min')
	})),
	classes: [
		{ pressure: t('5 bar', 'bar'), drops: 'fine' },
		{ pressure: t('12 bar', 'bar'), drops: 'very-fine' }
	]
});

const driftFan: TypedNozzle = {
	name: 'Sample slow fan 025',
	kind: 'air-induction',
	size: '025',
	angle: 110,
	range: { low: t('1.5 bar', 'bar'), high: t('6 bar', 'bar') },
	points: [
		{ pressure: t('2 bar', 'bar'), flow: t('0.82 L/min', 'L/min') },
		{ pressure: t('3 bar', 'bar'), flow: t('1.00 L/min', 'L/min') },
		{ pressure: t('5 bar', 'bar'), flow: t('1.29 L/min', 'L/min') }
	],
	classes: [
		{ pressure: t('1.5 bar', 'bar'), drops: 'extremely-coarse' },
		{ pressure: t('3 bar', 'bar'), drops: 'very-coarse' },
		{ pressure: t('4.5 bar', 'bar'), drops: 'coarse' }
	]
};

export const demoNozzles: readonly { readonly nozzle: TypedNozzle; readonly shed: boolean }[] = [
	...[0.8, 1.2, 1.8, 2.5].map((q) => ({ nozzle: cone(q), shed: q !== 0.8 })),
	{ nozzle: driftFan, shed: true }
];
export const demoShed = ['iso-flat-fan-02', 'iso-flat-fan-03', 'iso-flat-fan-04', 'iso-air-induction-03'] as const;
