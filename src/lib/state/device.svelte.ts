import { v7 } from 'uuid';
import type { KeptFarm, RoundStore } from '$lib/device/round-store';
import type { KeptNozzles } from '$lib/formats/nozzle-table';
import { IdbStore } from '$lib/device/idb-store';
import type { OutboxStatus } from '$lib/device/outbox';
import { Outbox, sendByHttp } from '$lib/device/outbox';

/** This device: its memory, its outbox, its clocks. Made once in the browser; screens and states are handed it. */
class Device {
	readonly store: RoundStore = new IdbStore();
	status = $state<OutboxStatus>({ state: 'sent' });
	readonly outbox = new Outbox({
		store: this.store,
		send: sendByHttp((input, init) => fetch(input, init)),
		later: (milliseconds, run) => {
			const timer = setTimeout(run, milliseconds);
			return () => clearTimeout(timer);
		},
		onStatus: (status) => (this.status = status)
	});
	readonly newId = () => v7();
	readonly now = () => Date.now();
	readonly steady = () => performance.now();

	constructor() {
		addEventListener('online', () => void this.outbox.kick());
		document.addEventListener('visibilitychange', () => {
			if (document.visibilityState === 'visible') void this.outbox.kick();
		});
		void this.outbox.kick();
		// Asked once: a browser short of room then leaves unsent readings alone.
		void navigator.storage?.persist?.();
	}

	/** The farm as the server has it, or as this device last saw it. */
	async farm(fetcher: typeof fetch = fetch): Promise<KeptFarm | null> {
		const fresh = await getJson<KeptFarm>('/api/farm', fetcher);
		if (fresh) await this.store.keepFarm(fresh);
		return fresh ?? this.store.farm();
	}

	/** The farm's nozzle table as the server has it, or as this device last saw it. */
	async nozzles(): Promise<KeptNozzles> {
		const fresh = await getJson<KeptNozzles>('/api/nozzles');
		if (fresh) await this.store.keepNozzles(fresh);
		return fresh ?? (await this.store.nozzles()) ?? { own: [], shed: [] };
	}
}

/** A JSON answer, or null where the server cannot be reached or knows nothing. */
export async function getJson<T>(path: string, fetcher: typeof fetch = fetch): Promise<T | null> {
	try {
		const response = await fetcher(path, { signal: AbortSignal.timeout(4000) });
		return response.ok ? ((await response.json()) as T) : null;
	} catch {
		return null;
	}
}

let made: Device | null = null;
export const device = (): Device => (made ??= new Device());
export type { Device };
