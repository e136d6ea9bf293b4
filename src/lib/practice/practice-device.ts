import { v7 } from 'uuid';
import type { Entry } from '$core';
import { IdbLog, IdbStore } from '$lib/device/idb-store';
import { placeOf } from '$lib/device/whose';
import type { WatchDevice } from '$lib/calibration/kept-watch';
import type { KeptFarm } from '$lib/entries/calibration-store';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import { firstEntries, calibrationHeadOf } from './begin-yard';
import { exerciseOf } from './exercise-of';
import { YardClock } from './yard-clock';
import type { YardState } from './yard.svelte';
import type { WholeYard, YardHead, YardItem } from './yard-log';

/**
 * The practice's own memory: databases of their own beside the farm's, with nothing that sends them. What is in them is on no record, in no
 * season and in no export.
 */
class PracticeDevice {
	readonly #place = placeOf();
	readonly calibrations = new IdbStore(`fallow-practice${this.#place}`);
	readonly yards = new IdbLog<YardHead, YardItem>(`fallow-practice-yards${this.#place}`);
	readonly clock = new YardClock(() => performance.now());
	readonly newId = () => v7();
	readonly now = () => Date.now();

	/** The farm as this device knows it, for how figures are written; null on a device that knows none. */
	async farm(): Promise<KeptFarm | null> {
		return new IdbStore(`fallow${this.#place}`).farm();
	}

	/** Begins a yard, with the calibration that is worked on in it. */
	async begin(asked: Omit<YardHead, 'id' | 'begunAt'>): Promise<string> {
		const head: YardHead = { ...asked, id: this.newId(), begunAt: new Date(this.now()).toISOString() };
		const exercise = exerciseOf(head);
		if (!exercise) throw new Error(`no exercise ${head.exercise}`);
		const calibration = calibrationHeadOf(head, exercise);
		await this.calibrations.create(calibration);
		const at = head.begunAt;
		for (const entry of firstEntries(exercise, (seq) => ({ id: this.newId(), seq, at })))
			await this.calibrations.add(calibration.id, entry);
		await this.yards.create(head);
		return head.id;
	}

	async open(id: string): Promise<(WholeYard & { readonly calibration: CalibrationHead }) | null> {
		const [yard, calibration] = await Promise.all([this.yards.open(id), this.calibrations.open(id)]);
		return yard && calibration ? { yard, calibration: calibration.head, entries: calibration.entries } : null;
	}

	/** All yards of this device, the newest first. */
	async all(): Promise<(WholeYard & { readonly signed: boolean })[]> {
		const heads = await this.yards.heads();
		const whole = await Promise.all(heads.map((head) => this.open(head.id)));
		return whole
			.flatMap((one) => (one ? [{ ...one, signed: isSigned(one.entries) }] : []))
			.sort((a, b) => b.yard.head.begunAt.localeCompare(a.yard.head.begunAt));
	}
}

const isSigned = (entries: readonly Entry[]) => entries.some((e) => e.kind === 'sign-off');

let one: PracticeDevice | null = null;
/** Made once in the browser. */
export const practiceDevice = (): PracticeDevice => (one ??= new PracticeDevice());

/**
 * The watches of a yard go by its clock. One that times a catch holds the jugs under as it is started, and takes them away as it is stopped;
 * one that times a parked run opens and shuts the nozzles. A run and a plot are timed by eye.
 */
export const yardWatches = (clock: YardClock, yard: YardState): WatchDevice => ({
	now: clock.now,
	steady: clock.now,
	store: {
		keepWatch: async (key, watch) => {
			if (key.startsWith('catch:')) {
				if (watch) yard.hold();
				else await yard.release();
			} else if (key.startsWith('parked:')) {
				if (watch) yard.park();
				else await yard.stopParked();
			}
		},
		watch: () => Promise.resolve(null)
	}
});
