import { describe, expect, it } from 'vitest';
import type { DueRules, SinceCalibrated } from './calibration-due';
import { calibrationDue } from './calibration-due';

const rules: DueRules = { seasonStart: '03-01', days: 365, hours: 50, area: 2_000_000, abrasiveHours: 20 };
const since: SinceCalibrated = { signed: '2026-03-10', event: null, hours: 0, area: 0, abrasiveHours: 0, others: [] };
const codes = (change: Partial<SinceCalibrated>, today = '2026-05-01', by: DueRules = rules) => {
	const { state, reasons, day } = calibrationDue({ ...since, ...change }, by, today);
	return { state, codes: reasons.map((r) => `${r.code}${r.due ? '' : ' soon'}`), day };
};

describe('a calibration whose ± is wider than what it judges', () => {
	it.each([
		[0.046, 'good', []],
		[0.05, 'good', []],
		[0.46, 'soon', ['wide']]
	] as const)('± %f: %s', (relativeU95, state, codes) => {
		const rules = { seasonStart: null, days: 365, hours: null, area: null, abrasiveHours: null };
		const due = calibrationDue({ ...since, relativeU95 }, rules, '2026-03-20');
		expect([due.state, due.reasons.map((r) => r.code)]).toEqual([state, codes]);
	});
});

describe('a sprayer that is due', () => {
	it('is good until the first rule of the calendar', () => {
		expect(codes({})).toEqual({ state: 'good', codes: [], day: '2027-03-01' });
		// Calibrated just before the season: the season asks again at once.
		expect(codes({ signed: '2026-02-27' })).toEqual({ state: 'due', codes: ['season'], day: '2026-03-01' });
		// On the season's first day itself it was done for this season.
		expect(codes({ signed: '2026-03-01' }).state).toBe('good');
	});

	it('is due at each limit, and soon from four fifths of it', () => {
		for (const [name, code, limit] of [
			['hours', 'hours', 50],
			['area', 'area', 2_000_000],
			['abrasiveHours', 'abrasive', 20]
		] as const) {
			expect(codes({ [name]: limit * 0.79 }).codes).toEqual([]);
			expect(codes({ [name]: limit * 0.8 })).toMatchObject({ state: 'soon', codes: [`${code} soon`] });
			expect(codes({ [name]: limit })).toEqual({ state: 'due', codes: [code], day: '2026-05-01' });
		}
	});

	it('is due by the calendar: two weeks before it says so, and what is overdue keeps its day', () => {
		const only: DueRules = { seasonStart: null, days: 100, hours: null, area: null, abrasiveHours: null };
		// 100 days after 10 March is 18 June.
		expect(codes({}, '2026-06-03', only)).toEqual({ state: 'good', codes: [], day: '2026-06-18' });
		expect(codes({}, '2026-06-04', only)).toEqual({ state: 'soon', codes: ['days soon'], day: '2026-06-18' });
		expect(codes({}, '2026-07-01', only)).toEqual({ state: 'due', codes: ['days'], day: '2026-06-18' });
	});

	it('tells every reason, the gravest first, whatever the counts are', () => {
		expect(codes({ event: 'pump', hours: 60, abrasiveHours: 17, others: ['B. Sample'] }, '2027-02-20')).toEqual({
			state: 'due',
			codes: ['event', 'operator', 'hours', 'season soon', 'abrasive soon'],
			day: '2027-02-20'
		});
		expect(codes({ signed: null, event: 'pump' })).toEqual({ state: 'due', codes: ['never'], day: '2026-05-01' });
	});

	it('asks nothing by rules that a farm does not have', () => {
		const none: DueRules = { seasonStart: null, days: null, hours: null, area: null, abrasiveHours: null };
		expect(codes({ signed: '2001-01-01', hours: 1e6, area: 1e9, abrasiveHours: 1e6 }, '2026-05-01', none)).toEqual({
			state: 'good',
			codes: [],
			day: null
		});
	});

	it('has a season that starts on a leap day in every year', () => {
		const leap: DueRules = { ...rules, seasonStart: '02-29', days: null };
		expect(codes({ signed: '2026-03-01' }, '2026-05-01', leap).day).toBe('2027-02-28');
		expect(codes({ signed: '2027-03-01' }, '2027-05-01', leap).day).toBe('2028-02-29');
	});
});
