import type { Entry } from '../../src/core';
import { inOrder } from '../../src/core';
import type { KeptNozzles } from '../../src/lib/settings/nozzle-table';
import type {
	KeptFarm,
	KeptJobSource,
	KeptLog,
	KeptRig,
	KeptRound,
	KeptWatch,
	LogStore,
	Refusal,
	RoundStore
} from '../../src/lib/entries/round-store';

/** Logs as plain maps: the slow, obvious ones that the IndexedDB store is held against. */
export class MemoryLog<
	Head extends { readonly id: string },
	Item extends { readonly id: string; readonly seq: number }
> implements LogStore<Head, Item> {
	readonly #rounds = new Map<
		string,
		{
			head: Head;
			entries: Map<string, Item>;
			unsent: Set<string>;
			aside: Map<string, Refusal>;
			waiting: boolean;
			why: Refusal | null;
		}
	>();
	failNext: Error | null = null;

	async open(id: string) {
		const round = this.#rounds.get(id);
		return round ? { head: round.head, entries: inOrder([...round.entries.values()]) } : null;
	}
	async create(head: Head) {
		if (!this.#rounds.has(head.id))
			this.#rounds.set(head.id, {
				head,
				entries: new Map(),
				unsent: new Set(),
				aside: new Map(),
				waiting: true,
				why: null
			});
	}
	async add(id: string, entry: Item) {
		if (this.failNext) {
			const error = this.failNext;
			this.failNext = null;
			throw error;
		}
		const round = this.#rounds.get(id);
		round?.entries.set(entry.id, entry);
		round?.unsent.add(entry.id);
	}
	async merge(round: KeptLog<Head, Item>) {
		await this.create(round.head);
		const kept = this.#rounds.get(round.head.id)!;
		kept.waiting = false;
		kept.why = null;
		for (const entry of round.entries) {
			kept.entries.set(entry.id, entry);
			kept.unsent.delete(entry.id);
			kept.aside.delete(entry.id);
		}
	}
	async unsent() {
		return [...this.#rounds.values()]
			.filter((r) => r.waiting || r.unsent.size > 0)
			.sort((a, b) => (a.head.id < b.head.id ? -1 : 1))
			.map((r) => ({
				head: r.head,
				entries: inOrder([...r.entries.values()].filter((e) => r.unsent.has(e.id))),
				fresh: r.waiting
			}));
	}
	async sent(id: string, ids: readonly string[]) {
		const round = this.#rounds.get(id);
		if (!round) return;
		round.waiting = false;
		for (const one of ids) round.unsent.delete(one);
	}
	async refuse(id: string, ids: readonly string[], why: Refusal) {
		const round = this.#rounds.get(id);
		if (!round) return;
		for (const one of ids) if (round.unsent.delete(one)) round.aside.set(one, why);
		if (!round.waiting || round.unsent.size > 0) return;
		round.waiting = false;
		round.why = why;
	}
	async refused() {
		return [...this.#rounds.values()]
			.filter((r) => r.why !== null || r.aside.size > 0)
			.sort((a, b) => (a.head.id < b.head.id ? -1 : 1))
			.map((r) => ({
				head: r.head,
				entries: inOrder([...r.entries.values()].filter((e) => r.aside.has(e.id))),
				why: (r.aside.values().next().value ?? r.why)!
			}));
	}
	async retry(id: string) {
		const round = this.#rounds.get(id);
		if (!round) return;
		for (const one of round.aside.keys()) round.unsent.add(one);
		round.aside.clear();
		round.waiting ||= round.why !== null;
		round.why = null;
	}
	async takeBack(id: string) {
		const round = this.#rounds.get(id);
		return round !== undefined && round.waiting && round.entries.size === 0 && this.#rounds.delete(id);
	}
	async discard(id: string) {
		const round = this.#rounds.get(id);
		if (!round) return;
		for (const one of round.aside.keys()) round.entries.delete(one);
		round.aside.clear();
		if (round.why !== null) this.#rounds.delete(id);
	}
}

/** The same for rounds, with what else a device keeps. */
export class MemoryStore extends MemoryLog<KeptRound['head'], Entry> implements RoundStore {
	readonly #kept = new Map<string, unknown>();
	keepFarm = async (farm: KeptFarm) => void this.#kept.set('farm', farm);
	farm = async () => (this.#kept.get('farm') as KeptFarm | undefined) ?? null;
	keepJobSource = async (source: KeptJobSource) => void this.#kept.set('job-source', source);
	jobSource = async () => (this.#kept.get('job-source') as KeptJobSource | undefined) ?? null;
	keepNozzles = async (nozzles: KeptNozzles) => void this.#kept.set('nozzles', nozzles);
	nozzles = async () => (this.#kept.get('nozzles') as KeptNozzles | undefined) ?? null;
	keepRig = async (id: string, rig: KeptRig) => void this.#kept.set(`rig:${id}`, rig);
	rig = async (id: string) => (this.#kept.get(`rig:${id}`) as KeptRig | undefined) ?? null;
	keepWatch = async (key: string, watch: KeptWatch | null) => void this.#kept.set(`watch:${key}`, watch);
	watch = async (key: string) => (this.#kept.get(`watch:${key}`) as KeptWatch | undefined) ?? null;
}
