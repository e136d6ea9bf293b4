import { describe, expect, it } from 'vitest';
import type { Exercise } from '$core';
import { exercises, machineFlows } from '$core';
import { YardClock, fastBy } from './yard-clock';
import { YardState } from './yard.svelte';
import type { YardItem } from './yard-log';
import { actionsOf, claimsOf } from './yard-log';

const exercise = (id: string): Exercise => exercises.find((e) => e.id === id)!;

/** A yard on a clock that is moved by hand. */
function made(id: string, seed = 5) {
	let real = 0;
	const clock = new YardClock(() => real);
	const kept: YardItem[] = [];
	let n = 0;
	const yard = new YardState(
		{ head: { id: 'y', exercise: id, seed, begunAt: '2026-03-01T08:00:00Z' }, entries: [] },
		exercise(id),
		{
			store: { add: (_, item) => Promise.resolve(void kept.push(item)) },
			newId: () => `i${(n += 1)}`,
			now: () => 0,
			onAdded: () => undefined,
			clock
		}
	);
	return { yard, clock, kept, wait: (ms: number) => (real += ms) };
}

describe('a run that passes', () => {
	it('comes to its first flag after the approach and to the second after its own time', async () => {
		const { yard, wait } = made('boom-1');
		await yard.pass('drive');
		const passing = yard.passing!;
		expect(yard.along).toBeLessThan(0);
		wait(passing.approach * 1000);
		yard.tick();
		expect(yard.along).toBeCloseTo(0, 9);
		wait(passing.pass * 1000);
		yard.tick();
		expect(yard.along).toBeCloseTo(1, 9);
		wait(60_000);
		yard.tick();
		expect(yard.passing).toBeNull();
	});
	it('goes faster where only waiting is left, and not in the last seconds before a flag', async () => {
		const { yard, wait, clock } = made('boom-1');
		await yard.pass('drive');
		const { approach, pass } = yard.passing!;
		wait((approach + 1) * 1000);
		yard.tick();
		yard.hurry(true);
		const before = clock.now();
		wait(1000);
		expect(clock.now() - before).toBeCloseTo(fastBy * 1000, 6);
		for (let i = 0; yard.fast && i < 1000; i += 1) {
			wait(16);
			yard.tick();
		}
		expect(yard.fast).toBe(false);
		expect((1 - yard.along!) * pass).toBeGreaterThan(2.5);
		expect((1 - yard.along!) * pass).toBeLessThan(3.01);
	});
	it('is not driven twice at a time', async () => {
		const { yard, kept } = made('boom-1');
		await yard.pass('drive');
		await yard.pass('drive');
		expect(kept).toHaveLength(1);
	});
});

describe('jugs', () => {
	it('fill while they are held, and hold about what ran into them', async () => {
		const { yard, wait } = made('boom-1');
		yard.hold();
		wait(30_000);
		yard.tick();
		const flow = machineFlows(yard.yard.machine, yard.yard.setting).flows[3]!;
		expect(yard.level(4)).toBeCloseTo(flow * 30, 12);
		await yard.release();
		expect(yard.holding).toBeNull();
		// A hand is a little off its watch.
		expect(Math.abs(yard.level(4)! / (flow * 30) - 1)).toBeLessThan(0.04);
		expect(yard.yard.done).toHaveLength(1);
	});
	it('that were held for a slip of the finger are not kept', async () => {
		const { yard, wait, kept } = made('boom-1');
		yard.hold();
		wait(200);
		await yard.release();
		expect(kept).toEqual([]);
		expect(yard.level(1)).toBeNull();
	});
	it('run over at their brim', () => {
		const { yard, wait } = made('boom-1');
		yard.hold();
		wait(600_000);
		yard.tick();
		expect(yard.level(1)).toBeCloseTo(yard.yard.machine.jugSize.brim, 12);
	});
});

describe('a parked run', () => {
	it('takes the tank down by its sight gauge while it runs, and is kept when it stops', async () => {
		const { yard, wait, kept } = made('blower-2');
		const full = yard.sight;
		yard.park();
		wait(60_000);
		yard.tick();
		expect(yard.sight).toBeLessThan(full);
		await yard.stopParked();
		expect(actionsOf(kept)).toMatchObject([{ do: 'park', time: 60 }]);
	});
});

describe('what a learner says', () => {
	it('counts as it was said last', () => {
		const { yard } = made('boom-2');
		const worn = { kind: 'nozzle-worn', at: 3 } as const;
		yard.claim(worn, true);
		yard.claim({ kind: 'gauge-high', at: null }, true);
		yard.claim(worn, false);
		return Promise.resolve()
			.then(() => new Promise((done) => setTimeout(done)))
			.then(() => expect(claimsOf(yard.items)).toEqual([{ kind: 'gauge-high', at: null }]));
	});
});
