import type { DBSchema, IDBPDatabase } from 'idb';
import { openDB } from 'idb';
import type { Entry, TypedSprayer } from '$core';
import { inOrder } from '$core';
import type { KeptNozzles } from '$lib/settings/nozzle-table';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import type {
	KeptFarm,
	KeptLog,
	KeptSprayer,
	KeptWatch,
	LogStore,
	Refusal,
	RefusedLog,
	CalibrationStore,
	KeptJobSource,
	UnsentLog
} from '../entries/calibration-store';

interface HeadRow<Head> {
	readonly id: string;
	readonly head: Head;
	/** 1 while the server does not know the calibration, 2 where it will not take it; IndexedDB cannot index booleans. */
	readonly waiting: 0 | 1 | 2;
	readonly why?: Refusal;
}

interface EntryRow<Item> {
	readonly id: string;
	/** Id of the log that it belongs to, by the name that devices hold it under. */
	readonly roundId: string;
	readonly entry: Item;
	readonly waiting: 0 | 1 | 2;
	readonly why?: Refusal;
}

interface Schema<Head, Item> extends DBSchema {
	heads: { key: string; value: HeadRow<Head>; indexes: { waiting: number } };
	entries: { key: string; value: EntryRow<Item>; indexes: { roundId: string; waiting: number } };
	kept: { key: string; value: { readonly key: string; readonly value: unknown } };
}

/** Devices have had version 10 since the first of them; its stores are these. */
const version = 10;

/** The disk has it before the write is told as done: a flat battery must not take a reading that was acknowledged. */
const safe = { durability: 'strict' } as const;

/** Logs in the browser's IndexedDB, a database for each kind of them. */
export class IdbLog<
	Head extends { readonly id: string },
	Item extends { readonly id: string; readonly seq: number }
> implements LogStore<Head, Item> {
	readonly #name: string;
	#opened: Promise<IDBPDatabase<Schema<Head, Item>>> | null = null;

	constructor(name: string) {
		this.#name = name;
	}

	/** Opened with its first use, and again where the browser closed it. */
	protected db(): Promise<IDBPDatabase<Schema<Head, Item>>> {
		const forget = () => (this.#opened = null);
		const opened = (this.#opened ??= openDB<Schema<Head, Item>>(this.#name, version, {
			upgrade(db) {
				db.createObjectStore('heads', { keyPath: 'id' }).createIndex('waiting', 'waiting');
				const entries = db.createObjectStore('entries', { keyPath: 'id' });
				entries.createIndex('roundId', 'roundId');
				entries.createIndex('waiting', 'waiting');
				db.createObjectStore('kept', { keyPath: 'key' });
			},
			blocking(_now, _wanted, event) {
				(event.target as IDBDatabase).close();
				forget();
			},
			terminated: forget
		}));
		opened.catch(forget);
		return opened;
	}

	async open(logId: string): Promise<KeptLog<Head, Item> | null> {
		const tx = (await this.db()).transaction(['heads', 'entries']);
		const [row, rows] = await Promise.all([
			tx.objectStore('heads').get(logId),
			tx.objectStore('entries').index('roundId').getAll(logId)
		]);
		return row ? { head: row.head, entries: inOrder(rows.map((r) => r.entry)) } : null;
	}

	/** The heads of all logs, in the order of their ids. */
	async heads(): Promise<Head[]> {
		return (await (await this.db()).getAll('heads')).map((row) => row.head);
	}

	async create(head: Head): Promise<void> {
		const tx = (await this.db()).transaction('heads', 'readwrite', safe);
		if (!(await tx.store.get(head.id))) await tx.store.add({ id: head.id, head, waiting: 1 });
		await tx.done;
	}

	async add(logId: string, entry: Item): Promise<void> {
		const tx = (await this.db()).transaction('entries', 'readwrite', safe);
		await Promise.all([tx.store.add({ id: entry.id, roundId: logId, entry, waiting: 1 }), tx.done]);
	}

	async merge(log: KeptLog<Head, Item>): Promise<void> {
		const tx = (await this.db()).transaction(['heads', 'entries'], 'readwrite', safe);
		await Promise.all([
			tx.objectStore('heads').put({ id: log.head.id, head: log.head, waiting: 0 }),
			...log.entries.map((entry) =>
				tx.objectStore('entries').put({ id: entry.id, roundId: log.head.id, entry, waiting: 0 })
			),
			tx.done
		]);
	}

	async unsent(): Promise<UnsentLog<Head, Item>[]> {
		const tx = (await this.db()).transaction(['heads', 'entries']);
		const heads = tx.objectStore('heads');
		const [waiting, waitingHeads] = await Promise.all([
			tx.objectStore('entries').index('waiting').getAll(1),
			heads.index('waiting').getAll(1)
		]);
		const ids = new Set([...waitingHeads.map((h) => h.id), ...waiting.map((e) => e.roundId)]);
		const rows = await Promise.all([...ids].sort().map((id) => heads.get(id)));
		return rows.flatMap((row) =>
			row
				? [
						{
							head: row.head,
							entries: inOrder(waiting.filter((e) => e.roundId === row.id).map((e) => e.entry)),
							fresh: row.waiting === 1
						}
					]
				: []
		);
	}

	async sent(logId: string, entryIds: readonly string[]): Promise<void> {
		const tx = (await this.db()).transaction(['heads', 'entries'], 'readwrite');
		const heads = tx.objectStore('heads');
		const entries = tx.objectStore('entries');
		const head = await heads.get(logId);
		if (head) await heads.put({ ...head, waiting: 0 });
		for (const id of entryIds) {
			const row = await entries.get(id);
			if (row) await entries.put({ ...row, waiting: 0 });
		}
		await tx.done;
	}

	async refuse(logId: string, entryIds: readonly string[], why: Refusal): Promise<void> {
		const tx = (await this.db()).transaction(['heads', 'entries'], 'readwrite', safe);
		const heads = tx.objectStore('heads');
		const entries = tx.objectStore('entries');
		// With none of its entries to blame it is the head itself.
		const head = await heads.get(logId);
		if (head && head.waiting === 1 && (entryIds.length === 0 || !(await this.#othersWait(entries, logId, entryIds))))
			await heads.put({ ...head, waiting: 2, why });
		for (const id of entryIds) {
			const row = await entries.get(id);
			if (row?.waiting === 1) await entries.put({ ...row, waiting: 2, why });
		}
		await tx.done;
	}

	/** Whether entries of a log wait besides some. */
	async #othersWait(
		entries: { index(name: 'roundId'): { getAll(id: string): Promise<EntryRow<Item>[]> } },
		logId: string,
		besides: readonly string[]
	): Promise<boolean> {
		const rows = await entries.index('roundId').getAll(logId);
		return rows.some((row) => row.waiting === 1 && !besides.includes(row.id));
	}

	async refused(): Promise<RefusedLog<Head, Item>[]> {
		const tx = (await this.db()).transaction(['heads', 'entries']);
		const heads = tx.objectStore('heads');
		const [aside, asideHeads] = await Promise.all([
			tx.objectStore('entries').index('waiting').getAll(2),
			heads.index('waiting').getAll(2)
		]);
		const ids = [...new Set([...asideHeads.map((h) => h.id), ...aside.map((e) => e.roundId)])].sort();
		const rows = await Promise.all(ids.map((id) => heads.get(id)));
		return rows.flatMap((row) => {
			if (!row) return [];
			const own = aside.filter((e) => e.roundId === row.id);
			const why = own[0]?.why ?? row.why;
			return why ? [{ head: row.head, entries: inOrder(own.map((e) => e.entry)), why }] : [];
		});
	}

	async retry(logId: string): Promise<void> {
		await this.#aside(logId, (row) => ({ ...row, waiting: 1 }));
	}

	async takeBack(logId: string): Promise<boolean> {
		const tx = (await this.db()).transaction(['heads', 'entries'], 'readwrite', safe);
		const heads = tx.objectStore('heads');
		const [head, count] = await Promise.all([
			heads.get(logId),
			tx.objectStore('entries').index('roundId').count(logId)
		]);
		const free = head?.waiting === 1 && count === 0;
		if (free) await heads.delete(logId);
		await tx.done;
		return free;
	}

	async discard(logId: string): Promise<void> {
		await this.#aside(logId, () => null);
	}

	/** Changes what was set aside of a log; null takes it off the device. */
	async #aside(
		logId: string,
		change: <Row extends HeadRow<Head> | EntryRow<Item>>(row: Row) => Row | null
	): Promise<void> {
		const tx = (await this.db()).transaction(['heads', 'entries'], 'readwrite', safe);
		const heads = tx.objectStore('heads');
		const entries = tx.objectStore('entries');
		const head = await heads.get(logId);
		if (head?.waiting === 2) {
			const changed = change(head);
			await (changed ? heads.put(changed) : heads.delete(logId));
		}
		for (const row of await entries.index('roundId').getAll(logId)) {
			if (row.waiting !== 2) continue;
			const changed = change(row);
			await (changed ? entries.put(changed) : entries.delete(row.id));
		}
		await tx.done;
	}
}

/** The store of calibrations, and of the farm as this device last saw it. */
export class IdbStore extends IdbLog<CalibrationHead, Entry> implements CalibrationStore {
	constructor(name = 'fallow') {
		super(name);
	}

	keepFarm = (farm: KeptFarm) => this.#keep('farm', farm);
	farm = () => this.#get<KeptFarm>('farm');
	keepJobSource = (source: KeptJobSource) => this.#keep('job-source', source);
	jobSource = () => this.#get<KeptJobSource>('job-source');
	keepNozzles = (nozzles: KeptNozzles) => this.#keep('nozzles', nozzles);
	nozzles = () => this.#get<KeptNozzles>('nozzles');
	keepSprayer = (sprayerId: string, sprayer: KeptSprayer) => this.#keep(`sprayer:${sprayerId}`, sprayer);
	/** What an older version of this device kept had no settings yet. */
	async sprayer(sprayerId: string): Promise<KeptSprayer | null> {
		const kept = await this.#get<KeptSprayer>(`sprayer:${sprayerId}`);
		if (kept) return kept;
		const bare = await this.#get<TypedSprayer>(`rig:${sprayerId}`);
		return bare && { rig: bare, settings: [] };
	}
	keepWatch = (key: string, watch: KeptWatch | null) => this.#keep(`watch:${key}`, watch);
	watch = (key: string) => this.#get<KeptWatch>(`watch:${key}`);

	async #keep(key: string, value: unknown): Promise<void> {
		await (await this.db()).put('kept', { key, value });
	}

	async #get<T>(key: string): Promise<T | null> {
		return ((await (await this.db()).get('kept', key))?.value as T | undefined) ?? null;
	}
}
