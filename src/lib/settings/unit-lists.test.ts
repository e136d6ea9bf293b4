import { describe, expect, it } from 'vitest';
import { fields, isUnit, kinds, readField, readQuantity } from '$core';
import { metric } from '../../../tests/support/calibration-state';
import { typed } from './field-units';
import { saidIn } from './said-in';
import { pouredIn, unitsLike } from './unit-lists';

describe('the units that a field offers', () => {
	it('begin with its own, are each written once, and read back as what they are', () => {
		for (const unit of [
			'L',
			'US gal',
			'Imp gal',
			'ml',
			'g',
			'kg',
			'oz',
			'lb',
			'm',
			'ft',
			'cm',
			'in',
			'km/h',
			'mph',
			'bar',
			'psi',
			's',
			'ha',
			'ac'
		]) {
			const values = unitsLike(unit).map((u) => u.value);
			expect(values[0]).toBe(unit);
			expect(new Set(values).size).toBe(values.length);
			for (const value of values) {
				const kind = kinds.find((k) => isUnit(k, value))!;
				const text = saidIn('2', value, unit);
				const read = readQuantity(text, { kinds: [kind], gallon: 'US', oz: 'weight', decimalComma: false, unit }, '');
				expect(read.ok && read.value.kind, `${text} of ${unit}`).toBe(kind);
			}
		}
	});
	it('is the field’s own alone where no other is usual', () => {
		expect(unitsLike('L/ha').map((u) => u.value)).toEqual(['L/ha']);
	});
	it('says of ounces that they are weighed, where a bare one would be fluid', () => {
		const read = readField(fields.bucket, typed(saidIn('16', 'oz', 'US fl oz'), 'US fl oz', metric), '');
		expect(read.ok && read.value.kind).toBe('mass');
	});
	it('leaves a text that brings its own unit as it was typed', () => {
		expect(saidIn('5 gal', 'L', 'US gal')).toBe('5 gal');
		expect(saidIn(' 5 ', 'L', 'US gal')).toBe('5 L');
		expect(typed(saidIn('5', 'US gal', 'US gal'), 'US gal', metric)).toMatchObject({ text: '5', unit: 'US gal' });
	});
	it('means the unit of the figure that stands there, though the jug is marked in another', () => {
		expect(pouredIn(unitsLike('ml'), 'ml', 'L')).toBe('L');
		expect(pouredIn(unitsLike('US fl oz'), 'US fl oz', 'fl oz')).toBe('US fl oz');
		expect(pouredIn(unitsLike('g'), 'g', 'kg')).toBe('kg');
		expect(pouredIn(unitsLike('oz'), 'oz', 'oz')).toBe('oz');
	});
});
