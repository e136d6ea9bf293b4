import type { Entry } from '../../src/core';
import { inOrder } from '../../src/core';
import type { KeptNozzles } from '../../src/lib/settings/nozzle-table';
import type {
	KeptFarm,
	KeptJobSource,
	KeptLog,
	KeptSprayer,
	KeptCalibration,
	KeptWatch,
	LogStore,
	Refusal,
	CalibrationStore
} from '../../src/lib/entries/calibration-store';

/** Logs as plain maps: the slow, obvious ones that the IndexedDB store is held against. */
export class MemoryLog<
	Head extends { readonly id: string },
	Item extends { readonly id: string; readonly seq: number }
> implements LogStore<Head, Item> {
	readonly #logs = new Map<
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
		const log = this.#logs.get(id);
		return log ? { head: log.head, entries: inOrder([...log.entries.values()]) } : null;
	}
	async create(head: Head) {
		if (!this.#logs.has(head.id))
			this.#logs.set(head.id, {
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
		const log = this.#logs.get(id);
		log?.entries.set(entry.id, entry);
		log?.unsent.add(entry.id);
	}
	async merge(log: KeptLog<Head, Item>) {
		await this.create(log.head);
		const kept = this.#logs.get(log.head.id)!;
		kept.waiting = false;
		kept.why = null;
		for (const entry of log.entries) {
			kept.entries.set(entry.id, entry);
			kept.unsent.delete(entry.id);
			kept.aside.delete(entry.id);
		}
	}
	async unsent() {
		return [...this.#logs.values()]
			.filter((r) => r.waiting || r.unsent.size > 0)
			.sort((a, b) => (a.head.id < b.head.id ? -1 : 1))
			.map((r) => ({
				head: r.head,
				entries: inOrder([...r.entries.values()].filter((e) => r.unsent.has(e.id))),
				fresh: r.waiting
			}));
	}
	async sent(id: string, ids: readonly string[]) {
		const log = this.#logs.get(id);
		if (!log) return;
		log.waiting = false;
		for (const one of ids) log.unsent.delete(one);
	}
	async refuse(id: string, ids: readonly string[], why: Refusal) {
		const log = this.#logs.get(id);
		if (!log) return;
		for (const one of ids) if (log.unsent.delete(one)) log.aside.set(one, why);
		if (!log.waiting || log.unsent.size > 0) return;
		log.waiting = false;
		log.why = why;
	}
	async refused() {
		return [...this.#logs.values()]
			.filter((r) => r.why !== null || r.aside.size > 0)
			.sort((a, b) => (a.head.id < b.head.id ? -1 : 1))
			.map((r) => ({
				head: r.head,
				entries: inOrder([...r.entries.values()].filter((e) => r.aside.has(e.id))),
				why: (r.aside.values().next().value ?? r.why)!
			}));
	}
	async retry(id: string) {
		const log = this.#logs.get(id);
		if (!log) return;
		for (const one of log.aside.keys()) log.unsent.add(one);
		log.aside.clear();
		log.waiting ||= log.why !== null;
		log.why = null;
	}
	async takeBack(id: string) {
		const log = this.#logs.get(id);
		return log !== undefined && log.waiting && log.entries.size === 0 && this.#logs.delete(id);
	}
	async discard(id: string) {
		const log = this.#logs.get(id);
		if (!log) return;
		for (const one of log.aside.keys()) log.entries.delete(one);
		log.aside.clear();
		if (log.why !== null) this.#logs.delete(id);
	}
}

/** The same for calibrations, with what else a device keeps. */
export class MemoryStore extends MemoryLog<KeptCalibration['head'], Entry> implements CalibrationStore {
	readonly #kept = new Map<string, unknown>();
	keepFarm = async (farm: KeptFarm) => void this.#kept.set('farm', farm);
	farm = async () => (this.#kept.get('farm') as KeptFarm | undefined) ?? null;
	keepJobSource = async (source: KeptJobSource) => void this.#kept.set('job-source', source);
	jobSource = async () => (this.#kept.get('job-source') as KeptJobSource | undefined) ?? null;
	keepNozzles = async (nozzles: KeptNozzles) => void this.#kept.set('nozzles', nozzles);
	nozzles = async () => (this.#kept.get('nozzles') as KeptNozzles | undefined) ?? null;
	keepSprayer = async (id: string, sprayer: KeptSprayer) => void this.#kept.set(`rig:${id}`, sprayer);
	sprayer = async (id: string) => (this.#kept.get(`rig:${id}`) as KeptSprayer | undefined) ?? null;
	keepWatch = async (key: string, watch: KeptWatch | null) => void this.#kept.set(`watch:${key}`, watch);
	watch = async (key: string) => (this.#kept.get(`watch:${key}`) as KeptWatch | undefined) ?? null;
}
