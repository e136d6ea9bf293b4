import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { calibrateSheet, workingOf, schools } from '../../src/core';
import { calibrationSheetSchema } from '../../src/lib/files/calibration-sheet';
import { readCalibrationSheet } from '../../src/lib/files/read-sheet';
import { readSheetText } from '../../src/lib/files/sheet-text';
import { writeCalibrationSheet } from '../../src/lib/files/write-sheet';

const golden = (
	JSON.parse(readFileSync(new URL('../golden/golden.json', import.meta.url), 'utf8')) as {
		id: string;
		sheet: { format: string };
	}[]
).filter((c) => c.sheet.format === 'fallow-sheet/1');

const read = (json: unknown) => {
	const sheet = readCalibrationSheet(calibrationSheetSchema.parse(json));
	if (!sheet.ok) throw new Error(JSON.stringify(sheet.issues));
	return sheet.value;
};

describe('a sheet that is written out', () => {
	it.each(golden.map((c) => [c.id, c.sheet] as const))('%s reads back in to the same answer', (_id, json) => {
		const first = read(json);
		const again = read(writeCalibrationSheet(first));
		const [a, b] = [calibrateSheet(first), calibrateSheet(again)];
		if (!a.ok || !b.ok) throw new Error('it does not compute');
		expect(b.value.rate.value / a.value.rate.value).toBeCloseTo(1, 12);
		expect(b.value.relativeUncertainty95).toBeCloseTo(a.value.relativeUncertainty95, 12);
		expect(b.value.findings.map((f) => f.code)).toEqual(a.value.findings.map((f) => f.code));
	});

	it('keeps what several nozzles gave into one bucket, and refuses a nozzle that is in it twice', () => {
		const json = (buckets: unknown) => ({
			format: 'fallow-sheet/1',
			method: 'speed-width-flow',
			speed: { course: '60 m', times: ['27 s'] },
			width: { kind: 'boom', nozzles: 4, spacing: '50 cm' },
			flow: { time: '30 s', catches: ['600 ml', null, null, '605 ml'], buckets }
		});
		const first = read(json([{ nozzles: [2, 3], amount: '1.2 L', graduation: '0.25 L' }]));
		const again = read(writeCalibrationSheet(first));
		const rate = (sheet: typeof first) => {
			const made = calibrateSheet(sheet);
			if (!made.ok) throw new Error('it does not compute');
			return made.value.rate.value;
		};
		expect(rate(again) / rate(first)).toBeCloseTo(1, 12);
		expect(again).toMatchObject({
			flow: { together: [{ places: [1, 2], amount: { volume: 0.0012 }, graduation: 0.00025 }] }
		});
		const wrong = (buckets: unknown) => {
			const made = readCalibrationSheet(calibrationSheetSchema.parse(json(buckets)));
			return made.ok ? [] : made.issues.map((i) => [i.code, i.path]);
		};
		const amount = '1.2 L';
		expect(wrong([{ nozzles: [1, 2], amount }])).toEqual([['twice', 'flow.buckets.0.nozzles']]);
		expect(
			wrong([
				{ nozzles: [2, 3], amount },
				{ nozzles: [3, 2], amount }
			])
		).toHaveLength(2);
		expect(wrong([{ nozzles: [2, 9], amount }])).toEqual([['too-large', 'flow.buckets.0.nozzles']]);
		expect(wrong([{ nozzles: [2, 3], amount: '3 m' }])).toMatchObject([['wrong-kind', 'flow.buckets.0.amount']]);
	});

	it.each(golden.map((c) => [c.id, c.sheet] as const))(
		'%s has a working in every school that ends in the answer',
		(_id, json) => {
			const sheet = read(json);
			const result = calibrateSheet(sheet);
			if (!result.ok) throw new Error('it does not compute');
			for (const school of schools)
				for (const measures of ['metric', 'US', 'Imperial'] as const) {
					const lines = workingOf(sheet, result.value, school, measures);
					expect(lines.at(-1)?.finds).toBe('rate');
					for (const line of lines) expect(`${line.rule} ${line.figures}`).not.toMatch(/NaN|undefined|Infinity/);
					const metric = lines.at(-1)!.figures.endsWith('L/ha');
					const unit = metric
						? 1e7
						: measures === 'Imperial'
							? 4046.8564224 / 4.54609e-3
							: 4046.8564224 / 3.785411784e-3;
					const shown = Number(
						/([\d.,]+) (?:L\/ha|US gal\/ac|Imp gal\/ac)$/.exec(lines.at(-1)!.figures)![1]!.replace(/,/g, '')
					);
					expect(Math.abs(shown / (result.value.rate.value * unit) - 1)).toBeLessThan(6e-5);
				}
		}
	);
});

describe('the text of a sheet', () => {
	const problem = (text: string) => {
		const answer = readSheetText(text);
		return answer.ok ? '' : answer.problem;
	};
	it('that is none is told what it should look like', () => {
		expect(problem('hello')).toContain('fallow-sheet/1');
		expect(problem('{"format": "fallow-sheet/1", "method": "guess"}')).toContain('method');
		const bad = structuredClone(golden[0]!.sheet) as unknown as { speed: { course: string } };
		bad.speed.course = '3 L';
		expect(problem(JSON.stringify(bad))).toMatch(/speed\.course: “3 L” is not a length/);
	});
	it('with a byte order mark is read all the same', () => {
		expect(readSheetText('\uFEFF' + JSON.stringify(golden[0]!.sheet)).ok).toBe(true);
	});
});
