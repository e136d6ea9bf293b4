import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fields, readField } from '$core';
import { unitsLike } from '../settings/unit-lists';
import { suffixOf, typedIn, withSuffix } from './unit-suffix';

const gallons = unitsLike('US gal');
const litres = unitsLike('L');

describe('the unit beside a field', () => {
	it('is the text’s own, else the one that no unit means', () => {
		expect(suffixOf('', gallons)).toBe('US gal');
		expect(suffixOf('300', gallons)).toBe('US gal');
		expect(suffixOf('300 gal', gallons)).toBe('US gal');
		expect(suffixOf('1 1/2 us  GAL', gallons)).toBe('US gal');
		expect(suffixOf('1,200 L', gallons)).toBe('L');
		expect(suffixOf('800', litres)).toBe('L');
	});

	it('is none where the text says it in another way', () => {
		for (const text of ['2 gal 1 qt', '3 buckets', 'about 3', 'L']) expect(suffixOf(text, gallons)).toBeNull();
	});

	it('goes with the number that was typed, which stays as it is', () => {
		expect(withSuffix('300 gal', 'L', gallons)).toBe('300 L');
		expect(withSuffix('300', 'L', gallons)).toBe('300 L');
		expect(withSuffix('300 L', 'US gal', gallons)).toBe('300');
		expect(withSuffix('2 gal 1 qt', 'L', gallons)).toBe('2 gal 1 qt');
	});

	it('that was picked first goes with a number alone, and never over a unit that is typed', () => {
		expect(typedIn('800', 'L', gallons)).toBe('800 L');
		expect(typedIn('1 1/2', 'L', gallons)).toBe('1 1/2 L');
		expect(typedIn('300 gal', 'L', gallons)).toBe('300 gal');
		expect(typedIn('2 gal 1 qt', 'L', gallons)).toBe('2 gal 1 qt');
		expect(typedIn('', 'L', gallons)).toBe('');
		expect(typedIn('800', null, gallons)).toBe('800');
	});

	it('is the unit that the text is then read in, for every unit that a field offers', () => {
		const things = { tank: 'L', spacing: 'cm', pressure: 'psi', dial: 'km/h', area: 'ac', side: 'ft' } as const;
		for (const [name, unit] of Object.entries(things) as [keyof typeof things, string][])
			fc.assert(
				fc.property(fc.integer({ min: 1, max: 60 }), fc.constantFrom(...unitsLike(unit)), (n, { value }) => {
					const units = unitsLike(unit);
					const text = withSuffix(`${n}`, value, units);
					expect(suffixOf(text, units)).toBe(value);
					const kept = readField(fields[name], { text, unit, gallon: 'US' }, '');
					const meant = readField(fields[name], { text: `${n}`, unit: value, gallon: 'US' }, '');
					// Where it is out of what a sprayer can have, it is so in both.
					expect(kept.ok).toBe(meant.ok);
					if (kept.ok && meant.ok) expect(kept.value.value).toBe(meant.value.value);
				}),
				{ numRuns: 60 }
			);
	});
});
