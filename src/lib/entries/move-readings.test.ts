import { describe, expect, it } from 'vitest';
import { MemoryStore } from '../../../tests/support/memory-store';
import { entriesOf, idOf, signOff, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { movedReadings } from './move-readings';
import { UnsentList, moveToNew } from './unsent.svelte';
import { MemoryLog } from '../../../tests/support/memory-store';
import type { RunEntry } from '$core';
import type { JobHead } from '$lib/wire/run-message';

const head = { id: idOf(1), sprayerId: idOf(2), startedAt: '2026-03-14T08:00:00.000Z', rig: testSprayer };
const signed = entriesOf([...wholeCalibration, signOff]);
const later = entriesOf([{ kind: 'run', time: { text: '28.1', unit: 's', gallon: 'US' }, by: 'typed' }], 500);
let made = 9000;
const outside = { newId: () => idOf((made += 1)), now: Date.parse('2026-03-14T10:00:00.000Z') };

describe('readings that came after a signature elsewhere', () => {
	it('go on in a new calibration that starts from the signed one, without its signature', () => {
		const moved = movedReadings({ head, entries: [...signed, ...later] }, later, outside);
		expect(moved.head.id).not.toBe(head.id);
		expect(moved.head).toMatchObject({ sprayerId: head.sprayerId, rig: head.rig });
		const told = moved.entries.map(({ kind }) => kind);
		expect(told).toEqual([...wholeCalibration.map((e) => e.kind), 'run']);
		expect(moved.entries.map((e) => e.seq)).toEqual(moved.entries.map((_, i) => i));
		const known = new Set([...signed, ...later].map((e) => e.id));
		expect(moved.entries.some((e) => known.has(e.id))).toBe(false);
		// What was typed is what was typed, and when.
		expect(moved.entries.at(-1)).toMatchObject({ time: { text: '28.1', unit: 's' }, at: later[0]!.at });
	});

	it('are kept anew before the old ones go, and nothing is left behind', async () => {
		const store = new MemoryStore();
		await store.create(head);
		for (const e of [...signed, ...later]) await store.add(head.id, e);
		await store.sent(
			head.id,
			signed.map((e) => e.id)
		);
		await store.refuse(head.id, [later[0]!.id], { code: 'signed-off', message: 'signed' });
		const list = new UnsentList({
			calibrations: store,
			runs: new MemoryLog<JobHead, RunEntry>(),
			before: null,
			kick: async () => undefined,
			newId: outside.newId,
			now: () => outside.now
		});
		await list.load();
		expect(list.items).toMatchObject([{ kind: 'calibration', count: 1, why: { code: 'signed-off' } }]);
		expect(JSON.parse(await list.file())).toMatchObject({ calibrations: { refused: [{ entries: later }] } });
		const to = (await list.move({ id: head.id, before: false }))!;
		expect((await store.open(to))!.entries).toHaveLength(wholeCalibration.length + 1);
		expect(await store.refused()).toEqual([]);
		expect((await store.open(head.id))!.entries).toHaveLength(signed.length);
		expect(list.items).toMatchObject([{ id: to, why: null, count: wholeCalibration.length + 1 }]);
		expect(await moveToNew({ calibrations: store, newId: outside.newId, now: () => 0 }, head.id)).toBeNull();
	});

	it('of before anybody signed in are listed too, and go on where the person is now', async () => {
		const [store, old] = [new MemoryStore(), new MemoryStore()];
		await old.create(head);
		for (const e of [...signed, ...later]) await old.add(head.id, e);
		await old.sent(
			head.id,
			signed.map((e) => e.id)
		);
		await old.refuse(head.id, [later[0]!.id], { code: 'signed-off', message: 'signed' });
		let kicks = 0;
		const runs = () => new MemoryLog<JobHead, RunEntry>();
		const list = new UnsentList({
			calibrations: store,
			runs: runs(),
			before: { calibrations: old, runs: runs() },
			kick: async () => void (kicks += 1),
			newId: outside.newId,
			now: () => outside.now
		});
		await list.load();
		expect(list.items).toMatchObject([{ id: head.id, before: true, count: 1 }]);
		expect(JSON.parse(await list.file())).toMatchObject({ calibrations: { refused: [{ entries: later }] } });
		await list.retry(list.items[0]!);
		expect([await old.refused(), (await old.unsent()).length, kicks]).toEqual([[], 1, 1]);
		await old.refuse(head.id, [later[0]!.id], { code: 'signed-off', message: 'signed' });
		const to = (await list.move({ id: head.id, before: true }))!;
		expect((await store.open(to))!.entries).toHaveLength(wholeCalibration.length + 1);
		expect(await old.refused()).toEqual([]);
		expect(list.items).toMatchObject([{ id: to, before: false, why: null }]);
	});
});
