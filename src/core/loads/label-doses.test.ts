import { describe, expect, it } from 'vitest';
import type { Typed } from '../quantity/typed';
import { readContent, readDensity } from './read-content';
import type { DoseReading } from './read-dose';
import { readAmount, readDose } from './read-dose';

const liquid: DoseReading = {
	gallon: 'US',
	state: 'liquid',
	actives: [{ name: 'ochrate', content: 480 }],
	density: 1200
};
const bare: DoseReading = { gallon: 'US', state: 'liquid' };
const dry: DoseReading = { gallon: 'US', state: 'dry', actives: [{ name: 'umberol', content: 0.75 }] };
const premix: DoseReading = {
	gallon: 'US',
	state: 'liquid',
	actives: [
		{ name: 'ochrate', content: 200 },
		{ name: 'chalkin', content: 100 }
	]
};

/** The figure of a dose: m³/m² or kg/m², a share, or kg in a cubic metre. */
const figure = (text: string, reading: DoseReading): number | string => {
	const read = readDose(text, reading, 'dose');
	if (!read.ok) return read.issues[0]!.code;
	const d = read.value;
	return d.basis === 'shareLiquid' ? d.share : d.basis === 'shareDry' ? d.perVolume : d.dose;
};

describe('doses as labels write them', () => {
	it.each<[string, DoseReading, number]>([
		['0.25 % v/v', bare, 0.0025],
		['0.25% v/v', bare, 0.0025],
		['5 % w/v', dry, 50],
		['2 % w/v', liquid, 20 / 1200],
		['100 ml/hl', bare, 0.001],
		['250 ml / hL', bare, 0.0025],
		['1.5 kg/hl', dry, 15],
		['1:50', bare, 1 / 51],
		['1 : 49', bare, 0.02],
		['750 g a.i./ha', liquid, 7.5e-5 / 480],
		['750 g ai/ha', liquid, 7.5e-5 / 480],
		['0.75 kg a.e./ha', liquid, 7.5e-5 / 480],
		['0.5 lb a.i./ac', liquid, (0.5 * 0.45359237) / 4046.8564224 / 480],
		['750 g/ha a.i.', liquid, 7.5e-5 / 480],
		['750 g active ingredient per ha', liquid, 7.5e-5 / 480],
		['300 g a.i./ha', dry, 3e-5 / 0.75],
		['48 g a.i./100 L', liquid, 0.48 / 480],
		['200 ppm', liquid, 0.2 / 480],
		['150 ppm a.i.', dry, 0.15 / 0.75],
		['1.2 kg/ha', liquid, 1.2e-4 / 1200],
		['120 g/100 L', liquid, 1.2 / 1200],
		['400 g chalkin a.i./ha', premix, 4e-5 / 100],
		['400 g a.i. ochrate/ha', premix, 4e-5 / 200]
	])('%s is read', (text, reading, wanted) => {
		const read = figure(text, reading);
		expect(typeof read === 'number' ? read / wanted : read).toBeCloseTo(1, 12);
	});

	it.each<[string, DoseReading, string]>([
		['750 g a.i./ha', bare, 'no-content'],
		['200 ppm', bare, 'no-content'],
		['400 g a.i./ha', premix, 'which-active'],
		['200 ppm', premix, 'which-active'],
		['2 L a.i./ha', liquid, 'wrong-kind'],
		['1.2 kg/ha', bare, 'no-density'],
		['5 % w/v', bare, 'no-density'],
		['41 % w/w', liquid, 'weight-percent'],
		['0.25 % v/v', dry, 'wrong-kind'],
		['1:50', dry, 'wrong-kind'],
		['1:0.5', bare, 'too-large'],
		['0:50', bare, 'zero'],
		['1:2:3', bare, 'unreadable'],
		['0 ppm', liquid, 'zero'],
		['60 % v/v', bare, 'too-large'],
		['-1 % v/v', bare, 'negative'],
		['0.25 % x/y', bare, 'unreadable'],
		['750 g a.i.', liquid, 'per-what'],
		['12 oz', bare, 'per-what'],
		['12 oz', dry, 'per-what'],
		['12 oz', { gallon: 'US' }, 'per-what'],
		['14 oz/ac', { gallon: 'US' }, 'ambiguous-oz']
	])('%s is refused, never half read', (text, reading, code) => expect(figure(text, reading)).toBe(code));

	it('takes an amount of a liquid by weight only with its density', () => {
		const read = readAmount('2.4 kg', liquid, 'pack');
		expect(read.ok && read.value).toEqual({ kind: 'volume', amount: 0.002 });
		const without = readAmount('2.4 kg', bare, 'pack');
		expect(without.ok ? '' : without.issues[0]!.code).toBe('no-density');
	});
});

const typed = (text: string, gallon: Typed['gallon'] = 'US'): Typed => ({ text, unit: '', gallon });
const value = (read: ReturnType<typeof readDensity>) => (read.ok ? read.value : read.issues[0]!.code);

describe('what a product holds', () => {
	it.each<[string, 'liquid' | 'dry', number | null, number]>([
		['480 g/L', 'liquid', null, 480],
		['0.48 kg per litre', 'liquid', null, 480],
		['4 lb/gal', 'liquid', null, (4 * 0.45359237) / 3.785411784e-3],
		['48 % w/v', 'liquid', null, 480],
		['41 % w/w', 'liquid', 1170, 479.7],
		['410 g/kg', 'liquid', 1170, 479.7],
		['75 %', 'dry', null, 0.75],
		['75 % w/w', 'dry', null, 0.75],
		['750 g/kg', 'dry', null, 0.75],
		['12 oz/lb', 'dry', null, 0.75]
	])('%s (%s) is read', (text, state, density, wanted) =>
		expect(value(readContent(typed(text), state, density, 'actives'))).toBeCloseTo(wanted, 9)
	);
	it.each<[string, 'liquid' | 'dry', number | null, string]>([
		['41 %', 'liquid', 1170, 'weight-percent'],
		['41 % w/w', 'liquid', null, 'no-density'],
		['410 g/kg', 'liquid', null, 'no-density'],
		['480 g/L', 'dry', null, 'unreadable'],
		['120 %', 'dry', null, 'too-large'],
		['3000 g/L', 'liquid', null, 'too-large'],
		['48 % v/v', 'liquid', null, 'unreadable'],
		['0 g/L', 'liquid', null, 'zero'],
		['much', 'liquid', null, 'unreadable'],
		['', 'liquid', null, 'empty']
	])('%s (%s) is refused', (text, state, density, code) =>
		expect(value(readContent(typed(text), state, density, 'actives'))).toBe(code)
	);
	it('and how heavy it is', () => {
		expect([
			value(readDensity(typed('1.28'), '')),
			value(readDensity(typed('1.28 kg/L'), '')),
			value(readDensity(typed('12 lb/gal', 'Imperial'), '')),
			value(readDensity(typed('0.2'), '')),
			value(readDensity(typed('3'), '')),
			value(readDensity(typed('1 L/kg'), '')),
			value(readDensity(typed(''), ''))
		]).toEqual([1280, 1280, (12 * 0.45359237) / 4.54609e-3, 'too-small', 'too-large', 'unreadable', 'empty']);
	});
});
