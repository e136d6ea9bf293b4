import { m } from '$words';
import { v7 } from 'uuid';
import type { HeardJobSource } from '$lib/wire/job-source';
import type { KeptFarm, KeptJobSource, CalibrationStore } from '$lib/entries/calibration-store';
import type { KeptNozzles } from '$lib/settings/nozzle-table';
import type { Entry, RunEntry } from '$core';
import { IdbLog, IdbStore } from './idb-store';
import { say } from '$lib/kit/say';
import { NewsLine } from './news';
import { moveToNew } from '$lib/entries/unsent.svelte';
import { placeOf } from './whose';
import type { OutboxStatus } from '$lib/entries/outbox';
import { Outbox, sendByHttp, worstStatus } from '$lib/entries/outbox';
import type { CalibrationHead, CalibrationMessage } from '$lib/wire/calibration-message';
import type { JobHead } from '$lib/wire/run-message';

const fetcher: typeof fetch = (input, init) => fetch(input, init);
const later = (milliseconds: number, run: () => void) => {
	const timer = setTimeout(run, milliseconds);
	return () => clearTimeout(timer);
};

const sendCalibration = sendByHttp<CalibrationHead, Entry>(fetcher, ({ head, entries }) => ({
	path: `/api/rounds/${head.id}`,
	body: { round: head, entries }
}));
// A job that was planned here is told before what was done for it.
const sendRun = sendByHttp<JobHead, RunEntry>(fetcher, ({ head, entries, fresh }) =>
	fresh && head.plan
		? { path: `/api/jobs/${head.id}`, body: { plan: head.plan, begun: entries.length > 0 } }
		: { path: `/api/jobs/${head.id}/entries`, body: { entries } }
);

/** This device: its memory, its outbox, its clocks. Made once in the browser; screens and states are handed it. */
class Device {
	/** What is of different people stays apart on one device. */
	readonly #place = placeOf();
	readonly store: CalibrationStore = new IdbStore(`fallow${this.#place}`);
	/** Jobs as they are mixed and sprayed. */
	readonly runs = new IdbLog<JobHead, RunEntry>(`fallow-jobs${this.#place}`);
	/** What was kept here while nobody had signed in; null where nobody has. */
	readonly before =
		this.#place === '' ? null : { calibrations: new IdbStore(), runs: new IdbLog<JobHead, RunEntry>('fallow-jobs') };
	#statuses = $state<Readonly<Record<'calibrations' | 'runs' | 'calibrationsBefore' | 'runsBefore', OutboxStatus>>>({
		calibrations: { state: 'sent' },
		runs: { state: 'sent' },
		calibrationsBefore: { state: 'sent' },
		runsBefore: { state: 'sent' }
	});
	#tell = (which: 'calibrations' | 'runs' | 'calibrationsBefore' | 'runsBefore') => (status: OutboxStatus) => {
		this.#statuses = { ...this.#statuses, [which]: status };
	};
	/** Of all that this device has to send. */
	status: OutboxStatus = $derived(Object.values(this.#statuses).reduce(worstStatus));
	readonly outbox = new Outbox<CalibrationHead, Entry>({
		store: this.store,
		send: sendCalibration,
		later,
		onStatus: (status) => {
			this.#tell('calibrations')(status);
			if (status.state === 'refused') void this.#moveLater();
		}
	});
	readonly runOutbox = new Outbox<JobHead, RunEntry>({
		store: this.runs,
		send: sendRun,
		later,
		onStatus: this.#tell('runs')
	});
	/** What others write on the farm. */
	readonly news = new NewsLine({ open: () => new EventSource('/api/news') });
	readonly newId = () => v7();
	readonly now = () => Date.now();
	readonly steady = () => performance.now();

	constructor() {
		const kick = () => void this.kick();
		addEventListener('online', kick);
		document.addEventListener('visibilitychange', () => {
			if (document.visibilityState !== 'visible') return this.news.pause();
			kick();
			this.news.resume();
		});
		kick();
		// Asked once: a browser short of room then leaves unsent readings alone.
		void navigator.storage?.persist?.();
	}

	/** Looks whether there is anything to send, now. */
	async kick(): Promise<void> {
		await Promise.all([this.outbox.kick(), this.runOutbox.kick(), this.#sendFromBefore()]);
	}

	#keeping: Promise<unknown> | null = null;
	/** Brings what the day needs here, in the background; one run at a time. */
	keepDay(): Promise<unknown> {
		return (this.#keeping ??= (async () => {
			const { keepDay } = await import('./keep-day');
			// A page that was answered is kept by the service worker on its way here.
			const look = async (path: string) => {
				if (navigator.serviceWorker?.controller)
					await fetch(path, { headers: { accept: 'text/html' } }).catch(() => null);
			};
			await this.nozzles();
			// Who may not plan is not told what a plan needs.
			if ((await this.store.farm())?.me?.rights.includes('plan') ?? true) await this.jobSource();
			await keepDay({ ask: (path) => getJson(path), look, store: this.store, runs: this.runs });
		})().finally(() => (this.#keeping = null)));
	}

	/** A calibration that readings were moved on from, as it was signed elsewhere meanwhile; and where they are now. */
	moved = $state.raw<{ readonly from: string; readonly to: string } | null>(null);

	/** Readings that came after a signature on another device go on in a new calibration, which starts from the signed one. */
	async #moveLater(): Promise<void> {
		for (const { head, why } of await this.store.refused()) {
			if (why.code !== 'signed-off') continue;
			// The signed one as the server has it: its readings of other devices too.
			const signed = await getJson<CalibrationMessage>(`/api/rounds/${head.id}`, fetcher, longWait);
			if (!signed) continue;
			await this.store.merge({ head: signed.round, entries: signed.entries });
			const to = await moveToNew({ calibrations: this.store, newId: this.newId, now: this.now }, head.id);
			if (to === null) continue;
			this.moved = { from: head.id, to };
			say(m.readings_were_moved());
		}
		await this.outbox.kick();
	}

	/** What somebody kept here while they were alone is sent by the first who signs in: it would wait for ever else. */
	async #sendFromBefore(): Promise<void> {
		const { before } = this;
		if (!before) return;
		this.#outboxesBefore ??= [
			new Outbox({
				store: before.calibrations,
				send: sendCalibration,
				later,
				onStatus: this.#tell('calibrationsBefore')
			}),
			new Outbox({ store: before.runs, send: sendRun, later, onStatus: this.#tell('runsBefore') })
		];
		await Promise.all(this.#outboxesBefore.map((outbox) => outbox.kick()));
	}
	#outboxesBefore: readonly { kick(): Promise<void> }[] | null = null;

	/** The farm as the server has it, or as this device last saw it. */
	async farm(fetcher: typeof fetch = fetch, wait = usualWait): Promise<KeptFarm | null> {
		const fresh = await getJson<KeptFarm>('/api/farm', fetcher, wait);
		if (fresh) await this.store.keepFarm(fresh);
		return fresh ?? this.store.farm();
	}

	/** What a job is planned from, as the server has it, or as this device last heard it. */
	async jobSource(fetcher: typeof fetch = fetch, wait = usualWait): Promise<KeptJobSource | null> {
		const fresh = await getJson<HeardJobSource>('/api/jobs/source', fetcher, wait);
		if (!fresh) return this.store.jobSource();
		const heard = { heard: this.now(), source: fresh };
		await this.store.keepJobSource(heard);
		return heard;
	}

	/** The farm's nozzle table as the server has it, or as this device last saw it. */
	async nozzles(): Promise<KeptNozzles> {
		const fresh = await getJson<KeptNozzles>('/api/nozzles');
		if (fresh) await this.store.keepNozzles(fresh);
		return fresh ?? (await this.store.nozzles()) ?? { own: [], shed: [] };
	}
}

/** How long an answer is waited for, ms: where the device can go on without it, and where nothing goes on before it is there. */
const usualWait = 4000;
export const longWait = 30_000;

/** A JSON answer, or null where the server cannot be reached or knows nothing. */
export async function getJson<T>(
	path: string,
	fetcher: typeof fetch = fetch,
	wait: number = usualWait
): Promise<T | null> {
	try {
		const response = await fetcher(path, { signal: AbortSignal.timeout(wait) });
		return response.ok ? ((await response.json()) as T) : null;
	} catch {
		return null;
	}
}

let made: Device | null = null;
export const device = (): Device => (made ??= new Device());
export type { Device };
