import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { PlanSheet } from '../loads/sheet';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { openStops } from '../safety/open-stops';
import { blockEnds } from './block-ends';
import { checkClose, checkRunEntry } from './check-run-entry';
import type { RunEntry, RunEntryBody } from './entries';
import type { JobRun } from './fold-run';
import { foldRun } from './fold-run';
import { pouredOverMax } from './poured-over-max';
import { remainingLoads } from './remaining-loads';

const t = (text: string, unit = 'L'): Typed => ({ text, unit, gallon: 'US' });
const rows = { count: 36, length: si<'length'>(148), spacing: si<'length'>(5.5) };
const orchard: PlanSheet = {
	area: si(36 * 148 * 5.5),
	rate: si(5e-5),
	tank: si(0.6),
	split: 'whole-rows',
	rows,
	products: [{ name: 'P', dose: { basis: 'liquidPerArea', dose: si(2e-7) } }]
};
const field: PlanSheet = { ...orchard, rows: undefined, split: 'full-then-part', area: si(63000), rate: si(1.8e-5) };
const mixing = [{ mixes: 'emulsion' as const }];

const at = (seq: number) => `2026-03-20T08:${String(seq % 60).padStart(2, '0')}:00Z`;
const entries = (...bodies: readonly RunEntryBody[]): RunEntry[] =>
	bodies.map((body, seq): RunEntry => ({ ...body, id: `e${seq}`, seq, at: at(seq) }));
const run = (sheet: PlanSheet, ...bodies: readonly RunEntryBody[]): JobRun => {
	const made = foldRun(sheet, mixing, entries(...bodies));
	if (!made.ok) throw new Error(made.issues[0]!.code);
	return made.value;
};
const tick = (load: number, step: number): RunEntryBody => ({ kind: 'tick', load, step, poured: null });
const mixed = (load: number): RunEntryBody[] => [0, 1, 2].map((step) => tick(load, step));
const spray = (load: number, act: 'start' | 'pause' | 'go-on' | 'end'): RunEntryBody => ({ kind: 'spray', load, act });
const whole = (load: number): RunEntryBody[] => [...mixed(load), spray(load, 'start'), spray(load, 'end')];

describe('a job under way', () => {
	it('goes from step to step and from load to load', () => {
		expect(run(field)).toMatchObject({ at: 0, state: 'planned', last: null, area: 0 });
		const begun = run(field, tick(1, 0));
		expect(begun.loads.map((l) => [l.state, l.next])).toEqual([
			['mixing', 1],
			['dry', 0]
		]);
		expect(run(field, ...mixed(1)).loads[0]).toMatchObject({ state: 'mixed', next: null });
		expect(run(field, ...mixed(1), spray(1, 'start')).loads[0]!.state).toBe('spraying');
		expect(run(field, ...mixed(1), spray(1, 'start'), spray(1, 'pause')).loads[0]!.state).toBe('paused');
		const second = run(field, ...whole(1));
		expect(second).toMatchObject({ at: 1, state: 'under-way' });
		expect(second.left).toBeCloseTo(0.534, 9);
		expect(second.loads[0]).toMatchObject({ startedAt: at(3), endedAt: at(4) });
		const all = run(field, ...whole(1), ...whole(2));
		expect(all).toMatchObject({ state: 'sprayed', left: 0 });
		expect(all.area).toBeCloseTo(63000, 6);
	});

	it('asks of a step that was ticked on two devices, and counts what went in twice', () => {
		const product = { kind: 'tick', load: 1, step: 1, poured: { text: '4', unit: 'L', gallon: 'US' } } as const;
		const bodies = [tick(1, 0), product, { ...product, by: 'B. Sample' }] as const;
		const [load] = run(field, ...bodies).loads;
		expect(load!.twice).toMatchObject([
			{ load: 1, step: 1, first: { id: 'e1' }, second: { id: 'e2', by: 'B. Sample' } }
		]);
		expect(load!.next).toBe(2);
		const once = run(field, ...bodies, { kind: 'strike', entry: 'e2' }).loads[0]!;
		expect(once.twice).toEqual([]);
		expect(once.poured.products[0]!.amount).toBeCloseTo(0.004, 12);
		const both = run(field, ...bodies, { kind: 'twice', tick: 'e2' }).loads[0]!;
		expect(both.twice).toEqual([]);
		expect(both.poured.products[0]!.amount).toBeCloseTo(0.008, 12);
		// Struck after all, it was once.
		const struck = run(field, ...bodies, { kind: 'twice', tick: 'e2' }, { kind: 'strike', entry: 'e2' }).loads[0]!;
		expect(struck.poured.products[0]!.amount).toBeCloseTo(0.004, 12);
		// A tick that says no amount counts as planned, again too.
		const planned = load!.load.products[0]!.amount;
		const bare = run(field, tick(1, 0), tick(1, 1), tick(1, 1), { kind: 'twice', tick: 'e2' }).loads[0]!;
		expect(bare.poured.products[0]!.amount).toBeCloseTo(2 * planned, 12);
		expect(bare.measured).toBe(false);
	});

	it('counts the ground by the newest reading, what its tank went on to cover, and the loads after it', () => {
		const seen: RunEntryBody = {
			kind: 'progress',
			load: 1,
			done: { by: 'area', area: t('2 ha', 'ha') },
			left: t('200')
		};
		const spraying = [...mixed(1), spray(1, 'start'), seen];
		expect(run(field, ...spraying).area).toBe(20000);
		expect(run(field, ...spraying).left).toBeCloseTo(0.2 + 0.534, 9);
		// 400 L on 2 ha: the 200 L that were left did one more.
		expect(run(field, ...spraying, spray(1, 'end')).area).toBeCloseTo(30000, 6);
		expect(run(field, ...spraying, spray(1, 'end'), ...whole(2)).area).toBeCloseTo(30000 + 0.534 / 1.8e-5, 6);
	});

	it('takes back the newest entry that counts, and keeps both on record', () => {
		const undone = run(field, tick(1, 0), tick(1, 1), { kind: 'strike', entry: 'e1' });
		expect(undone.loads[0]!.next).toBe(1);
		expect(undone.last?.id).toBe('e0');
		expect(run(field, tick(1, 0), { kind: 'strike', entry: 'e0' })).toMatchObject({ state: 'planned', last: null });
	});

	it('comes to the same in whatever order its entries arrive, and passes over what belongs nowhere', () => {
		const all = entries(
			...whole(1),
			{ kind: 'progress', load: 1, done: { by: 'area', area: t('3 ha', 'ha') }, left: t('0') },
			{ kind: 'follow', progress: 'e5' },
			tick(2, 0),
			tick(9, 0),
			tick(1, 40),
			{ kind: 'follow', progress: 'nobody' },
			{ kind: 'strike', entry: 'e8' }
		);
		const wanted = JSON.stringify(foldRun(field, mixing, all));
		fc.assert(
			fc.property(
				fc.shuffledSubarray(all, { minLength: all.length }),
				(shuffled) => JSON.stringify(foldRun(field, mixing, shuffled)) === wanted
			)
		);
	});
});

describe('it ran out at row 31', () => {
	const ranOut = (n: number): RunEntryBody => ({
		kind: 'progress',
		load: 2,
		done: { by: 'rows', rows: n },
		left: t('0')
	});
	const loads = run(orchard).loads.map((l) => l.load);
	const rowsOf2 = loads[0]!.rows! + loads[1]!.rows!;

	it('tells the true volume so far and whether to calibrate again', () => {
		const short = run(orchard, ...whole(1), ...mixed(2), spray(2, 'start'), ranOut(rowsOf2 - 3)).seen!;
		expect(short.volume.gap).toBeCloseTo(rowsOf2 / (rowsOf2 - 3) - 1, 9);
		expect(short.volume.calibrateAgain).toBe(true);
		const near = run(orchard, ...whole(1), ...mixed(2), ranOut(rowsOf2)).seen!;
		expect(near.volume.gap).toBeCloseTo(0, 9);
		expect(near.volume.calibrateAgain).toBe(false);
	});

	it('lets the loads that remain follow it, with whole rows that come out at the last', () => {
		const before = run(orchard, ...whole(1), ...mixed(2), ranOut(rowsOf2 - 3));
		const after = run(orchard, ...whole(1), ...mixed(2), ranOut(rowsOf2 - 3), {
			kind: 'follow',
			progress: `e${5 + 3}`
		});
		expect(before.seen!.followed).toBe(false);
		expect(after.seen!.followed).toBe(true);
		const rest = after.loads.slice(2);
		expect(rest.reduce((sum, l) => sum + l.load.rows!, 0)).toBe(36 - (rowsOf2 - 3));
		for (const { load } of rest) expect(load.mix / load.area).toBeCloseTo(before.seen!.volume.rate, 12);
		// The same dose on the ground from a weaker mix.
		for (const { load } of rest) expect(load.products[0]!.amount / load.area).toBeCloseTo(2e-7, 15);
		expect(after.loads.slice(0, 2).map((l) => l.load)).toEqual(loads.slice(0, 2));
		// The next load begins where the tank ran out, and the last ends at the last row.
		expect(after.loads[2]!.rowsBefore).toBe(rowsOf2 - 3);
		const last = after.loads.at(-1)!;
		expect(last.rowsBefore! + last.load.rows!).toBe(36);
		expect(after.area).toBeCloseTo((rowsOf2 - 3) * 148 * 5.5, 6);
	});
});

describe('what remains at the true volume', () => {
	it('covers all the ground that is left, whatever was seen and however it is split', () => {
		const share = fc.double({ min: 0.02, max: 0.98, noNaN: true });
		fc.assert(
			fc.property(
				share,
				share,
				fc.double({ min: 0.5, max: 2, noNaN: true }),
				fc.constantFrom('full-then-part' as const, 'equal' as const),
				(done, inTank, drift, split) => {
					const sheet = { ...field, split };
					const soFar = {
						rate: si<'volumePerArea'>(field.rate * drift),
						done: si<'area'>(field.area * done),
						rowsDone: null,
						left: si<'volume'>(field.tank * inTank)
					};
					const rest = remainingLoads(sheet, soFar);
					if (!rest.ok) return false;
					const mix = rest.value.loads.reduce((sum, l) => sum + l.mix, 0);
					const needed = (field.area - soFar.done) * soFar.rate;
					const has = mix + soFar.left - rest.value.spare;
					return Math.abs(has - needed) <= 1e-9 * needed && (rest.value.spare === 0 || mix === 0);
				}
			)
		);
	});
	it('counts whole rows by what the tank still holds', () => {
		const row = 148 * 5.5 * 6e-5;
		const rest = remainingLoads(orchard, {
			rate: si(6e-5),
			done: si(20 * 148 * 5.5),
			rowsDone: 20,
			left: si(row * 2.5)
		});
		if (!rest.ok) throw new Error('cannot be planned');
		expect(rest.value.loads.reduce((sum, l) => sum + l.rows!, 0)).toBe(14);
		expect(rest.value.spare).toBeCloseTo(row / 2, 12);
	});
});

describe('an entry against its job', () => {
	const codes = (body: RunEntryBody, sheet = orchard) => checkRunEntry(body, sheet).map((i) => [i.code, i.path]);
	const seen = (done: RunEntryBody & { kind: 'progress' }) => done;
	const progress = (change: Partial<RunEntryBody & { kind: 'progress' }> = {}) =>
		seen({ kind: 'progress', load: 1, done: { by: 'rows', rows: 31 }, left: t('0'), ...change });

	it('is kept where it can be true', () => {
		expect(codes(progress())).toEqual([]);
		expect(codes(progress({ done: { by: 'area', area: t('2.9 ha', 'ha') }, left: t('600') }))).toEqual([]);
		expect(codes({ kind: 'tick', load: 1, step: 0, poured: t('9.50') })).toEqual([]);
		expect(codes({ kind: 'tick', load: 1, step: 0, poured: t('0.6 kg') })).toEqual([]);
		expect(codes({ kind: 'strike', entry: 'e' })).toEqual([]);
	});
	it('is refused with its place where it cannot', () => {
		expect(codes(progress({ done: { by: 'rows', rows: 37 } }))).toEqual([['too-large', 'done']]);
		expect(codes(progress({ done: { by: 'rows', rows: 2.5 } }))).toEqual([['not-whole', 'done']]);
		expect(codes(progress(), field)).toEqual([['missing', 'rows']]);
		expect(codes(progress({ done: { by: 'area', area: t('3 ha', 'ha') } }))).toEqual([['too-large', 'done']]);
		expect(codes(progress({ left: t('610') }))).toEqual([['too-large', 'left']]);
		expect(codes(progress({ left: t('5 m') }))).toEqual([['wrong-kind', 'left']]);
		expect(codes(spray(0, 'start'))).toEqual([['not-whole', 'load']]);
		expect(codes({ kind: 'tick', load: 1, step: -1, poured: t('much') })).toEqual([
			['not-whole', 'step'],
			['unreadable', 'poured']
		]);
	});
});

describe('what was poured is what is on the ground', () => {
	const poured = (load: number, step: number, text: string): RunEntryBody => ({
		kind: 'tick',
		load,
		step,
		poured: t(text)
	});
	/** A field of 63,000 m² in two loads; the label allows 0.2 ml/m², the plan is just that. */
	const capped: PlanSheet = {
		...field,
		products: [{ ...field.products[0]!, max: { kind: 'volume', perArea: si(2e-7) } }]
	};
	const mixedWith = (load: number, text: string) => [tick(load, 0), poured(load, 1, text), tick(load, 2)];
	const close: RunEntryBody = {
		kind: 'close',
		done: { by: 'area', area: t('6.3 ha', 'ha') },
		left: t('0'),
		remarks: ''
	};
	const planned = run(capped).loads.map((l) => l.load.products[0]!.amount as number);

	it('in the close, by the ticks and not by the plan', () => {
		const done = run(capped, ...mixedWith(1, '9 L'), spray(1, 'start'), spray(1, 'end'), ...whole(2), close);
		expect(done.closed!.used[0]).toBeCloseTo(0.009 + planned[1]!, 9);
		expect(done.loads.map((l) => l.measured)).toEqual([true, false]);
	});
	it('is a stop where it is over the label, in the load that it is in', () => {
		const loads = run(capped, ...mixedWith(1, '9 L')).loads;
		expect(pouredOverMax(loads, capped)).toMatchObject([
			{ code: 'poured-over-max', about: 'P, load 1', ratio: expect.closeTo(0.009 / planned[0]!, 9) as number }
		]);
		expect(pouredOverMax(run(capped, ...whole(1)).loads, capped)).toEqual([]);
		// Half poured is not poured yet.
		expect(pouredOverMax(run(capped, tick(1, 0), poured(1, 1, '9 L')).loads, capped)).toEqual([]);
	});
	it('is passed with a reason, which stays with the run', () => {
		const reason: RunEntryBody = {
			kind: 'pass',
			code: 'poured-over-max',
			about: 'P, load 1',
			reason: 'adviser said so'
		};
		const made = run(capped, ...mixedWith(1, '9 L'), reason);
		expect(openStops(pouredOverMax(made.loads, capped), made.passed)).toEqual([]);
		expect(checkRunEntry({ ...reason, reason: ' ' }, capped).map((i) => i.code)).toEqual(['empty']);
	});
	it('is refused where it is more than the tank takes', () => {
		expect(checkRunEntry(poured(1, 1, '601 L'), capped).map((i) => i.code)).toEqual(['level-over-load']);
		expect(checkRunEntry(poured(1, 1, '600 L'), capped)).toEqual([]);
	});
});

describe('the end of a job', () => {
	const close = (ended?: string): RunEntryBody => ({
		kind: 'close',
		done: { by: 'area', area: t('6.3 ha', 'ha') },
		left: t('0'),
		remarks: '',
		...(ended ? { ended } : {})
	});
	it('is the last of the ends, and a load without one has none', () => {
		const done = run(field, ...whole(1), ...whole(2), close());
		expect(done.closed!.endedAt).toBe(at(9));
		expect(checkClose(done)).toEqual([]);
		const open = run(field, ...whole(1), ...mixed(2), spray(2, 'start'), close());
		expect(open.closed!.endedAt).toBeNull();
		expect(checkClose(open).map((i) => i.code)).toEqual(['interval-no-end']);
		const told = run(field, ...whole(1), ...mixed(2), spray(2, 'start'), close('2026-03-21T02:00:00Z'));
		expect(told.closed!.endedAt).toBe('2026-03-21T02:00:00Z');
		expect(checkClose(told)).toEqual([]);
		// Nothing went out: there is nothing to count from.
		expect(checkClose(run(field, tick(1, 0), close()))).toEqual([]);
	});
	it('is each block’s own, where somebody said which load went where', () => {
		const end = (load: number, blocks: string[]): RunEntryBody => ({ kind: 'spray', load, act: 'end', blocks });
		const made = run(
			field,
			...mixed(1),
			spray(1, 'start'),
			end(1, ['a']),
			...mixed(2),
			spray(2, 'start'),
			end(2, ['b'])
		);
		expect(blockEnds(made.loads, ['a', 'b'], null)).toEqual({ a: at(4), b: at(9) });
		// A load of which nobody said so counts for all.
		const untold = run(field, ...mixed(1), spray(1, 'start'), end(1, ['a']), ...whole(2));
		expect(blockEnds(untold.loads, ['a', 'b'], null)).toEqual({ a: at(9), b: at(9) });
		expect(blockEnds(untold.loads, ['c'], null)).toEqual({ c: at(9) });
	});
});

describe('the rest of a job at its true volume, where only a share of the ground is sprayed', () => {
	const banded: PlanSheet = { ...field, sprayedShare: 0.4 };
	it('plans what each treated area gets, and covers the field by what the share needs', () => {
		const rest = remainingLoads(banded, { rate: si(8e-6), done: si(13000), rowsDone: null, left: si(0) });
		if (!rest.ok) throw new Error(rest.issues[0]!.code);
		const { loads } = rest.value;
		// 50,000 m² of field at 8 ml/m² of field is 400 L; of treated ground it is 20 ml/m².
		expect(loads.reduce((sum, l) => sum + l.mix, 0)).toBeCloseTo(0.4, 9);
		expect(loads.reduce((sum, l) => sum + l.area, 0)).toBeCloseTo(50_000, 6);
		// The dose is per treated ground: 2 L/ha on two fifths of 5 ha.
		expect(loads.reduce((sum, l) => sum + l.products[0]!.amount, 0)).toBeCloseTo(2e-7 * 50_000 * 0.4, 12);
	});
});
