import { describe, expect, it } from 'vitest';
import type { Issue } from '$core';
import { EntryLog } from './entry-log.svelte';

interface Said {
	readonly what: string;
}
type Kept = Said & { readonly id: string; readonly seq: number; readonly at: string };

function logOf(entries: readonly Kept[] = [], check: (body: Said) => readonly Issue[] = () => []) {
	const stored: Kept[] = [];
	const device = { full: false, sends: 0, waits: [] as (() => void)[], slow: false };
	const log = new EntryLog<{ id: string }, Said, Kept>(
		{ head: { id: 'log' }, entries },
		{
			store: {
				add: async (_, entry) => {
					if (device.slow) await new Promise<void>((resolve) => device.waits.push(resolve));
					if (device.full) throw new Error('disk full');
					stored.push(entry);
				}
			},
			newId: () => `id ${stored.length}`,
			now: () => 0,
			onAdded: () => (device.sends += 1)
		},
		check
	);
	return { log, stored, device };
}

describe('a log of entries', () => {
	it('shows and sends what the device has kept, each in its place', async () => {
		const { log, stored, device } = logOf([{ what: 'begin', id: 'a', seq: 4, at: '' }]);
		expect(await log.add({ what: 'tick' })).toEqual([]);
		expect(stored).toEqual([{ what: 'tick', id: 'id 0', seq: 5, at: '1970-01-01T00:00:00.000Z' }]);
		expect([log.entries.map((e) => e.what), log.next, device.sends]).toEqual([['begin', 'tick'], 6, 1]);
	});

	it('keeps nothing of what is wrong, and tells it', async () => {
		const { log, stored, device } = logOf([], ({ what }) =>
			what === 'x' ? [{ code: 'unreadable', path: 'what' }] : []
		);
		expect(await log.add({ what: 'x' })).toEqual([{ code: 'unreadable', path: 'what' }]);
		expect([stored, log.entries, device.sends]).toEqual([[], [], 0]);
	});

	it('says so where the device cannot keep it, and goes on when it can', async () => {
		const { log, device } = logOf();
		device.full = true;
		expect(await log.add({ what: 'tick' })).toEqual([{ code: 'not-stored', path: '', text: 'disk full' }]);
		expect([log.storeError, log.entries, device.sends]).toEqual(['disk full', [], 0]);
		device.full = false;
		expect(await log.add({ what: 'tick' })).toEqual([]);
		expect([log.storeError, log.entries.length]).toEqual([null, 1]);
	});

	it('keeps the order of a quick hand', async () => {
		const { log, stored, device } = logOf();
		device.slow = true;
		const both = Promise.all([log.add({ what: 'first' }), log.add({ what: 'second' })]);
		while (stored.length < 2) {
			device.waits.shift()?.();
			await Promise.resolve();
		}
		await both;
		expect(stored.map((e) => [e.what, e.seq])).toEqual([
			['first', 0],
			['second', 1]
		]);
	});

	it('asks what is made of others when its turn comes, so that none is lost that is on its way', async () => {
		const { log, stored } = logOf();
		const after = () => ({ what: `after ${log.entries.length}` });
		const answers = await Promise.all([log.add(after), log.add(after), log.add(() => null), log.add(after)]);
		expect(stored.map((e) => [e.what, e.seq])).toEqual([
			['after 0', 0],
			['after 1', 1],
			['after 2', 2]
		]);
		expect(answers).toEqual([[], [], [], []]);
	});

	it('takes in what another device made, once', () => {
		const { log } = logOf();
		const theirs = [{ what: 'tick', id: 'b', seq: 0, at: '' }];
		log.takeIn(theirs);
		log.takeIn(theirs);
		expect(log.entries).toEqual(theirs);
	});
});
