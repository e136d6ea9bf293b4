import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { MemoryStore } from '../../../tests/support/memory-store';
import { entriesOf, idOf, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { Seeded } from '../../../tests/support/seeded';
import { IdbStore } from './idb-store';
import type { CalibrationStore } from '../entries/calibration-store';

let n = 0;
let store: CalibrationStore;
let name: string;
beforeEach(() => {
	name = `test-${(n += 1)}`;
	store = new IdbStore(name);
});
const head = (id = 1) => ({
	id: idOf(id),
	sprayerId: idOf(2),
	startedAt: '2026-03-14T08:00:00.000Z',
	rig: structuredClone(testSprayer)
});

describe('the device’s memory', () => {
	it('has what was added after the page went away', async () => {
		await store.create(head());
		for (const entry of entriesOf(wholeCalibration)) await store.add(idOf(1), entry);
		const again = new IdbStore(name);
		expect((await again.open(idOf(1)))?.entries).toEqual(entriesOf(wholeCalibration));
		expect(await again.open(idOf(9))).toBeNull();
	});

	it('keeps a running watch, the farm and the sprayers', async () => {
		await store.keepWatch('run', { startedAt: 5 });
		expect(await store.watch('run')).toEqual({ startedAt: 5 });
		await store.keepWatch('run', null);
		expect(await store.watch('run')).toBeNull();
		await store.keepSprayer('s', { rig: testSprayer, settings: [] });
		expect(await store.sprayer('s')).toEqual({ rig: testSprayer, settings: [] });
		expect(await store.farm()).toBeNull();
	});

	it('takes a head back that nobody knows of, and none that was sent or that something was added to', async () => {
		for (const s of [store, new MemoryStore()]) {
			for (const id of [1, 2, 3]) await s.create(head(id));
			await s.add(idOf(2), entriesOf(wholeCalibration)[0]!);
			await s.sent(idOf(3), []);
			expect(await Promise.all([1, 2, 3, 4].map((id) => s.takeBack(idOf(id))))).toEqual([true, false, false, false]);
			expect((await s.unsent()).map(({ head: { id } }) => id)).toEqual([idOf(2)]);
			expect(await s.open(idOf(1))).toBeNull();
			expect(await s.open(idOf(3))).not.toBeNull();
		}
	});

	it('refuses the same entry twice rather than losing one', async () => {
		await store.create(head());
		const [entry] = entriesOf(wholeCalibration);
		await store.add(idOf(1), entry!);
		await expect(store.add(idOf(1), entry!)).rejects.toThrow();
	});

	it('does as plain maps do, over a seeded run of everything', async () => {
		const random = new Seeded(11);
		const plain = new MemoryStore();
		const both = [store, plain];
		let made = 0;
		for (let i = 0; i < 400; i += 1) {
			const id = random.whole(1, 3);
			const what = random.whole(0, 5);
			if (what === 0) for (const s of both) await s.create(head(id));
			else if (what === 1 && (await plain.open(idOf(id)))) {
				const [entry] = entriesOf(
					[wholeCalibration[random.whole(0, wholeCalibration.length - 1)]!],
					3000 + (made += 1)
				);
				for (const s of both) await s.add(idOf(id), entry!);
			} else if (what === 2) {
				const waiting = (await plain.unsent()).find((r) => r.head.id === idOf(id));
				const ids = waiting?.entries.slice(0, random.whole(0, 4)).map((e) => e.id) ?? [];
				if (waiting) for (const s of both) await s.sent(idOf(id), ids);
			} else if (what === 3) {
				const waiting = (await plain.unsent()).find((r) => r.head.id === idOf(id));
				const ids = waiting?.entries.slice(0, random.whole(0, 3)).map((e) => e.id) ?? [];
				const why = { code: 'out-of-range', message: 'too long' };
				if (waiting) for (const s of both) await s.refuse(idOf(id), ids, why);
			} else if (what === 4) {
				for (const s of both) await (i % 3 === 0 ? s.discard(idOf(id)) : s.retry(idOf(id)));
			} else {
				const kept = await plain.open(idOf(id));
				if (kept) for (const s of both) await s.merge({ head: kept.head, entries: kept.entries.slice(0, 2) });
			}
			expect(await store.unsent()).toEqual(await plain.unsent());
			expect(await store.refused()).toEqual(await plain.refused());
			expect(await store.open(idOf(id))).toEqual(await plain.open(idOf(id)));
		}
	});
});
