import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Kind } from './quantity';
import type { Reading } from './read-quantity';
import { readQuantity } from './read-quantity';
import { factor, units } from './units';

const read = (text: string, kinds: Kind | readonly Kind[], more: Partial<Reading<Kind>> = {}) =>
	readQuantity(text, { kinds: typeof kinds === 'string' ? [kinds] : kinds, gallon: 'US', ...more }, 'field');
const value = (...args: Parameters<typeof read>) => {
	const result = read(...args);
	if (!result.ok) throw new Error(`${args[0]}: ${result.issues[0]?.code}`);
	return result.value.value as number;
};
const code = (...args: Parameters<typeof read>) => {
	const result = read(...args);
	return result.ok ? `read as ${result.value.value}` : result.issues[0]?.code;
};

const floz = 3.785411784e-3 / 128;

describe('what people write', () => {
	it.each([
		['64 oz', 'volume', 64 * floz],
		['64oz', 'volume', 64 * floz],
		['19.2 fl oz', 'volume', 19.2 * floz],
		['19.2 fl. oz', 'volume', 19.2 * floz],
		['2 gal 1 qt', 'volume', 2.25 * 3.785411784e-3],
		['1 pt 3 oz', 'volume', 19 * floz],
		['1 1/2 pt', 'volume', (1.5 * 3.785411784e-3) / 8],
		['1½ pt', 'volume', (1.5 * 3.785411784e-3) / 8],
		['¾ gal', 'volume', 0.75 * 3.785411784e-3],
		['5 3/4 pt', 'volume', (5.75 * 3.785411784e-3) / 8],
		['4.5 Imp gal', 'volume', 4.5 * 4.54609e-3],
		['20 US fl oz', 'volume', 20 * floz],
		['20 imperial fl oz', 'volume', (20 * 4.54609e-3) / 160],
		['3,420 ml', 'volume', 3.42e-3],
		['3,420.5 mL', 'volume', 3.4205e-3],
		['2.15 litres', 'volume', 2.15e-3],
		['18 ft 6 in', 'length', 18.5 * 0.3048],
		['18\'6"', 'length', 18.5 * 0.3048],
		['18′ 6″', 'length', 18.5 * 0.3048],
		["6'", 'length', 6 * 0.3048],
		['225 feet', 'length', 225 * 0.3048],
		['1 mile', 'length', 1609.344],
		['0:55', 'time', 55],
		['1:12', 'time', 72],
		['1:02:03', 'time', 3723],
		['0:27.4', 'time', 27.4],
		['1 min 5 s', 'time', 65],
		['1min 5sec', 'time', 65],
		['1 h 2 min', 'time', 3720],
		['652 g', 'mass', 0.652],
		['1 lb 4 oz', 'mass', 1.25 * 0.45359237],
		['8.2 km/h', 'speed', 8.2 / 3.6],
		['4.9 mph', 'speed', 4.9 * 0.44704],
		['40 psi', 'pressure', 40 * 6894.757293168361],
		['3 bar', 'pressure', 3e5],
		['300 kPa', 'pressure', 3e5],
		['1.2 L/min', 'flow', 1.2e-3 / 60],
		['1.2 l / min', 'flow', 1.2e-3 / 60],
		['0.3 gpm', 'flow', (0.3 * 3.785411784e-3) / 60],
		['180 L/ha', 'volumePerArea', 180e-7],
		['20 gpa', 'volumePerArea', (20 * 3.785411784e-3) / 4046.8564224],
		['15 US gal/ac', 'volumePerArea', (15 * 3.785411784e-3) / 4046.8564224],
		['32 fl oz/ac', 'volumePerArea', (32 * floz) / 4046.8564224],
		['2 fl oz/1000 ft2', 'volumePerArea', (2 * floz) / 92.90304],
		['2 fl oz/1,000 ft2', 'volumePerArea', (2 * floz) / 92.90304],
		['3 litres per hectare', 'volumePerArea', 3e-7],
		['5 L/100 m2', 'volumePerArea', 5e-5],
		['1000 ft2', 'area', 92.90304],
		['1 ac', 'area', 4046.8564224],
		['6.3 ha', 'area', 63000],
		['250 sq ft', 'area', 250 * 0.09290304],
		['1.5 kg/ha', 'massPerArea', 1.5e-4],
		['20 pulgadas', 'length', 20 * 0.0254],
		['18 pies 6 pulg', 'length', 18.5 * 0.3048],
		['2/3 de 18 pies', 'length', 12 * 0.3048],
		['3 galones', 'volume', 3 * 3.785411784e-3],
		['1 galón 1 cuarto', 'volume', 1.25 * 3.785411784e-3],
		['20 onzas líquidas', 'volume', 20 * floz],
		['20 onzas liquidas por acre', 'volumePerArea', (20 * floz) / 4046.8564224],
		['15 galones por acre', 'volumePerArea', (15 * 3.785411784e-3) / 4046.8564224],
		['3 litros por hectárea', 'volumePerArea', 3e-7],
		['2 libras/acre', 'massPerArea', (2 * 0.45359237) / 4046.8564224],
		['250 pies cuadrados', 'area', 250 * 0.09290304],
		['1 min 5 segundos', 'time', 65],
		['4.9 mi/h', 'speed', 4.9 * 0.44704],
		['20 ft + 20 ft', 'length', 40 * 0.3048],
		['20 ft + 6 m', 'length', 12.096],
		['3 × 12 in', 'length', 36 * 0.0254],
		['3x12 in', 'length', 36 * 0.0254],
		['3 x 18 ft 6 in', 'length', 55.5 * 0.3048],
		['2/3 of 18 ft', 'length', 12 * 0.3048],
		['2 × 3 m + 1 ft', 'length', 6.3048],
		['19.2 oz av', 'mass', 1.2 * 0.45359237],
		['19.2 oz (weight)', 'mass', 1.2 * 0.45359237],
		['19.2 oz by weight', 'mass', 1.2 * 0.45359237]
	] as const)('%s as %s', (text, kind, wanted) => {
		expect(value(text, kind)).toBeCloseTo(wanted, 12);
		expect(Math.abs(value(text, kind) / wanted - 1)).toBeLessThan(1e-12);
	});

	it('takes the field’s own unit for a bare number', () => {
		expect(value('12.5', 'length', { unit: 'm' })).toBe(12.5);
		expect(value('1/2', 'length', { unit: 'm' })).toBe(0.5);
		expect(value('.5', 'length', { unit: 'm' })).toBe(0.5);
		expect(code('12.5', 'length')).toBe('no-unit');
	});

	it('lets the farm say whose gallon a bare word means', () => {
		expect(value('1 gal', 'volume', { gallon: 'Imperial' })).toBe(4.54609e-3);
		expect(value('1 qt', 'volume', { gallon: 'Imperial' })).toBeCloseTo(4.54609e-3 / 4, 15);
		expect(value('160 oz', 'volume', { gallon: 'Imperial' })).toBeCloseTo(4.54609e-3, 15);
		expect(value('1 US gal', 'volume', { gallon: 'Imperial' })).toBe(3.785411784e-3);
	});

	it('tells a fluid ounce from an ounce of weight by what is asked for, and asks where both could be meant', () => {
		expect(read('5 oz', 'mass')).toMatchObject({ ok: true, value: { kind: 'mass', unit: 'oz' } });
		expect(read('5 oz', 'volume')).toMatchObject({ ok: true, value: { kind: 'volume', unit: 'US fl oz' } });
		const both = ['volume', 'mass'] as const;
		expect(read('5 oz', both, { oz: 'fluid' })).toMatchObject({ ok: true, value: { kind: 'volume' } });
		expect(read('5 oz', both, { oz: 'weight' })).toMatchObject({ ok: true, value: { kind: 'mass' } });
		expect(code('5 oz', both)).toBe('ambiguous-oz');
		expect(read('5 fl oz', both)).toMatchObject({ ok: true, value: { kind: 'volume' } });
		expect(code('14 oz/ac', ['volumePerArea', 'massPerArea'])).toBe('ambiguous-oz');
		expect(read('5 oz av', both)).toMatchObject({ ok: true, value: { kind: 'mass', unit: 'oz' } });
	});

	it('reads a decimal comma where the farm writes one, and refuses what could be either', () => {
		const comma = { decimalComma: true, unit: 'L' };
		expect(value('12,5', 'volume', comma)).toBeCloseTo(0.0125, 15);
		expect(value('12.5 L', 'volume', comma)).toBeCloseTo(0.0125, 15);
		expect(value('1.250,5 L', 'volume', comma)).toBeCloseTo(1.2505, 12);
		// One group of three is read the farm's way, and shown back ungrouped by whoever asked.
		expect(value('1.250', 'volume', { decimalComma: true, unit: 'L' })).toBe(1.25);
		expect(value('1,250', 'volume', { unit: 'L' })).toBe(1.25);
		expect(value('0.250 L', 'volume', comma)).toBeCloseTo(0.00025, 15);
		expect(code('0,250 L', 'volume')).toBe('comma');
		expect(code('3,42 L', 'volume')).toBe('comma');
		expect(code('12,5 L', 'volume')).toBe('comma');
		expect(code('1,2345 L', 'volume')).toBe('comma');
	});
});

describe('what cannot be read says why, and guesses nothing', () => {
	it.each([
		['', 'length', 'empty'],
		['   ', 'length', 'empty'],
		['3 L', 'length', 'wrong-kind'],
		['3 m', 'volume', 'wrong-kind'],
		['−5 m', 'length', 'negative'],
		['-5 m', 'length', 'negative'],
		['NaN', 'length', 'unreadable'],
		['Infinity m', 'length', 'unreadable'],
		['abc', 'length', 'unreadable'],
		['5 furlongs', 'length', 'unknown-unit'],
		['5 m 3', 'length', 'unreadable'],
		['20 + 20 ft', 'length', 'no-unit'],
		['20 ft +', 'length', 'unreadable'],
		['2 × 3 × 4 m', 'length', 'unreadable'],
		['60 ft × 40 ft', 'length', 'unreadable'],
		['20 ft + 3 L', 'length', 'wrong-kind'],
		["18'6", 'length', 'unreadable'],
		['2 gal 1 ft', 'volume', 'wrong-kind'],
		['1/0 m', 'length', 'unreadable'],
		['1.2.3 m', 'length', 'unreadable'],
		['0:75', 'time', 'unreadable'],
		['US ml', 'volume', 'unreadable'],
		['5 US ml', 'volume', 'unknown-unit'],
		['1e5 m', 'length', 'unknown-unit']
	] as const)('%s as %s: %s', (text, kind, wanted) => {
		expect(code(text, kind)).toBe(wanted);
	});

	it('gives back what was typed, with its place', () => {
		expect(read('3 L', 'length')).toEqual({
			ok: false,
			issues: [{ code: 'wrong-kind', path: 'field', text: '3 L', wanted: 'length' }]
		});
	});

	it('never throws, whatever is typed', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 40, unit: 'binary' }), fc.boolean(), (text, decimalComma) => {
				const result = read(text, ['volume', 'mass', 'time', 'length'], { decimalComma, unit: 'ml' });
				return result.ok ? Number.isFinite(result.value.value) && result.value.value >= 0 : result.issues.length > 0;
			}),
			{ numRuns: 2000 }
		);
	});
});

describe('units', () => {
	const all = (Object.keys(units) as Kind[]).flatMap((kind) =>
		Object.keys(units[kind]).map((unit) => [kind, unit] as const)
	);

	it('every unit reads as its own symbol, to its exact factor', () => {
		for (const [kind, unit] of all) {
			// A count of a unit of ground is written as a number, `300 ft2`, not as a unit of its own.
			if (kind === 'area' && /^\d/.test(unit)) continue;
			expect(value(`7 ${unit}`, kind, { oz: 'weight' }), `${kind} ${unit}`).toBeCloseTo(7 * factor(kind, unit), 12);
		}
	});

	it('changing the unit of what is written never changes what is read', () => {
		fc.assert(
			fc.property(fc.constantFrom(...all), fc.double({ min: 0.01, max: 9999, noNaN: true }), ([kind, unit], amount) => {
				if (kind === 'area' && /^\d/.test(unit)) return true;
				const rounded = Number(amount.toFixed(4));
				const read = value(`${rounded} ${unit}`, kind, { oz: 'weight' });
				return Math.abs(read - rounded * factor(kind, unit)) <= 1e-12 * read;
			})
		);
	});
});
