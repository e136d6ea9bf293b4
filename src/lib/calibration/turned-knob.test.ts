import { describe, expect, it } from 'vitest';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { metric } from '../../../tests/support/calibration-state';
import type { ChangedThing, Entry, EntryBody } from '$core';
import { carryOver, readSprayer } from '$core';
import { readCalibration } from '$lib/show/read-calibration';
import { skillOf } from '$lib/settings/skill';
import { calibrationBefore } from './calibration-before';
import { turnedKnob } from './turned-knob';

const sprayer = (() => {
	const read = readSprayer(testSprayer);
	if (!read.ok) throw new Error('the test rig does not read');
	return read.value;
})();
const signed = entriesOf([...wholeCalibration, { ...signOff, pressure: t('4', 'bar') }]);
const before = calibrationBefore({ rig: testSprayer }, signed, metric)!;

/** The same calibrated again, with catches of `share` of what they were. */
function again(changed: readonly ChangedThing[], share: number, more: readonly EntryBody[]) {
	const carry: Entry = {
		kind: 'carry',
		from: 'before',
		day: '2026-03-14',
		changed,
		entries: carryOver(signed, changed, sprayer),
		before,
		id: 'carry',
		seq: 0,
		at: '2026-04-01T08:00:00Z'
	};
	const catches = wholeCalibration.map((e): EntryBody =>
		e.kind === 'catch' ? { ...e, amount: t(`${Number(e.amount.text) * share}`, 'ml') } : e
	);
	const fresh = catches.filter((e) => ['catch', 'catch-time'].includes(e.kind));
	const entries = [carry, ...entriesOf([...fresh, ...more], 1)];
	const read = readCalibration(testSprayer, null, entries, skillOf(metric), 'average')!;
	return { rate: read.answer.rate.value, knob: turnedKnob(read.entered, read.answer) };
}

describe('a knob that was turned since the calibration before', () => {
	it('is held against the square root of the pressure', () => {
		expect(before.pressure).toBe(4e5);
		const { rate, knob } = again(['pressure'], 0.9, [{ kind: 'gauge', pressure: t('3.24', 'bar') }]);
		// √(3.24 / 4) is 0.9: just what the catches came to.
		expect(knob!.predicted).toBeCloseTo(before.rate * 0.9, 12);
		expect(rate / knob!.predicted).toBeCloseTo(1, 9);
		expect(knob!.since).toContain('14 Mar 2026');
	});

	it('foretells nothing where the pressure was not read again, or nozzles were changed', () => {
		expect(again(['pressure'], 0.9, []).knob).toBeNull();
		expect(again(['nozzles'], 0.9, [{ kind: 'gauge', pressure: t('3.24', 'bar') }]).knob).toBeNull();
	});
});
