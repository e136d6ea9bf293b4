import { describe, expect, it } from 'vitest';
import { checksOf, sprayerChecks } from '$core';
import { checkList } from '$lib/settings/check-list';
import { entrySchema } from '$lib/wire/calibration-message';
import { checkTitle, sprayerCheckWhy } from '$lib/wording/sprayer-checks';
import { readChecksForm } from './checks-form';

describe('the check list of a farm', () => {
	it('leaves out what was unticked, and adds its own words at the end', () => {
		const made = sprayerChecks.filter((c) => c !== 'kit');
		const { checks, problems } = readChecksForm(made, ' Boom lock pin in \n\nBoom lock pin in\nRadio charged');
		expect(problems).toEqual({});
		expect(checks).toEqual({ droppedChecks: ['kit'], ownChecks: ['Boom lock pin in', 'Radio charged'] });
		const list = checkList({ kind: 'boom' }, checks);
		expect(list).not.toContain('kit');
		expect(list.slice(-2).map(checkTitle)).toEqual(['Boom lock pin in', 'Radio charged']);
		expect(sprayerCheckWhy(list.at(-1)!, 'boom', true)).not.toBe('');
	});
	it('refuses too many and too long, with an example', () => {
		expect(readChecksForm([], 'x'.repeat(81)).problems['own-checks']).toMatch(/80 letters.*Example/);
		const many = Array.from({ length: 21 }, (_, i) => `check ${i}`).join('\n');
		expect(readChecksForm([], many).problems['own-checks']).toMatch(/21.*20 fit/);
	});
	it('has for each kind what that kind has', () => {
		expect(checksOf({ kind: 'boom' })).toEqual(expect.arrayContaining(['fan-angle', 'height', 'overlap', 'shafts']));
		expect(checksOf({ kind: 'airblast' })).not.toContain('fan-angle');
		expect(checksOf({ kind: 'boomless' })).not.toContain('height');
		expect(checksOf({ kind: 'knapsack', carried: 'lever' })).not.toContain('engine');
		expect(checksOf({ kind: 'knapsack', carried: 'mist' })).toContain('engine');
	});
	it('sends a check of the farm’s own as it was ticked, and nothing else that is no check', () => {
		const tick = (check: string) =>
			entrySchema.safeParse({
				id: '01910000-0000-7000-8000-000000000001',
				seq: 0,
				at: '2026-03-20T08:00:00.000Z',
				kind: 'tick',
				check,
				done: true
			}).success;
		expect(tick('own:Boom lock pin in')).toBe(true);
		expect(tick('guards')).toBe(true);
		expect(tick('own:')).toBe(false);
		expect(tick('anything')).toBe(false);
	});
});
