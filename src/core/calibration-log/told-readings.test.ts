import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { uncheckedDial, usualSkill } from '../measurement/defaults';
import { calibrationResult } from './calibration-result';
import type { EntryBody } from './entries';
import { foldCalibration } from './fold-calibration';
import { readSprayer } from '../sprayer/read-sprayer';
import { readSpeed } from './read-speed';
import { readWidth } from './read-width';

const sprayer = (() => {
	const read = readSprayer(testSprayer);
	if (!read.ok) throw new Error('the test rig does not read');
	return read.value;
})();
const told = (text: string, checked: boolean): EntryBody => ({ kind: 'stated-speed', speed: t(text, 'km/h'), checked });
const speedOf = (bodies: readonly EntryBody[]) => readSpeed(foldCalibration(entriesOf(bodies)));

describe('a speed as it is stated', () => {
	it('counts where nothing was timed, and is as sure as its dial was checked', () => {
		expect(speedOf([told('7.2', true)])).toMatchObject({ ok: true, value: { stated: 2 } });
		const unchecked = speedOf([told('7.2', false)]);
		expect(unchecked.ok && 'relative' in unchecked.value && unchecked.value.relative).toBe(uncheckedDial);
	});
	it('is corrected by what its dial showed at a measured speed', () => {
		const correction = { dial: t('8.4', 'km/h'), measured: 2.1, day: '2026-03-01' };
		const made = speedOf([{ kind: 'stated-speed', speed: t('8', 'km/h'), checked: true, correction }]);
		// Shows 8.4 at a true 7.56 km/h: 8 shown are 7.2.
		expect(made.ok && 'stated' in made.value && made.value.stated).toBeCloseTo(2, 12);
	});
	it('gives way to a timed run, and to nothing once it is taken back', () => {
		const timed: EntryBody[] = [
			{ kind: 'course', length: t('60 m', 'm') },
			{ kind: 'run', time: t('27', 's'), by: 'typed' }
		];
		const both = speedOf([told('7.2', true), ...timed]);
		expect(both.ok && 'course' in both.value).toBe(true);
		expect(speedOf([told('7.2', true), { kind: 'stated-speed', speed: null, checked: false }]).ok).toBe(false);
	});
	it('widens the ± of the volume by its own', () => {
		const without = wholeCalibration.filter((e) => !['run', 'course', 'sign-off'].includes(e.kind));
		const of = (checked: boolean) => {
			const bodies: EntryBody[] = [...without, { kind: 'catch-time', time: t('30', 's') }, told('8', checked)];
			const made = calibrationResult(sprayer, foldCalibration(entriesOf(bodies)), usualSkill, 'average');
			if (!made.ok) throw new Error(JSON.stringify(made.issues));
			return made.value.answer.relativeUncertainty95;
		};
		expect(of(false)).toBeGreaterThan(of(true));
		expect(of(false)).toBeGreaterThan(2 * uncheckedDial);
		expect(of(true)).toBeGreaterThan(2 * usualSkill.statedSpeed);
	});
});

describe('a boom’s width as it is taped', () => {
	it('is the width, and the spacing follows from the nozzles that spray', () => {
		const read = readWidth(sprayer, foldCalibration(entriesOf([{ kind: 'wetted', width: t('6 m', 'm') }])));
		if (!read.ok || read.value.kind !== 'boom') throw new Error('no boom');
		const on = read.value.on ?? read.value.nozzles;
		expect(on * read.value.spacing).toBeCloseTo(6, 12);
	});
});
