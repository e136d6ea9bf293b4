import { describe, expect, it } from 'vitest';
import { of, sumOfPressure, sumOfTank } from '$core';
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
	it('names half of the pressure change, taken in place of its root', () => {
		const sum = sumOfPressure(
			of('volumePerArea', 20, 'US gal/ac'),
			0.02,
			of('pressure', 40, 'psi'),
			of('pressure', 20, 'psi'),
			'US gal/ac'
		);
		const check = new CheckSumState(() => ({ name: 'Spray volume', sum, unit: 'US gal/ac' }), us);
		expect(check.answer).toBe('14.14 US gal/ac');
		check.mine = '15';
		expect(check.words).toContain('half of the pressure change');
		expect(check.working).toBe('20 gal/ac × √0.5');
	});
	it('puts a working beside Fallow’s, and says where it is not the answer that was typed', () => {
		const check = state();
		check.mine = '14.15';
		check.own = '300 gal / 21.2';
		expect([check.ownCame, check.ownDiffers]).toEqual(['14.15', false]);
		check.own = '300 / 17.65';
		expect([check.ownCame, check.ownDiffers]).toEqual(['17.00', true]);
		check.own = '300 /';
		expect(check.ownProblem).toContain('300 /');
		expect(check.ownCame).toBe('');
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
