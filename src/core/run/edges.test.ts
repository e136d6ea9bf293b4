import { describe, expect, it } from 'vitest';
import type { PlanSheet } from '../loads/sheet';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { blockEnds } from './block-ends';
import { checkClose, checkRunEntry } from './check-run-entry';
import type { RunEntry, RunEntryBody } from './entries';
import type { RunLoad } from './fold-run';
import { foldRun } from './fold-run';
import { pouredOverMax } from './poured-over-max';
import { sprayedTime } from './sprayed-time';

const t = (text: string, unit = 'L'): Typed => ({ text, unit, gallon: 'US' });
const field: PlanSheet = {
	area: si(60_000),
	rate: si(2e-5),
	tank: si(0.6),
	split: 'full-then-part',
	products: [{ name: 'P', dose: { basis: 'liquidPerArea', dose: si(2e-7) } }]
};
const rowed: PlanSheet = { ...field, rows: { count: 30, length: si(400), spacing: si(5) } };
const wrong = (entry: RunEntryBody, sheet = field) =>
	checkRunEntry(entry, sheet).map((i) => [i.code, i.path, i.text, i.wanted, i.bound]);
const tick = (load: number, step: number, poured: Typed | null = null): RunEntryBody => ({
	kind: 'tick',
	load,
	step,
	poured
});
const weather = {
	from: 'SW',
	wind: t('2', 'm/s'),
	gust: null,
	temperature: null,
	humidity: '',
	sky: null,
	dew: null,
	lastRain: ''
};

describe('what is wrong with an entry, with its place and its bound', () => {
	it('of a tick', () => {
		expect(wrong(tick(1, 0))).toEqual([]);
		expect(wrong(tick(1, 60))).toEqual([]);
		expect(wrong(tick(1, 61))).toEqual([['not-whole', 'step', '61', undefined, undefined]]);
		expect(wrong(tick(0, 1))).toEqual([['not-whole', 'load', '0', undefined, undefined]]);
		expect(wrong(tick(1.5, 1))).toEqual([['not-whole', 'load', '1.5', undefined, undefined]]);
		expect(wrong(tick(1, 1, t('600')))).toEqual([]);
		expect(wrong(tick(1, 1, t('601')))).toEqual([['level-over-load', 'poured', '601', undefined, undefined]]);
		// A weight is held against no tank.
		expect(wrong(tick(1, 1, t('700', 'kg')))).toEqual([]);
		expect(wrong(tick(1, 1, t('x')))).toEqual([['unreadable', 'poured', 'x', 'volume|mass', undefined]]);
	});
	it('of how far it is, by ground and by rows', () => {
		const progress = (done: string, left: string): RunEntryBody => ({
			kind: 'progress',
			load: 1,
			done: { by: 'area', area: t(done, 'ha') },
			left: t(left)
		});
		expect(wrong(progress('6', '600'))).toEqual([]);
		expect(wrong(progress('6.04', '0'))).toEqual([['too-large', 'done', '6.04', undefined, '6 ha']]);
		expect(wrong(progress('3', '604'))).toEqual([['too-large', 'left', '604', undefined, 'a full tank']]);
		// What was told, rounded to three digits, may be typed again.
		expect(wrong(progress('6.02', '602'))).toEqual([]);
		expect(wrong(progress('x', '0'))).toEqual([['unreadable', 'done', 'x', 'area', undefined]]);
		expect(wrong(progress('3', 'x'))).toEqual([['unreadable', 'left', 'x', 'volume', undefined]]);
		const rows = (n: number): RunEntryBody => ({
			kind: 'progress',
			load: 1,
			done: { by: 'rows', rows: n },
			left: t('0')
		});
		expect(wrong(rows(3))).toEqual([['missing', 'rows', undefined, undefined, undefined]]);
		expect(wrong(rows(30), rowed)).toEqual([]);
		expect(wrong(rows(31), rowed)).toEqual([['too-large', 'done', '31', undefined, '30']]);
		expect(wrong(rows(0), rowed)).toEqual([['not-whole', 'done', '0', 'rows', undefined]]);
	});
	it('of weather, a reason, and what can be nothing but right', () => {
		const told = (change: Partial<typeof weather>): RunEntryBody => ({
			kind: 'weather',
			when: 'before',
			source: 'hand',
			weather: { ...weather, ...change },
			decision: 'spray',
			reason: ''
		});
		expect(wrong(told({}))).toEqual([]);
		expect(wrong(told({ humidity: '200' }))).toEqual([['too-large', 'weather.humidity', '200', 'humidity', '100']]);
		const pass = (reason: string): RunEntryBody => ({ kind: 'pass', code: 'wind-over', about: '', reason });
		expect(wrong(pass('   ok   '))).toEqual([['empty', 'reason', '   ok   ', 'reason', undefined]]);
		expect(wrong(pass('asked the adviser'))).toEqual([]);
		expect(wrong({ kind: 'follow', progress: 'e' })).toEqual([]);
		expect(wrong({ kind: 'strike', entry: 'e' })).toEqual([]);
		expect(wrong({ kind: 'spray', load: 0, act: 'start' })).toEqual([['not-whole', 'load', '0', undefined, undefined]]);
	});
	it('of the end: its ground, what is over, and when', () => {
		const close = (ended?: string): RunEntryBody => ({
			kind: 'close',
			done: { by: 'area', area: t('6', 'ha') },
			left: t('0'),
			remarks: '',
			...(ended === undefined ? {} : { ended })
		});
		expect(wrong(close())).toEqual([]);
		expect(wrong(close('2026-03-20T09:00:00Z'))).toEqual([]);
		expect(wrong(close('noon'))).toEqual([['unreadable', 'ended', 'noon', 'clock', undefined]]);
		expect(wrong({ ...close(), left: t('700') } as RunEntryBody)).toEqual([
			['too-large', 'left', '700', undefined, 'a full tank']
		]);
	});
});

describe('a run', () => {
	const run = (...bodies: readonly RunEntryBody[]) => {
		const entries = bodies.map((body, seq): RunEntry => ({
			...body,
			id: `e${seq}`,
			seq,
			at: `2026-03-20T08:0${seq}:00Z`
		}));
		const made = foldRun(field, [{ mixes: 'emulsion' }], entries);
		if (!made.ok) throw new Error(made.issues[0]!.code);
		return made.value;
	};
	const wrote = (when: 'before' | 'end', from: string): RunEntryBody => ({
		kind: 'weather',
		when,
		source: 'hand',
		weather: { ...weather, from },
		decision: when === 'before' ? 'spray' : null,
		reason: ''
	});
	const out: readonly RunEntryBody[] = [tick(1, 0), tick(1, 1), tick(1, 2), { kind: 'spray', load: 1, act: 'start' }];
	it('has the newest weather of each time', () => {
		expect(run().weather).toEqual({ before: null, end: null });
		const { before, end } = run(wrote('before', 'S'), wrote('before', 'W'), wrote('end', 'N')).weather;
		expect([before?.weather.from, end?.weather.from]).toEqual(['W', 'N']);
	});
	it('passes over a reading that says nothing: unreadable, of no ground, of a load that there is not', () => {
		const progress = (load: number, done: string, left: string): RunEntryBody => ({
			kind: 'progress',
			load,
			done: { by: 'area', area: t(done, 'ha') },
			left: t(left)
		});
		expect(run(...out, progress(1, '2', '100')).seen?.area).toBe(20_000);
		expect(run(...out, progress(2, '5', '100')).seen?.load).toBe(2);
		for (const odd of [progress(1, 'x', '100'), progress(1, '2', 'x'), progress(3, '2', '100')])
			expect(run(...out, odd).seen).toBeNull();
		expect(run(...out, { kind: 'progress', load: 1, done: { by: 'rows', rows: 3 }, left: t('0') }).seen).toBeNull();
	});
	it('closes with what went out, less what is over, and not with what was only mixed', () => {
		const close = (done: string, left: string): RunEntryBody => ({
			kind: 'close',
			done: { by: 'area', area: t(done, 'ha') },
			left: t(left),
			remarks: ''
		});
		const ended = run(...out, { kind: 'spray', load: 1, act: 'end' }, tick(2, 0), close('2.5', '60'));
		expect(ended.state).toBe('closed');
		// One load of 600 L, 60 L of it over, on 2.5 ha.
		expect(ended.closed!.volume!.rate).toBeCloseTo(0.54 / 25_000, 12);
		expect(ended.closed!.used[0]).toBeCloseTo(0.006 * 0.9, 12);
		expect(ended.closed!.endedAt).toBe('2026-03-20T08:04:00Z');
		const none = run(tick(1, 0), close('1', '0'));
		expect([none.closed!.used, none.closed!.volume, none.closed!.endedAt]).toEqual([[0], null, null]);
		expect(run(...out, close('x', '0')).closed).toBeNull();
		expect(run(...out, close('2', 'x')).closed).toBeNull();
		expect(run(...out, close('2', 'x')).state).toBe('under-way');
		// A load that went out and never ended has no end to count from.
		expect(checkClose(run(...out, close('2', '0'))).map((i) => [i.code, i.path])).toEqual([
			['interval-no-end', 'ended']
		]);
		expect(checkClose(none)).toEqual([]);
	});
	it('takes no tick of a step that there is not', () => {
		const { loads } = run(tick(1, 2), tick(1, 3), tick(1, 9));
		expect(loads[0]!.done.map(Boolean)).toEqual([false, false, true]);
		expect(loads[0]!.state).toBe('mixing');
	});
});

describe('when blocks were done', () => {
	type Load = Parameters<typeof blockEnds>[0][number];
	const load = (state: Load['state'], blocks: readonly string[] | null, endedAt: string | null): Load => ({
		state,
		blocks,
		endedAt
	});
	const early = '2026-03-20T08:00:00Z';
	const late = '2026-03-20T09:00:00Z';
	it('is the latest end of the loads that went there, whatever their order', () => {
		const loads = [load('out', ['a'], late), load('out', null, early)];
		expect(blockEnds(loads, ['a', 'b'], null)).toEqual({ a: late, b: early });
		expect(blockEnds([...loads].reverse(), ['a', 'b'], null)).toEqual({ a: late, b: early });
	});
	it('counts no load that is dry or being mixed, and is not known of one that went out and has no end', () => {
		const waiting = [load('dry', null, null), load('mixing', null, null)];
		expect(blockEnds([load('out', null, early), ...waiting], ['a'], null)).toEqual({ a: early });
		expect(blockEnds(waiting, ['a'], late)).toEqual({ a: null });
		expect(blockEnds([load('out', null, early), load('mixed', null, null)], ['a'], null)).toEqual({ a: null });
		expect(blockEnds([load('out', null, early), load('spraying', null, null)], ['a'], late)).toEqual({ a: late });
	});
	it('of a block that no load names is that of all of them', () => {
		expect(blockEnds([load('out', ['a'], early), load('out', ['b'], late)], ['c'], null)).toEqual({ c: late });
	});
});

describe('more than the label allows in a load', () => {
	const capped: PlanSheet = {
		...field,
		dead: si(0.06),
		products: [{ ...field.products[0]!, max: { kind: 'volume', perArea: si(2e-7) } }]
	};
	const load = (n: number, state: RunLoad['state'], litres: number, area = 30_000) =>
		({
			n,
			state,
			poured: { mix: si(0.6), area: si(area), products: [{ kind: 'volume', amount: si(litres / 1000) }] }
		}) as unknown as RunLoad;
	const over = (...loads: readonly RunLoad[]) =>
		pouredOverMax(loads, capped).map((o) => [o.load, Number(o.ratio.toFixed(6))]);
	it('is told of what is in the tank, and not before it is mixed', () => {
		const first = load(1, 'mixed', 9);
		expect(over(first, load(2, 'dry', 9))).toEqual([[1, 1.5]]);
		expect(over(first, load(2, 'mixing', 9))).toEqual([[1, 1.5]]);
		expect(over(load(1, 'mixed', 6), load(2, 'dry', 9))).toEqual([]);
		expect(over(load(1, 'mixed', 6.001), load(2, 'dry', 9))).toEqual([[1, 1.000167]]);
	});
	it('leaves out what stays in the tank after the last load, and a load without ground', () => {
		// A tenth of the last mix cannot be sprayed out.
		expect(over(load(1, 'out', 6), load(2, 'mixed', 9))).toEqual([[2, 1.35]]);
		expect(over(load(1, 'mixed', 9, 0), load(2, 'dry', 9))).toEqual([]);
	});
	it('is not told of a weight against a volume, nor without a most', () => {
		const heavy = load(1, 'mixed', 9);
		const dry: PlanSheet = {
			...capped,
			products: [{ ...capped.products[0]!, max: { kind: 'mass', perArea: si(1e-7) } }]
		};
		expect(pouredOverMax([heavy, load(2, 'dry', 1)], dry)).toEqual([]);
		expect(pouredOverMax([heavy, load(2, 'dry', 1)], field)).toEqual([]);
	});
});

it('sprays at most 16 hours on end, and counts nothing before a start', () => {
	const hours = (n: number) => n * 3600;
	expect(
		sprayedTime([
			{ act: 'start', at: 0 },
			{ act: 'end', at: hours(16) }
		])
	).toBe(hours(16));
	expect(
		sprayedTime([
			{ act: 'start', at: 0 },
			{ act: 'end', at: hours(16) + 1 }
		])
	).toBe(0);
	expect(
		sprayedTime([
			{ act: 'pause', at: 0 },
			{ act: 'end', at: 60 }
		])
	).toBe(0);
});

describe('rows and shares of ground in a run', () => {
	const entry = (body: RunEntryBody, seq: number): RunEntry => ({
		...body,
		id: `e${seq}`,
		seq,
		at: `2026-03-20T08:0${seq}:00Z`
	});
	it('begins each load after the rows of those before it', () => {
		const rows: PlanSheet = { ...rowed, split: 'whole-rows' };
		const made = foldRun(rows, [{ mixes: 'emulsion' }], []);
		expect(made.ok && made.value.loads.map((l) => [l.rowsBefore, l.load.rows])).toEqual([
			[0, 15],
			[15, 15]
		]);
		const plain = foldRun(field, [{ mixes: 'emulsion' }], []);
		expect(plain.ok && plain.value.loads.map((l) => l.rowsBefore)).toEqual([null, null]);
	});
	it('tells the true volume of the ground that is really sprayed', () => {
		// Half of it: 6 ha take 0.6 m³ at 2e-5 on what is sprayed.
		const bodies: readonly RunEntryBody[] = [
			tick(1, 0),
			tick(1, 1),
			tick(1, 2),
			{ kind: 'spray', load: 1, act: 'start' },
			{ kind: 'spray', load: 1, act: 'end' },
			{ kind: 'close', done: { by: 'area', area: t('6', 'ha') }, left: t('0'), remarks: '' }
		];
		const half = foldRun({ ...field, sprayedShare: 0.5 }, [{ mixes: 'emulsion' }], bodies.map(entry));
		if (!half.ok) throw new Error(half.issues[0]!.code);
		const { volume } = half.value.closed!;
		expect(volume!.rate).toBeCloseTo(1e-5, 12);
		expect(volume!.gap).toBeCloseTo(0, 9);
	});
});
