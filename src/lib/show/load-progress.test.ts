import { describe, expect, it } from 'vitest';
import type { JobRun, RunLoad, Seen } from '../../core';
import { loadProgress } from './load-progress';

const step = (to: number) => ({ do: 'water', to }) as RunLoad['steps'][number];
const done = {} as NonNullable<RunLoad['done'][number]>;
const load = (n: number, more: Partial<RunLoad>): RunLoad =>
	({
		n,
		steps: [step(0.2), step(0.4), step(0.8)],
		done: [null, null, null],
		startedAt: null,
		endedAt: null,
		...more
	}) as RunLoad;
const at = (iso: string) => iso.slice(11, 16);

describe('how far the loads are', () => {
	const loads = [
		load(1, { state: 'out', startedAt: '2026-03-20T07:00:00Z', endedAt: '2026-03-20T08:10:00Z' }),
		load(2, { state: 'spraying', startedAt: '2026-03-20T08:40:00Z' }),
		load(3, { state: 'mixing', done: [done, done, null] }),
		load(4, { state: 'dry' })
	];
	const told = (seen: Pick<Seen, 'load' | 'left'> | null) =>
		loadProgress({ loads, seen: seen as JobRun['seen'] }, 0.8, at);

	it('says which is out and when, which is at work, which is to mix', () => {
		expect(told(null).map((l) => [l.look, l.words, l.since])).toEqual([
			['out', 'sprayed out 08:10', 'begun at 07:00'],
			['now', 'spraying', 'begun at 08:40'],
			['now', 'mixing, 2 of 3 steps done', ''],
			['dry', 'to mix', '']
		]);
	});
	it('draws what a reading of this load or its mixing steps say is in the tank, and nothing else', () => {
		expect(told(null).map((l) => l.left)).toEqual([null, null, 0.5, null]);
		expect(told({ load: 2, left: 0.4 as Seen['left'] }).map((l) => l.left)).toEqual([null, 0.5, 0.5, null]);
		expect(told({ load: 1, left: 0.4 as Seen['left'] })[0]!.left).toBeNull();
	});
});
