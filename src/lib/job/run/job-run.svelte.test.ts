import { describe, expect, it } from 'vitest';
import { demoProducts } from '../../../../demo/products';
import type { RunEntry, RunEntryBody, TypedJob } from '$core';
import { MemoryLog } from '../../../../tests/support/memory-store';
import { idOf, t } from '../../../../tests/support/entries';
import { metric } from '../../../../tests/support/calibration-state';
import type { JobHead } from '$lib/wire/run-message';
import { keepAwake } from '$lib/device/awake';
import { JobRunState } from './job-run.svelte';

const rows = { count: 36, length: 148, spacing: 5.5 };
const job: TypedJob = {
	day: '2026-03-20',
	blocks: [
		{
			id: idOf(1),
			name: 'Hazel rows',
			area: 36 * 148 * 5.5,
			share: 26 / 36,
			part: { by: 'rows', from: 11, to: 36 },
			rows,
			spacing: 5.5
		}
	],
	tank: t('600', 'L'),
	dead: null,
	agitation: null,
	products: [{ id: idOf(2), label: demoProducts[0]!, dose: t('2 L/ha', 'L/ha') }],
	split: 'whole-rows',
	reason: '',
	notes: ''
};
const head: JobHead = {
	id: idOf(9),
	job,
	rate: 5e-5,
	relativeU95: 0.04,
	signedDay: '2026-03-18',
	calibrationId: idOf(3),
	sprayer: 'Blower'
};

async function running(change: Partial<TypedJob> = {}) {
	const store = new MemoryLog<JobHead, RunEntry>();
	const one = { ...head, job: { ...job, ...change } };
	await store.create(one);
	let n = 100;
	let added = 0;
	const state = new JobRunState({ head: one, entries: [] }, metric, {
		store,
		newId: () => idOf(n++),
		now: () => Date.parse('2026-03-20T08:52:00Z') + n * 1000,
		onAdded: () => (added += 1)
	});
	return { state, store, added: () => added };
}
const fair: RunEntryBody = {
	kind: 'weather',
	when: 'before',
	source: 'hand',
	weather: {
		from: 'SW',
		wind: t('8', 'km/h'),
		gust: null,
		temperature: null,
		humidity: '60',
		sky: 'partly',
		dew: false,
		lastRain: ''
	},
	decision: 'spray',
	reason: ''
};
/** Does what is next, the weather too where that is next. */
async function onward(state: JobRunState): Promise<boolean> {
	if (state.next.act === 'weather') await state.add(fair);
	return state.go();
}

describe('mixing and spraying a job', () => {
	it('has one thing to do next, from the first water to the last load', async () => {
		const { state, store, added } = await running();
		expect(state.run!.loads.length).toBe(2);
		const said: string[] = [];
		for (let i = 0; i < 10; i += 1) {
			said.push(state.next.words);
			expect(await onward(state)).toBe(true);
		}
		expect(said).toEqual([
			'Water is at 285 L',
			'Sample Ochre is in, rinse done',
			'At the mark, lid on',
			'Look at the weather first',
			'Load 1 is sprayed out',
			'Water is at 244 L',
			'Sample Ochre is in, rinse done',
			'At the mark, lid on',
			'Begin spraying load 2',
			'Load 2 is sprayed out'
		]);
		expect([state.run!.state, state.next.act, await state.go()]).toEqual(['sprayed', 'nothing', false]);
		expect(added()).toBe(11);
		expect((await store.open(idOf(9)))!.entries).toHaveLength(11);
		const poured = state.entries.flatMap((e) => (e.kind === 'tick' && e.poured ? [e.poured.text] : []));
		expect(poured).toHaveLength(2);
	});

	it('takes back step by step, and pauses', async () => {
		const { state } = await running();
		await state.go();
		await state.go();
		await state.undo();
		expect(state.next.words).toBe('Sample Ochre is in, rinse done');
		await state.undo();
		expect(state.run!.state).toBe('planned');
		expect(await state.undo()).toBe(false);
		for (let i = 0; i < 4; i += 1) await onward(state);
		await state.pause();
		expect([state.current!.state, state.next.words]).toEqual(['paused', 'Continue spraying']);
		await state.go();
		expect(state.current!.state).toBe('spraying');
	});

	it('shows another load without working on it', async () => {
		const { state } = await running();
		state.looked = 2;
		expect([state.shown!.n, state.current!.n]).toEqual([2, 1]);
		await state.go();
		expect(state.shown!.n).toBe(1);
	});

	it('keeps its order where the phone’s clock jumps, back or ahead, and what was done stays done', async () => {
		const store = new MemoryLog<JobHead, RunEntry>();
		await store.create(head);
		let n = 500;
		// Each thing at a time of its own: back two days in the middle of a load, then a week ahead, then right again.
		const hours = [0, 1, 2, 3, 3, -45, -44, 168, 169, 4, 5];
		const outside = {
			store,
			newId: () => idOf(n++),
			now: () => Date.parse('2026-03-20T08:00:00Z') + hours[Math.min(hours.length - 1, n - 500)]! * 3_600_000,
			onAdded: () => undefined
		};
		const state = new JobRunState({ head, entries: [] }, metric, outside);
		for (let i = 0; i < 10; i += 1) expect(await onward(state)).toBe(true);
		expect(state.run!.state).toBe('sprayed');
		expect(state.run!.loads.map((l) => l.state)).toEqual(['out', 'out']);
		// Another device gets the same from the entries, in whatever order they come.
		const { entries } = (await store.open(head.id))!;
		const other = new JobRunState({ head, entries: [...entries].reverse() }, metric, outside);
		expect(other.run!.loads).toEqual(state.run!.loads);
		expect(entries.map((e) => e.seq)).toEqual(entries.map((_, i) => i));
		expect(await other.undo()).toBe(true);
		expect(other.run!.loads.map((l) => l.state)).toEqual(['out', 'spraying']);
	});

	it('says that it could not keep something, and keeps the rest', async () => {
		const { state, store, added } = await running();
		store.failNext = new Error('disk full');
		expect(await state.go()).toBe(false);
		expect([state.storeError, added(), state.run!.state]).toEqual(['disk full', 0, 'planned']);
		expect(await state.go()).toBe(true);
		expect(state.storeError).toBeNull();
	});

	it('takes in what another device added, once', async () => {
		const { state } = await running();
		const other: RunEntry = {
			kind: 'tick',
			load: 1,
			step: 0,
			poured: null,
			id: idOf(77),
			seq: 0,
			at: '2026-03-20T08:00:00Z'
		};
		state.takeIn([other]);
		state.takeIn([other]);
		expect(state.entries).toHaveLength(1);
		expect(state.current!.next).toBe(1);
	});
});

describe('what stops a job under way', () => {
	it('is more poured than the label allows, until its reason is written', async () => {
		const { state } = await running();
		await state.go();
		expect(await state.pourOther('9')).toBeNull();
		expect(state.entries.at(-1)).toMatchObject({ kind: 'tick', poured: { text: '9' } });
		await state.go();
		expect(state.open.map((s) => [s.code, s.about])).toEqual([['poured-over-max', 'Sample Ochre, load 1']]);
		expect([state.next.act, await state.go()]).toEqual(['stopped', false]);
		expect(await state.pass(state.open[0]!, 'no')).toBe(false);
		expect(await state.pass(state.open[0]!, 'Spilled a third of it on the ground')).toBe(true);
		expect([state.open, state.next.act]).toEqual([[], 'weather']);
		expect(state.run!.passed).toMatchObject([
			{ code: 'poured-over-max', reason: 'Spilled a third of it on the ground' }
		]);
	});

	it('is weather that nobody looked at, that was waited for, or that is old when the night comes', async () => {
		const place = { latitude: 47, longitude: 0 };
		const noon = Date.parse('2026-03-20T12:00:00Z');
		let now = noon;
		let n = 900;
		const store = new MemoryLog<JobHead, RunEntry>();
		await store.create({ ...head, place });
		const outside = { store, newId: () => idOf(n++), now: () => now, onAdded: () => undefined };
		const state = new JobRunState({ head: { ...head, place }, entries: [] }, metric, outside);
		while (state.next.act === 'tick') await state.go();
		expect([state.next.act, await state.go()]).toEqual(['weather', false]);
		await state.add({ ...fair, decision: 'wait' } as RunEntryBody);
		expect(state.next.act).toBe('weather');
		await state.add(fair);
		expect(state.next.act).toBe('spray');
		// Sunset is near six: at five the noon’s reading says nothing of the air any more, at three it does.
		now = noon + 3 * 3_600_000;
		state.tick();
		expect(state.next.act).toBe('spray');
		now = noon + 5 * 3_600_000;
		expect([await state.go(), state.next.act]).toEqual([false, 'weather']);
	});

	it('gives back what nobody poured', async () => {
		const { state } = await running();
		await state.go();
		expect(await state.pourOther('lots')).toContain('“lots”');
		expect(await state.pourOther('3 kg')).toContain('“3 kg”');
		expect(await state.pourOther('900 L')).toContain('900 L');
		expect(state.entries).toHaveLength(1);
	});
});

describe('it ran out at a row', () => {
	async function spraying(change: Partial<TypedJob> = {}) {
		const made = await running(change);
		for (let i = 0; i < 4; i += 1) await onward(made.state);
		return made.state;
	}

	it('counts from the first row of the part, and tells what the rest becomes', async () => {
		const state = await spraying();
		expect([state.firstRow, state.plannedDone]).toEqual([11, '24']);
		expect(await state.progress({ by: 'rows', done: '22', left: '0' })).toBe(true);
		const { seen } = state.run!;
		expect([seen!.rowsDone, seen!.volume.calibrateAgain]).toEqual([12, true]);
		expect(seen!.volume.gap).toBeCloseTo(14 / 12 - 1, 9);
		// By what the jug showed, not by the exact figure: 4.05 L on 12 rows of the 2 L/ha that the label allows.
		const jug = state.entries.flatMap((e) => (e.kind === 'tick' && e.poured ? [e.poured.text] : []));
		const perHa = Number.parseFloat(jug[0]!) / ((12 * 148 * 5.5) / 1e4);
		expect(state.overSoFar).toEqual([{ name: 'Sample Ochre', ratio: expect.closeTo(perHa / 2, 6) as unknown }]);
		const before = state.run!.loads.length;
		await state.follow();
		expect(state.run!.seen!.followed).toBe(true);
		expect(state.run!.loads.slice(1).reduce((sum, l) => sum + l.load.rows!, 0)).toBe(14);
		expect(state.run!.loads.length).toBeGreaterThan(before - 1);
		await state.undo();
		expect(state.run!.seen!.followed).toBe(false);
	});

	it.each([
		[{ done: '40', left: '0' }, 'done', '36 is the most'],
		[{ done: 'many', left: '0' }, 'done', 'not a whole number'],
		[{ done: '', left: '0' }, 'done', 'not a whole number'],
		[{ done: '20', left: '900 L' }, 'left', 'a full tank'],
		[{ done: '20', left: '570' }, 'left', 'nothing is sprayed yet'],
		[{ done: '20', left: '' }, 'left', 'Nothing is written']
	])('gives back what cannot be: %o', async (text, place, words) => {
		const state = await spraying();
		expect(await state.progress({ by: 'rows', ...text })).toBe(false);
		expect(state.problems[place]).toContain(words);
		expect(state.run!.seen).toBeNull();
	});

	it('goes by ground where there are no rows', async () => {
		const state = await spraying({
			blocks: [{ ...job.blocks[0]!, rows: null, part: undefined, share: 1 }],
			split: 'equal'
		});
		expect([state.firstRow, state.plannedDone]).toEqual([null, '']);
		expect(await state.progress({ by: 'area', done: '0.5', left: '200' })).toBe(true);
		expect(state.run!.area).toBe(5000);
	});
});

describe('the screen stays awake', () => {
	const page = () => {
		let hidden = false;
		let run = () => {};
		const told: boolean[] = [];
		let held = 0;
		const stop = keepAwake({
			locks: {
				request: async () => {
					held += 1;
					return { release: async () => void (held -= 1) };
				}
			},
			visible: () => !hidden,
			onVisibility: (r) => {
				run = r;
				return () => (run = () => {});
			},
			told: (awake) => told.push(awake)
		});
		const turn = async (now: boolean) => {
			hidden = now;
			run();
			await Promise.resolve();
			await Promise.resolve();
		};
		return { stop, turn, told, held: () => held };
	};
	it('is asked for again when the page comes back, and let go at the end', async () => {
		const { stop, turn, told, held } = page();
		await turn(true);
		await turn(false);
		expect(told.at(-1)).toBe(true);
		expect(told).toContain(false);
		const before = held();
		stop();
		await Promise.resolve();
		expect(held()).toBe(before - 1);
	});
	it('is told where the browser refuses or has none', async () => {
		const told: boolean[] = [];
		const outside = { visible: () => true, onVisibility: () => () => {}, told: (a: boolean) => void told.push(a) };
		keepAwake({ ...outside, locks: null });
		keepAwake({ ...outside, locks: { request: () => Promise.reject(new Error('low battery')) } });
		await new Promise((done) => setTimeout(done));
		expect(told).toEqual([false, false]);
	});
});
