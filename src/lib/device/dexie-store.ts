import type { Entry, Rig } from '$core';
import { inOrder } from '$core';
import type { KeptNozzles } from '$lib/formats/nozzle-table';
import type { RoundHead } from '$lib/formats/round-message';
import type { Table } from 'dexie';
import { Dexie } from 'dexie';
import type { KeptFarm, KeptRig, KeptRound, KeptWatch, RoundStore } from './round-store';

interface HeadRow {
	readonly id: string;
	readonly head: RoundHead;
	/** 1 while the server does not know the round; IndexedDB cannot index booleans. */
	readonly waiting: 0 | 1;
}

interface EntryRow {
	readonly id: string;
	readonly roundId: string;
	readonly entry: Entry;
	readonly waiting: 0 | 1;
}

/** The store in the browser's IndexedDB. */
export class DexieStore implements RoundStore {
	readonly #db: Dexie;
	readonly #heads: Table<HeadRow, string>;
	readonly #entries: Table<EntryRow, string>;
	readonly #kept: Table<{ key: string; value: unknown }, string>;

	constructor(name = 'fallow') {
		this.#db = new Dexie(name);
		this.#db.version(1).stores({ heads: 'id, waiting', entries: 'id, roundId, waiting', kept: 'key' });
		this.#heads = this.#db.table('heads');
		this.#entries = this.#db.table('entries');
		this.#kept = this.#db.table('kept');
	}

	async open(roundId: string): Promise<KeptRound | null> {
		const row = await this.#heads.get(roundId);
		if (!row) return null;
		const rows = await this.#entries.where('roundId').equals(roundId).toArray();
		return { head: row.head, entries: inOrder(rows.map((r) => r.entry)) };
	}

	async create(head: RoundHead): Promise<void> {
		await this.#db.transaction('rw', this.#heads, async () => {
			if (!(await this.#heads.get(head.id))) await this.#heads.add({ id: head.id, head, waiting: 1 });
		});
	}

	async add(roundId: string, entry: Entry): Promise<void> {
		await this.#entries.add({ id: entry.id, roundId, entry, waiting: 1 });
	}

	async merge(round: KeptRound): Promise<void> {
		await this.#db.transaction('rw', this.#heads, this.#entries, async () => {
			await this.#heads.put({ id: round.head.id, head: round.head, waiting: 0 });
			await this.#entries.bulkPut(
				round.entries.map((entry) => ({ id: entry.id, roundId: round.head.id, entry, waiting: 0 as const }))
			);
		});
	}

	async unsent(): Promise<KeptRound[]> {
		const waiting = await this.#entries.where('waiting').equals(1).toArray();
		const heads = await this.#heads.where('waiting').equals(1).toArray();
		const ids = new Set([...heads.map((h) => h.id), ...waiting.map((e) => e.roundId)]);
		const rows = await this.#heads.bulkGet([...ids].sort());
		return rows.flatMap((row) =>
			row ? [{ head: row.head, entries: inOrder(waiting.filter((e) => e.roundId === row.id).map((e) => e.entry)) }] : []
		);
	}

	async sent(roundId: string, entryIds: readonly string[]): Promise<void> {
		await this.#db.transaction('rw', this.#heads, this.#entries, async () => {
			await this.#heads.update(roundId, { waiting: 0 });
			for (const id of entryIds) await this.#entries.update(id, { waiting: 0 });
		});
	}

	keepFarm = (farm: KeptFarm) => this.#keep('farm', farm);
	farm = () => this.#get<KeptFarm>('farm');
	keepNozzles = (nozzles: KeptNozzles) => this.#keep('nozzles', nozzles);
	nozzles = () => this.#get<KeptNozzles>('nozzles');
	keepRig = (sprayerId: string, rig: KeptRig) => this.#keep(`sprayer:${sprayerId}`, rig);
	/** What an older version of this device kept had no settings yet. */
	async rig(sprayerId: string): Promise<KeptRig | null> {
		const kept = await this.#get<KeptRig>(`sprayer:${sprayerId}`);
		if (kept) return kept;
		const bare = await this.#get<Rig>(`rig:${sprayerId}`);
		return bare && { rig: bare, settings: [] };
	}
	keepWatch = (key: string, watch: KeptWatch | null) => this.#keep(`watch:${key}`, watch);
	watch = (key: string) => this.#get<KeptWatch>(`watch:${key}`);

	async #keep(key: string, value: unknown): Promise<void> {
		await this.#kept.put({ key, value });
	}

	async #get<T>(key: string): Promise<T | null> {
		return ((await this.#kept.get(key))?.value as T | undefined) ?? null;
	}
}
