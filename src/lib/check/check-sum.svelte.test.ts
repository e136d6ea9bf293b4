import { describe, expect, it } from 'vitest';
import { of, sumOfTank } from '$core';
import { defaultSettings } from '$lib/settings/farm-settings';
import { CheckSumState, sumUnits } from './check-sum.svelte';

const us = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
const state = (settings = us) =>
	new CheckSumState(
		() => ({
			name: 'Ground of a tank',
			sum: sumOfTank(of('volume', 300, 'US gal'), of('volumePerArea', 17.65, 'US gal/ac'), 0.023, sumUnits(settings)),
			unit: 'ac'
		}),
		settings
	);

describe('an answer of one’s own', () => {
	it('agrees within the ±, and says how wide that is', () => {
		const check = state();
		expect(check.words).toBe('');
		check.mine = '17.2';
		expect(check.words).toBe('It agrees: 1.2 % above, within the ± 2.3 %.');
	});
	it('names the slip in words, with the gap', () => {
		const check = state();
		check.mine = '14.15';
		expect(check.words).toMatch(/^Your answer is 17 % below Fallow’s\. It looks as if/);
		expect(check.words).toContain('US and Imperial gallons were mixed up');
		expect(check.answer).toBe('17.00 ac');
	});
	it('keeps a text that does not read, and says what is wrong', () => {
		const check = state();
		check.mine = 'about twelve';
		expect(check.problem).toContain('about twelve');
		expect(check.checked).toBeNull();
	});
	it('reads and writes a decimal comma', () => {
		const check = state({ ...us, decimalComma: true });
		check.mine = '17,2';
		expect(check.words).toBe('It agrees: 1,2 % above, within the ± 2,3 %.');
	});
});
