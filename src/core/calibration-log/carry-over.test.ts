import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { usualSkill } from '../measurement/defaults';
import { calibrationResult } from './calibration-result';
import { carryOver, staleReadings } from './carry-over';
import type { ChangedThing, Entry } from './entries';
import { changedThings, changesOf } from './entries';
import { foldCalibration } from './fold-calibration';
import { readSprayer } from '../sprayer/read-sprayer';

const sprayer = (() => {
	const read = readSprayer(testSprayer);
	if (!read.ok) throw new Error('the test rig does not read');
	return read.value;
})();
const before = entriesOf(wholeCalibration);
const carried = (
	changed: readonly ChangedThing[],
	entries: readonly Entry[] = before
): Extract<Entry, { kind: 'carry' }> => ({
	kind: 'carry',
	from: '01910000-0000-7000-8000-0000000000aa',
	day: '2026-03-20',
	changed,
	entries: carryOver(entries, changed, sprayer),
	id: '01910000-0000-7000-8000-0000000000bb',
	seq: 0,
	at: '2026-04-01T08:00:00.000Z'
});
const calibrate = (entries: readonly Entry[]) =>
	calibrationResult(sprayer, foldCalibration(entries), usualSkill, 'average');

describe('a calibration again after a change', () => {
	it('counts what it carries as it did: with the catches of the day before it comes to the same volume and ±', () => {
		const again = carryOver(before, ['pressure'], sprayer);
		const catches = before.filter((e) => e.kind === 'catch' || e.kind === 'not-caught');
		const one = calibrate([{ ...carried(['pressure']), entries: again }, ...catches]);
		const two = calibrate(before.filter((e) => e.kind !== 'sign-off'));
		expect(one.ok && two.ok).toBe(true);
		if (one.ok && two.ok) {
			expect(one.value.answer.rate.value).toBeCloseTo(two.value.answer.rate.value, 15);
			expect(one.value.answer.relativeUncertainty95).toBeCloseTo(two.value.answer.relativeUncertainty95, 12);
		}
	});

	it('carries nothing that the change touches, never a signature, and says where it is from', () => {
		for (const thing of changedThings) {
			const stale = staleReadings([thing], 'boom');
			const kinds = new Set(carryOver(before, [thing], sprayer).map((e) => e.kind));
			for (const kind of stale) expect(kinds.has(kind)).toBe(false);
			expect(kinds.has('sign-off')).toBe(false);
			expect(kinds.has('used')).toBe(false);
			expect(kinds.has('tick')).toBe(false);
		}
		const calibration = foldCalibration([carried(['gear'])]);
		expect(calibration.carried).toMatchObject({ day: '2026-03-20', changed: ['gear'] });
		expect(calibration.runs).toEqual([]);
		expect(calibration.nozzles.size).toBeGreaterThan(0);
		expect(calibration.signOff).toBeNull();
	});

	it('takes the width along with the pressure where the pressure throws it', () => {
		expect(staleReadings(['pressure'], 'boom').has('wetted')).toBe(false);
		expect(staleReadings(['pressure'], 'boomless').has('wetted')).toBe(true);
		expect(staleReadings(['nozzles'], 'knapsack').has('wetted')).toBe(true);
	});

	it('carries no catch of a nozzle that the sprayer has no more', () => {
		const fewer = { ...sprayer, nozzles: 2, sections: [2] };
		const numbers = carryOver(before, ['gear'], fewer).flatMap((e) => (e.kind === 'catch' ? [e.nozzle] : []));
		expect(Math.max(...numbers)).toBe(2);
	});

	it('leaves the next person the setting, and nothing that the one before was measured by', () => {
		const notes = entriesOf(
			[
				{ kind: 'noted', what: 'orifice', text: 'number 3' },
				{ kind: 'noted', what: 'strokes', text: '20 a minute' }
			],
			60
		);
		const left = carryOver([...before, ...notes], ['person'], { ...sprayer, kind: 'knapsack' });
		const kinds = new Set(left.map((e) => e.kind));
		for (const kind of ['run', 'catch', 'wetted', 'gauge'] as const) expect(kinds.has(kind)).toBe(false);
		expect(kinds.has('course')).toBe(true);
		expect(left.flatMap((e) => (e.kind === 'noted' ? [e.what] : []))).toEqual(['orifice']);
		expect(changesOf('knapsack')).toContain('person');
		expect(changesOf('boom')).not.toContain('person');
	});

	it('goes on from one that was carried itself', () => {
		const second = [
			carried(['pressure']),
			...before.filter((e) => e.kind === 'catch').map((e) => ({ ...e, seq: e.seq + 1 }))
		];
		const third = foldCalibration([carried(['gear'], second)]);
		expect(third.nozzles.size).toBe(foldCalibration(before).nozzles.size);
		expect(foldCalibration([carried(['pressure'], second)]).runs).toHaveLength(foldCalibration(before).runs.length);
	});

	it('lets no signature slip in with what is carried', () => {
		const forged: Entry = { ...carried(['gear']), entries: before };
		expect(foldCalibration([forged]).signOff).toBeNull();
	});

	it('carries what was struck and restored as it counts, and no bucket that was struck', () => {
		const run = { kind: 'run', time: t('27', 's'), by: 'typed', id: 'r', seq: 0, at: '' } as const;
		const strike = (seq: number, entry: string) => ({ kind: 'strike', entry, id: `s${seq}`, seq, at: '' }) as const;
		const bucket = { kind: 'bucket', nozzles: [1, 2], amount: t('1', 'L'), id: 'b', seq: 3, at: '' } as const;
		const carried = (entries: Parameters<typeof carryOver>[0]) => {
			const kept = carryOver(entries, ['width'], sprayer);
			const calibration = foldCalibration([
				{ kind: 'carry', from: 'x', day: '2026-03-01', changed: ['width'], entries: kept, id: 'c', seq: 0, at: '' }
			]);
			return [calibration.runs.map((r) => r.struck), calibration.buckets.map((b) => b.counts)];
		};
		expect(carried([run, strike(1, 'r'), strike(2, 's1'), bucket])).toEqual([[false], [true]]);
		expect(carried([run, strike(1, 'r'), bucket, strike(4, 'b')])).toEqual([[true], []]);
	});
});
