import { describe, expect, it } from 'vitest';
import type { Result } from '../quantity/issue';
import { readContent, readDensity } from './read-content';

const typed = (text: string, comma = false) => ({ text, unit: '', gallon: 'US' as const, comma });
const told = (read: Result<number>, text: string): string => {
	if (read.ok) return String(Number(read.value.toPrecision(9)));
	const [issue, other] = read.issues;
	expect([issue!.path, other]).toEqual(['p', undefined]);
	if (issue!.code !== 'empty') expect(issue!.text).toBe(text);
	return [issue!.code, issue!.wanted, issue!.bound].filter((one) => one !== undefined).join(' ');
};

describe('the density of a liquid is read', () => {
	it.each([
		['1.35', '1350'],
		['1.35 kg/L', '1350'],
		['kg per L', '1000'],
		['11.3 lb/gal', '1354.03863'],
		['12 oz/qt', 'too-small density 0.5 kg/L'],
		['32 oz/qt', '958.611419'],
		['0.5', '500'],
		['0.4999 kg/L', 'too-small density 0.5 kg/L'],
		['2.5 kg/L', '2500'],
		['2.5001', 'too-large density 2.5 kg/L'],
		['', 'empty density'],
		['heavy', 'unreadable density'],
		['1.35 kg/kg', 'unreadable density'],
		['1.35 L/L', 'unreadable density'],
		['1.35 m/L', 'unreadable density'],
		['1.35 kg/m', 'unreadable density'],
		['1/2', '500'],
		['3/4 lb/gal', 'unreadable density'],
		['1,35', 'unreadable density']
	])('%s', (text, expected) => {
		expect(told(readDensity(typed(text), 'p'), text)).toBe(expected);
	});
	it.each([
		['1,35', '1350'],
		['1,35 kg/L', '1350']
	])('%s, where the comma is the decimal sign', (text, expected) =>
		expect(told(readDensity(typed(text, true), 'p'), text)).toBe(expected)
	);
});

describe('what a product holds is read', () => {
	const liquid = (text: string, density: number | null = null, comma = false) =>
		told(readContent(typed(text, comma), 'liquid', density, 'p'), text);
	const dry = (text: string, comma = false) => told(readContent(typed(text, comma), 'dry', null, 'p'), text);
	it.each([
		['480 g/L', '480'],
		['4 lb/gal', '479.305709'],
		['250 g per kg', 'no-density'],
		['48 % w/v', '480'],
		['41 % w/w', 'no-density'],
		['41 %', 'weight-percent content'],
		['41 % v/v', 'unreadable content'],
		['x %', 'unreadable content'],
		['1.2.3 %', 'unreadable content'],
		['250 % w/v', '2500'],
		['251 % w/v', 'too-large content 2500 g/L'],
		['0 g/L', 'zero content'],
		['480', 'unreadable content'],
		['480 ml/L', 'unreadable content'],
		['480 m/L', 'unreadable content'],
		['480 g/m', 'unreadable content'],
		['', 'empty content']
	])('of a liquid: %s', (text, expected) => expect(liquid(text)).toBe(expected));
	it('of a liquid by weight, with its density', () => {
		expect(liquid('41 % w/w', 1170)).toBe('479.7');
		expect(liquid('250 g/kg', 1200)).toBe('300');
		expect(liquid('12,5 % m/v', null, true)).toBe('125');
	});
	it.each([
		['75 %', '0.75'],
		['75 per cent', '0.75'],
		['750 g/kg', '0.75'],
		['8 oz/lb', '0.5'],
		['100 %', '1'],
		['101 %', 'too-large content 100 %'],
		['1100 g/kg', 'too-large content 100 %'],
		['75 % w/w', '0.75'],
		['75 % w/v', 'unreadable content'],
		['750 g/L', 'unreadable content'],
		['0 %', 'zero content']
	])('of what is dry: %s', (text, expected) => expect(dry(text)).toBe(expected));
	it('of what is dry, with a comma', () => expect(dry('12,5 %', true)).toBe('0.125'));
});
