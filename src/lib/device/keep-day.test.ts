import { describe, expect, it } from 'vitest';
import { MemoryLog, MemoryStore } from '../../../tests/support/memory-store';
import { entriesOf, idOf, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import type { RunEntry } from '$core';
import type { JobHead } from '$lib/wire/run-message';
import { keepDay } from './keep-day';

const head = { id: idOf(1), sprayerId: idOf(2), startedAt: '2026-03-14T08:00:00.000Z', rig: testSprayer };

describe('what the day needs', () => {
	it('is on the device before it is asked for, and what is typed there meanwhile is still to be sent', async () => {
		const store = new MemoryStore();
		const runs = new MemoryLog<JobHead, RunEntry>();
		const [mine] = entriesOf([wholeCalibration[0]!], 700);
		await store.create(head);
		await store.add(head.id, mine!);
		const job = { id: idOf(5) } as JobHead;
		const answers: Record<string, unknown> = {
			'/api/day': { sprayers: [{ id: idOf(2), round: head.id, calibration: idOf(9) }], jobs: [idOf(5)] },
			[`/api/sprayers/${idOf(2)}`]: { id: idOf(2), rig: testSprayer, settings: [], dial: null },
			[`/api/rounds/${head.id}`]: { round: head, entries: entriesOf(wholeCalibration) },
			[`/api/jobs/${idOf(5)}`]: { head: job, entries: [], sealed: false }
		};
		const looked: string[] = [];
		const outside = {
			ask: async <T>(path: string) => (answers[path] as T) ?? null,
			look: async (path: string) => void looked.push(path),
			store,
			runs
		};
		expect(await keepDay(outside)).toBe(3);
		expect(await store.sprayer(idOf(2))).toEqual({ rig: testSprayer, settings: [], dial: null });
		expect((await store.open(head.id))!.entries).toHaveLength(wholeCalibration.length + 1);
		expect((await store.unsent())[0]!.entries).toEqual([mine]);
		expect((await runs.open(idOf(5)))!.head).toEqual(job);
		expect(looked).toContain('/');
		expect(looked).toContain(`/jobs/${idOf(5)}`);
		expect(looked).toContain(`/calibrations/${idOf(9)}`);
	});

	it('changes nothing where the server is not there', async () => {
		const looked: string[] = [];
		const outside = {
			ask: async () => null,
			look: async (path: string) => void looked.push(path),
			store: new MemoryStore(),
			runs: new MemoryLog<JobHead, RunEntry>()
		};
		expect(await keepDay(outside)).toBeNull();
		expect(looked).toEqual([]);
	});
});
