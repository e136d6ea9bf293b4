import { describe, expect, it } from 'vitest';
import { fields, readField } from '$core';
import { typed } from '$lib/settings/field-units';
import { metric } from '../../../tests/support/calibration-state';
import { timeText } from './time-text';

describe('a time that was stopped', () => {
	it('is written as a field reads it back', () => {
		expect(timeText(45.23, false, false)).toBe('45.2 s');
		expect(timeText(45.23, false, true)).toBe('45,2 s');
		expect(timeText(59.6, true, false)).toBe('1 min 0 s');
		expect(timeText(42.4, true, false)).toBe('42 s');
		for (const s of [1, 59, 61, 750, 3599.4]) {
			const read = readField(fields.between, typed(timeText(s, true, false), 'min', metric), '');
			expect(read.ok && read.value.value).toBe(Math.round(s));
		}
	});
});
