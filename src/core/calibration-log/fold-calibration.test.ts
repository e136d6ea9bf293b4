import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { calibrateSheet } from '../calibration/calibrate-sheet';
import { checkEntry } from './check-entry';
import type { EntryBody } from './entries';
import { foldCalibration } from './fold-calibration';
import { readSprayer } from '../sprayer/read-sprayer';
import { nozzlesOn } from '../sprayer/nozzles-on';
import { sheetOf } from './sheet-of';

const sprayer = (() => {
	const read = readSprayer(testSprayer);
	if (!read.ok) throw new Error('the test rig does not read');
	return read.value;
})();
const caught = (bodies: readonly EntryBody[], nozzle: number) => {
	const calibration = foldCalibration(entriesOf(bodies));
	return (calibration.nozzles.get(nozzle)?.takes ?? []).map((take) => [take.amount.typed.text, take.counts]);
};
const take = (amount: string, why: Extract<EntryBody, { kind: 'catch' }>['why'], nozzle = 1): EntryBody => ({
	kind: 'catch',
	nozzle,
	amount: t(amount, 'ml'),
	why
});

/** Catches with the last taken back, by the id that `entriesOf` gives it. */
const takenBack = (bodies: readonly EntryBody[], place: number) => {
	const entries = entriesOf(bodies);
	return caught([...bodies, { kind: 'strike', entry: entries[place]!.id }], 1);
};

describe('a catch that is taken back', () => {
	it('stays on record, and the one before it counts again as it did', () => {
		expect(takenBack([take('500', 'first')], 0)).toEqual([['500', false]]);
		expect(takenBack([take('500', 'first'), take('505', 'slip')], 1)).toEqual([
			['500', true],
			['505', false]
		]);
		expect(takenBack([take('500', 'first'), take('480', 'replaced')], 1)).toEqual([
			['500', true],
			['480', false]
		]);
	});
	it('leaves the others as if it had not been', () => {
		expect(takenBack([take('500', 'first'), take('50', 'sure'), take('505', 'slip')], 1)).toEqual([
			['500', false],
			['50', false],
			['505', true]
		]);
		expect(takenBack([take('500', 'first'), take('510', 'sure')], 0)).toEqual([
			['500', false],
			['510', true]
		]);
	});
});

describe('catching a nozzle again', () => {
	it('to be sure: both count', () => {
		expect(caught([take('500', 'first'), take('510', 'sure')], 1)).toEqual([
			['500', true],
			['510', true]
		]);
	});
	it('after cleaning or replacing: the newer counts, the older stays on record', () => {
		for (const why of ['cleaned', 'replaced'] as const)
			expect(caught([take('300', 'first'), take('310', 'sure'), take('600', why)], 1)).toEqual([
				['300', false],
				['310', false],
				['600', true]
			]);
	});
	it('a slip of the finger takes the place of the last one only', () => {
		expect(caught([take('500', 'first'), take('50', 'sure'), take('505', 'slip')], 1)).toEqual([
			['500', true],
			['50', false],
			['505', true]
		]);
	});
	it('passed over: nothing counts until it is caught', () => {
		expect(caught([take('500', 'first'), { kind: 'not-caught', nozzle: 1 }], 1)).toEqual([['500', false]]);
		const calibration = foldCalibration(entriesOf([{ kind: 'not-caught', nozzle: 1 }, take('500', 'first')]));
		expect(calibration.nozzles.get(1)?.passedOver).toBe(false);
	});
});

describe('a calibration from its entries', () => {
	it('is the same whatever order they arrive in, and however often', () => {
		const entries = entriesOf([...wholeCalibration, signOff]);
		const wanted = JSON.stringify(foldCalibration(entries), (_k, v: unknown) =>
			v instanceof Map || v instanceof Set ? [...v] : v
		);
		fc.assert(
			fc.property(
				fc.shuffledSubarray(entries, { minLength: entries.length }),
				fc.subarray(entries),
				(shuffled, again) => {
					const got = foldCalibration([...shuffled, ...again]);
					return (
						JSON.stringify(got, (_k, v: unknown) => (v instanceof Map || v instanceof Set ? [...v] : v)) === wanted
					);
				}
			),
			{ numRuns: 100 }
		);
	});

	it('takes nothing after the sign-off', () => {
		const calibration = foldCalibration(
			entriesOf([...wholeCalibration, signOff, { kind: 'run', time: t('10'), by: 'typed' }])
		);
		expect(calibration.runs).toHaveLength(3);
		expect(calibration.signOff?.person).toBe('A. Sample');
	});

	it('strikes a run and keeps it', () => {
		const entries = entriesOf(wholeCalibration);
		const calibration = foldCalibration([...entries, ...entriesOf([{ kind: 'strike', entry: entries[2]!.id }], 50)]);
		expect(calibration.runs.map((r) => r.struck)).toEqual([true, false, false]);
	});

	it('becomes a sheet that computes, with the sections that are off left out', () => {
		const whole = sheetOf(sprayer, foldCalibration(entriesOf(wholeCalibration)));
		const answer = whole.ok ? calibrateSheet(whole.value) : whole;
		expect(answer.ok && answer.value.rate.value * 1e7).toBeCloseTo((3604e-6 / 30 / ((60 / 27.2) * 3)) * 1e7, 9);
		const half = sheetOf(sprayer, foldCalibration(entriesOf([...wholeCalibration, { kind: 'sections', off: [1] }])));
		expect(half.ok && half.value).toMatchObject({ width: { on: 3 }, flow: { numbers: [1, 2, 3] } });
		expect(nozzlesOn([2, 3, 1], [1])).toEqual([1, 2, 6]);
	});

	it('is course and catch where the jugs were held as long as the course', () => {
		const sheet = sheetOf(
			sprayer,
			foldCalibration(entriesOf([...wholeCalibration, { kind: 'catch-time', time: null }]))
		);
		expect(sheet.ok && sheet.value.method).toBe('course-catch');
	});

	it('says what is still missing', () => {
		const empty = sheetOf(sprayer, foldCalibration([]));
		expect(empty.ok ? [] : empty.issues.map((i) => i.path)).toEqual(['speed.course', 'speed.times']);
	});
});

describe('what is wrong with an entry', () => {
	const codes = (body: EntryBody) => checkEntry(body, sprayer).map((i) => i.code);
	it.each<[EntryBody, string[]]>([
		[{ kind: 'course', length: t('3 L', 'm') }, ['wrong-kind']],
		[{ kind: 'course', length: t('0', 'm') }, ['zero']],
		[{ kind: 'course', length: t('90 km', 'm') }, ['too-large']],
		[{ kind: 'run', time: t('-3'), by: 'typed' }, ['negative']],
		[{ kind: 'run', time: t('NaN'), by: 'typed' }, ['unreadable']],
		[{ kind: 'dial', speed: t('900 km/h', 'km/h') }, ['too-large']],
		[take('0', 'first'), []],
		[take('566 g', 'first'), []],
		[take('600 L', 'first'), ['too-large']],
		[take('600', 'first', 7), ['too-large']],
		[{ kind: 'sections', off: [0, 1] }, ['all-sections-off']],
		[{ kind: 'sections', off: [4] }, ['too-large']],
		[{ kind: 'catch-time', time: null }, []],
		[signOff, []]
	])('%j: %j', (body, wanted) => {
		expect(codes(body)).toEqual(wanted);
	});
});

describe('a sprayer', () => {
	const codes = (change: object) => {
		const read = readSprayer({ ...testSprayer, ...change });
		return read.ok ? [] : read.issues.map((i) => `${i.path} ${i.code}`);
	};
	it('tells a 0.5 mm spacing, sections that do not add up, and a count that is none', () => {
		expect(codes({ spacing: t('0.5 mm', 'cm') })).toEqual(['spacing too-small']);
		expect(codes({ sections: [3, 4] })).toEqual(['sections sections-mismatch']);
		expect(codes({ nozzles: 2.5 })).toContain('nozzles not-whole');
		expect(codes({ nozzles: 9000, sections: [9000] })).toContain('nozzles too-large');
		expect(codes({ tank: t('3 m', 'L') })).toEqual(['tank wrong-kind']);
	});

	it('brings back what was struck when the strike is struck, and strikes it again', () => {
		const run = { kind: 'run', time: t('27', 's'), by: 'typed', id: 'r', seq: 0, at: '' } as const;
		const strike = (seq: number, entry: string) => ({ kind: 'strike', entry, id: `s${seq}`, seq, at: '' }) as const;
		const struck = (...entries: Parameters<typeof foldCalibration>[0]) =>
			foldCalibration([run, ...entries]).runs[0]!.struck;
		expect(struck()).toBe(false);
		expect(struck(strike(1, 'r'))).toBe(true);
		expect(struck(strike(1, 'r'), strike(2, 's1'))).toBe(false);
		expect(struck(strike(1, 'r'), strike(2, 's1'), strike(3, 's2'))).toBe(true);
		expect(struck(strike(1, 'r'), strike(2, 's1'), strike(3, 'r'))).toBe(true);
	});

	it('is discarded by its last entry, and stands again by whatever comes after', () => {
		const discard = { kind: 'discard', id: 'd', seq: 1, at: '' } as const;
		const run = (seq: number) =>
			({ kind: 'run', time: t('27', 's'), by: 'typed', id: `r${seq}`, seq, at: '' }) as const;
		expect(foldCalibration([run(0), discard])).toMatchObject({ discarded: true, runs: [{ id: 'r0' }] });
		expect(foldCalibration([run(0), discard, run(2)])).toMatchObject({
			discarded: false,
			runs: [{ id: 'r0' }, { id: 'r2' }]
		});
		expect(foldCalibration([discard, { kind: 'strike', entry: 'd', id: 's', seq: 2, at: '' }]).discarded).toBe(false);
	});

	describe('a bucket of several nozzles', () => {
		const bucket = { kind: 'bucket', nozzles: [2, 3], amount: t('1.2', 'L') } as const;
		const one = (nozzle: number, text: string) =>
			({ kind: 'catch', nozzle, amount: t(text, 'ml'), why: 'first' }) as const;
		const now = (bodies: readonly EntryBody[]) => {
			const calibration = foldCalibration(entriesOf(bodies));
			return [
				calibration.buckets.map((b) => b.counts),
				[...calibration.nozzles.values()].flatMap((n) => n.takes.filter((x) => x.counts).map(() => n.nozzle))
			];
		};
		it('takes the place of what was caught of them before, and stays on record when one is caught alone', () => {
			expect(now([one(1, '600'), one(2, '590'), bucket])).toEqual([[true], [1]]);
			expect(now([bucket, one(2, '590')])).toEqual([[false], [2]]);
			expect(now([bucket, { kind: 'not-caught', nozzle: 3 }])).toEqual([[false], []]);
			expect(now([bucket, { ...bucket, nozzles: [3, 4] }])).toEqual([[false, true], []]);
		});
		it('leaves the catches of before as they were when it is struck', () => {
			const entries = entriesOf([one(2, '590'), bucket]);
			const strike = { kind: 'strike', entry: entries[1]!.id, id: 'x', seq: 9, at: '' } as const;
			const calibration = foldCalibration([...entries, strike]);
			expect(calibration.buckets).toMatchObject([{ counts: false, struck: true }]);
			expect(calibration.nozzles.get(2)!.takes[0]!.counts).toBe(true);
		});
		it('is of nozzles that the sprayer has, each once', () => {
			const wrong = (nozzles: readonly number[]) => checkEntry({ ...bucket, nozzles }, sprayer).map((i) => i.code);
			expect([wrong([2, 3]), wrong([2, 2]), wrong([5, 99])]).toEqual([[], ['twice'], ['too-large']]);
		});
		it('makes a sheet with the catches beside it', () => {
			const caught = [1, 4, 5, 6].map((n) => one(n, '600'));
			const calibration = foldCalibration(entriesOf([...wholeCalibration.slice(0, 7), ...caught, bucket]));
			const sheet = sheetOf(sprayer, calibration);
			if (!sheet.ok) throw new Error('no sheet');
			const made = calibrateSheet(sheet.value);
			if (!made.ok) throw new Error('no answer');
			expect(made.value.nozzles!.volume.value * 1e6).toBeCloseTo(4 * 600 + 1200, 6);
			expect(made.value.findings.map((f) => f.code)).toEqual(['caught-together']);
		});
	});
});
