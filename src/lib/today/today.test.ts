import { describe, expect, it } from 'vitest';
import type { CalibrationDue, DueCode } from '$core';
import type { TodayJob, TodaySprayer } from './today';
import { todayHeading, todayItems } from './today';

const due = (state: CalibrationDue['state'], code: DueCode = 'hours'): CalibrationDue => ({
	state,
	day: null,
	reasons: state === 'good' ? [] : [{ code, due: state === 'due', at: 1, limit: 1, day: null, what: '' }]
});
const sprayer = (id: string, state: CalibrationDue['state'], change: Partial<TodaySprayer> = {}): TodaySprayer => ({
	id,
	name: id,
	calibrationInProgress: null,
	due: due(state),
	...change
});
const job = (id: string, day: string, state: TodayJob['state'], sprayerId: string | null = null): TodayJob => ({
	id,
	day,
	state,
	sprayerId,
	sprayer: sprayerId ?? '',
	loads: 2,
	loadsOut: 0,
	blocks: ['B'],
	products: ['P']
});
const today = '2026-03-20';
const told = (items: ReturnType<typeof todayItems>) =>
	items.map((i) =>
		'job' in i && i.kind === 'job'
			? `${i.job.id}${i.late ? ' late' : ''}`
			: `${i.kind} ${'sprayer' in i ? i.sprayer.id : ''}${i.kind === 'calibrate' && i.job ? ` for ${i.job.id}` : ''}`.trim()
	);

describe('what the day needs', () => {
	it('leads a new farm to its first sprayer, then to its first calibration', () => {
		expect(told(todayItems([], [], today))).toEqual(['first-sprayer']);
		const fresh = [
			sprayer('a', 'due', { due: due('due', 'never') }),
			sprayer('b', 'due', { due: due('due', 'never') })
		];
		const items = todayItems(fresh, [], today);
		expect(told(items)).toEqual(['first-calibration a', 'calibrate b']);
		expect(todayHeading(items, today)).toBe('Now the first calibration');
		// A calibration that was begun is gone on with.
		expect(told(todayItems([{ ...fresh[0]!, calibrationInProgress: 'r' }], [], today))).toEqual(['in-progress a']);
	});

	it('goes from what is under way to what is far off, whatever order it comes in', () => {
		const items = todayItems(
			[
				sprayer('soon', 'soon'),
				sprayer('due', 'due'),
				sprayer('open', 'due', { calibrationInProgress: 'r' }),
				sprayer('ok', 'good')
			],
			[
				job('ahead', '2026-03-23', 'planned', 'ok'),
				job('record', '2026-03-18', 'closed'),
				job('today', today, 'planned', 'ok'),
				job('old', '2026-03-11', 'planned', 'ok'),
				job('out', today, 'sprayed'),
				job('running', today, 'under-way')
			].sort((a, b) => (a.day < b.day ? -1 : 1)),
			today
		);
		expect(told(items)).toEqual([
			'running',
			'in-progress open',
			'out',
			'old late',
			'today',
			'record late',
			'calibrate due',
			'ahead',
			'soon soon'
		]);
	});

	it('puts a calibration before the first job that rests on it, once, and not behind others that are due', () => {
		const items = todayItems(
			[sprayer('a', 'due'), sprayer('b', 'due'), sprayer('c', 'due')],
			[job('1', today, 'planned', 'b'), job('2', today, 'planned', 'b'), job('3', '2026-03-25', 'planned', 'c')],
			today
		);
		expect(told(items)).toEqual(['calibrate b for 1', '1', '2', 'calibrate a', 'calibrate c for 3', '3']);
		expect(todayHeading(items, today)).toBe('2 jobs today');
	});

	it('says so where nothing waits, and tells the gravest thing first in its line', () => {
		const items = todayItems([sprayer('a', 'good')], [], today);
		expect(told(items)).toEqual(['nothing']);
		expect(todayHeading(items, today)).toBe('Nothing waits today');
		const line = (jobs: TodayJob[], sprayers = [sprayer('a', 'good')]) =>
			todayHeading(todayItems(sprayers, jobs, today), today);
		expect(line([job('x', today, 'sprayed')])).toBe('One job is sprayed out and needs closing');
		expect(line([job('x', today, 'closed'), job('y', today, 'closed')])).toBe('2 records are to be written');
		expect(line([job('x', '2026-03-22', 'planned')])).toBe('One job in the days ahead');
		expect(line([], [sprayer('a', 'due')])).toBe('One sprayer needs calibrating');
	});
});
