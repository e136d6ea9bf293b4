import { describe, expect, it } from 'vitest';
import { exercises } from '$core';
import { defaultSettings } from '$lib/settings/farm-settings';
import { firstEntries, calibrationHeadOf } from './begin-yard';
import { ClassReport } from './class-report';
import { exerciseOf } from './exercise-of';
import { meaningOf } from './field-meaning';
import { practiceSettings } from './practice-settings';
import { revealOf } from './reveal-of';
import { roundMark, scaleFigure, scaleWindow } from './scale-window';
import { toolsFor } from './tools';
import type { YardHead } from './yard-log';
import { yardSentence } from './yard-receiver';
import { nmeaReader } from '$lib/device/read-track';

const stamp = (seq: number) => ({ id: `e${seq}`, seq, at: '2026-03-01T08:00:00Z' });

describe('a scale that is looked at closely', () => {
	it('has the marks about the level, and says which two it stands between', () => {
		const seen = scaleWindow(603, 10);
		expect(seen.between).toEqual([600, 610]);
		expect(seen.from).toBe(540);
		expect(seen.marks.filter((m) => m.told).map((m) => m.value)).toEqual([550, 600, 650]);
	});
	it('tells round figures whatever its marks are', () => {
		expect(
			scaleWindow(11, 0.5)
				.marks.filter((m) => m.told)
				.every((m) => Number.isInteger(m.value))
		).toBe(true);
		expect(
			scaleWindow(900, 25)
				.marks.filter((m) => m.told)
				.map((m) => m.value % 100)
		).toEqual(
			scaleWindow(900, 25)
				.marks.filter((m) => m.told)
				.map(() => 0)
		);
		expect(scaleFigure(12.5, false)).toBe('12.5');
		expect(scaleFigure(12.5, true)).toBe('12,5');
		expect(scaleFigure(600, false)).toBe('600');
	});
	it('takes round marks for a tank of any size', () => {
		expect([800, 200, 60, 12_000].map((size) => roundMark(size, 0.004))).toEqual([2, 1, 0.2, 50]);
	});
});

describe('a yard that begins', () => {
	it.each(exercises.map((e) => [e.id, e] as const))(
		'%s has a calibration that can be measured as it asks',
		(_, exercise) => {
			const head: YardHead = { id: 'y', exercise: exercise.id, seed: 3, begunAt: '2026-03-01T08:00:00Z' };
			const calibration = calibrationHeadOf(head, exercise);
			expect(calibration.id).toBe('y');
			const entries = firstEntries(exercise, stamp);
			const method = entries.find((e) => e.kind === 'method');
			expect(method?.kind === 'method' && method.method).toBe(
				exercise.method === 'course-catch' ? 'speed-width-flow' : exercise.method
			);
			const told = revealOf({ yard: { head, entries: [] }, entries });
			expect(told?.reveal.answer).toBeNull();
			expect(told?.signed).toBeNull();
			expect(toolsFor(exercise, 1).length).toBeGreaterThan(5);
		}
	);
	it('of an exercise that is not known here is none', () => {
		expect(exerciseOf({ exercise: 'boom-99' })).toBeNull();
	});
	it('measures in its own units and writes figures as the farm does', () => {
		const farm = { ...defaultSettings, decimalComma: true };
		expect(practiceSettings(exercises[1]!, farm)).toMatchObject({ rateUnit: 'US gal/ac', decimalComma: true });
		expect(practiceSettings(exercises[0]!, null)).toMatchObject({ rateUnit: 'L/ha', decimalComma: false });
	});
});

describe('what an answer means on a field', () => {
	const settings = practiceSettings(exercises[0]!, null);
	it('is read as it is typed, each in its own unit', () => {
		const read = meaningOf({ area: '12.9 ha', dose: '2 L/ha', price: '24' }, settings);
		expect(read.ok && read.dose.unit).toBe('L');
		expect(read.ok && read.price! * 1e-3).toBeCloseTo(24, 9);
		const dry = meaningOf({ area: '30', dose: '1.5 kg/ha', price: '' }, settings);
		expect(dry.ok && [dry.dose.kind, dry.dose.unit, dry.price]).toEqual(['mass', 'kg', null]);
	});
	it('says what is wrong, and nothing of what is empty', () => {
		expect(meaningOf({ area: '', dose: '', price: '' }, settings)).toEqual({
			ok: false,
			problems: { area: '', dose: '', price: '' }
		});
		const bad = meaningOf({ area: 'much', dose: '2', price: 'dear' }, settings);
		expect(!bad.ok && bad.problems.area).toContain('much');
		expect(!bad.ok && bad.problems.price).toContain('“dear” is no price');
	});
});

describe('the receiver of the yard', () => {
	it('speaks NMEA 0183 that is read as any other', async () => {
		const read = await nmeaReader();
		const fix = read(yardSentence(110.574, 2, 3725));
		expect(fix?.latitude).toBeCloseTo(0.001, 6);
		expect(fix?.longitude).toBeCloseTo(-140, 6);
		expect(fix?.speed).toBeCloseTo(2, 1);
		// Without a fix it says so, and nothing is made of it.
		expect(read(yardSentence(110.574, 2, 3726, false))).toBeNull();
	});
});

describe('what a class is told', () => {
	const head: YardHead = {
		id: 'y',
		exercise: 'boom-1',
		seed: 3,
		begunAt: '2026-03-01T08:00:00Z',
		seat: { code: 'K7MB2XQ4', token: 'secret', name: 'Ada Sample' }
	};
	const kept = { open: () => Promise.resolve({ yard: { entries: [] }, entries: [] }) };
	it('is all that was done, once for several readings in a row', async () => {
		const asked: string[] = [];
		let run = () => {};
		const report = new ClassReport(
			head,
			kept,
			(path) => {
				asked.push(path as string);
				return Promise.resolve(new Response('{}'));
			},
			(_, later) => (run = later)
		);
		report.soon();
		report.soon();
		run();
		await new Promise((done) => setTimeout(done));
		expect(asked).toEqual(['/api/practice/seats/secret']);
		expect(report.failed).toBe(false);
	});
	it('is not lost without a signal: it goes with the next', async () => {
		const report = new ClassReport(head, kept, () => Promise.reject(new Error('no signal')));
		expect(await report.send()).toBe(false);
		expect(report.failed).toBe(true);
	});
});
