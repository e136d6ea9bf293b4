import type { EntryBody } from '$core';
import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { inSpanish } from '../../../tests/support/in-spanish';
import { metric } from '../../../tests/support/calibration-state';
import { skillOf } from '../settings/skill';
import { readCalibration } from './read-calibration';
import { nozzleLines } from './shown-calibration';

/** Nozzle 2 gives nothing, 3 is under, 6 was not caught. */
function lines() {
	const caught = wholeCalibration.flatMap((body): EntryBody[] => {
		if (body.kind !== 'catch') return [body];
		if (body.nozzle === 6) return [];
		const amount = { 2: '0', 3: '540' }[body.nozzle as 2 | 3];
		return [amount === undefined ? body : { ...body, amount: t(amount, 'ml') }];
	});
	const read = readCalibration(testSprayer, null, entriesOf(caught), skillOf(metric), 'average');
	if (!read) throw new Error('the calibration does not compute');
	return nozzleLines(testSprayer, read, metric);
}

describe('the nozzles of a calibration as they are listed', () => {
	it('stand out for what they gave, whatever language their verdict is in', () => {
		const english = lines();
		expect(english.map((line) => line.tone)).toEqual(['even', 'stop', 'look', 'even', 'even', 'even']);
		expect(english.at(-1)!.verdict).toBe('not caught');
		const spanish = inSpanish(lines);
		expect(spanish.map((line) => line.tone)).toEqual(english.map((line) => line.tone));
		expect(spanish.map((line) => line.verdict)).not.toEqual(english.map((line) => line.verdict));
	});

	it('are called by their number alone: the head of the list says nozzle', () => {
		expect(lines().map((line) => line.name)).toEqual(['1', '2', '3', '4', '5', '6']);
	});
});
