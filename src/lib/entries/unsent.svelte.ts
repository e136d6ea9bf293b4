import type { Entry, RunEntry } from '$core';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import type { JobHead } from '$lib/wire/run-message';
import { movedReadings } from './move-readings';
import type { LogStore, Refusal } from './calibration-store';

/** What is on this device and not on the server, of one calibration or job. */
export interface Unsent {
	readonly kind: 'calibration' | 'job';
	readonly id: string;
	readonly name: string;
	/** ISO 8601. */
	readonly startedAt: string | null;
	readonly count: number;
	/** Why it will not be taken; null where it only waits. */
	readonly why: Refusal | null;
	/** It was kept here before anybody signed in. */
	readonly before: boolean;
}

/** The calibrations and jobs that a device holds for one person, or for somebody alone. */
export interface Held {
	readonly calibrations: LogStore<CalibrationHead, Entry>;
	readonly runs: LogStore<JobHead, RunEntry>;
}

export interface UnsentOutside extends Held {
	/** What was kept before anybody signed in here; null where nobody has. */
	readonly before: Held | null;
	readonly kick: () => Promise<unknown>;
	readonly newId: () => string;
	readonly now: () => number;
}

const jobName = (head: JobHead) => head.job.blocks.map((b) => b.name).join(', ');

/** The list of what is still to be sent, and what a person can do with what the server will not take. */
export class UnsentList {
	readonly #outside: UnsentOutside;
	items = $state.raw<readonly Unsent[]>([]);

	constructor(outside: UnsentOutside) {
		this.#outside = outside;
	}

	async load(): Promise<void> {
		const { before } = this.#outside;
		this.items = [...(before ? await this.#of(before, true) : []), ...(await this.#of(this.#outside, false))].sort(
			(a, b) => Number(b.why !== null) - Number(a.why !== null)
		);
	}

	async #of({ calibrations, runs }: Held, before: boolean): Promise<Unsent[]> {
		const [asideCalibrations, asideRuns, waitingCalibrations, waitingRuns] = await Promise.all([
			calibrations.refused(),
			runs.refused(),
			calibrations.unsent(),
			runs.unsent()
		]);
		const calibration = (head: CalibrationHead, count: number, why: Refusal | null): Unsent => ({
			kind: 'calibration',
			id: head.id,
			name: head.rig.name,
			startedAt: head.startedAt,
			count,
			why,
			before
		});
		const run = (head: JobHead, count: number, why: Refusal | null): Unsent => ({
			kind: 'job',
			id: head.id,
			name: jobName(head),
			startedAt: null,
			count,
			why,
			before
		});
		return [
			...asideCalibrations.map(({ head, entries, why }) => calibration(head, entries.length, why)),
			...asideRuns.map(({ head, entries, why }) => run(head, entries.length, why)),
			...waitingCalibrations.map(({ head, entries }) => calibration(head, entries.length, null)),
			...waitingRuns.map(({ head, entries }) => run(head, entries.length, null))
		];
	}

	/** Sends again what was set aside. */
	async retry(item: Unsent): Promise<void> {
		await this.#storeOf(item).retry(item.id);
		await this.#outside.kick();
		await this.load();
	}

	/** Takes what was set aside off the device, for good: somebody said so twice. */
	async discard(item: Unsent): Promise<void> {
		await this.#storeOf(item).discard(item.id);
		await this.#outside.kick();
		await this.load();
	}

	/** Moves readings to a new calibration in progress; answers with its id. */
	async move({ id, before }: Pick<Unsent, 'id' | 'before'>): Promise<string | null> {
		const { calibrations, before: old, newId, now } = this.#outside;
		const made = await moveToNew({ calibrations, newId, now }, id, before && old ? old.calibrations : calibrations);
		await this.#outside.kick();
		await this.load();
		return made;
	}

	/** All of it as text, for a file: what is lost with the device is kept elsewhere then. */
	async file(): Promise<string> {
		const { before, now } = this.#outside;
		const held = [this.#outside, ...(before ? [before] : [])];
		const all = async <T>(of: (one: Held) => Promise<readonly T[]>) => (await Promise.all(held.map(of))).flat();
		const file = {
			format: 'fallow-unsent/1',
			at: new Date(now()).toISOString(),
			calibrations: {
				refused: await all((h) => h.calibrations.refused()),
				waiting: await all((h) => h.calibrations.unsent())
			},
			jobs: { refused: await all((h) => h.runs.refused()), waiting: await all((h) => h.runs.unsent()) }
		};
		return JSON.stringify(file, null, '\t');
	}

	#storeOf({ kind, before }: Unsent) {
		const held = (before ? this.#outside.before : null) ?? this.#outside;
		return kind === 'job' ? held.runs : held.calibrations;
	}
}

/** Moves what was set aside of a calibration to a new one on this device; null where nothing was. `held`: where it is now. */
export async function moveToNew(
	{ calibrations, newId, now }: Pick<UnsentOutside, 'calibrations' | 'newId' | 'now'>,
	id: string,
	held: UnsentOutside['calibrations'] = calibrations
): Promise<string | null> {
	const aside = (await held.refused()).find((log) => log.head.id === id);
	const from = await held.open(id);
	if (!aside || !from || aside.entries.length === 0) return null;
	const made = movedReadings(from, aside.entries, { newId, now: now() });
	// Kept under their new ids before the old ones go: a flat battery between the two keeps them twice, and loses none.
	await calibrations.create(made.head);
	for (const entry of made.entries) await calibrations.add(made.head.id, entry);
	await held.discard(id);
	return made.head.id;
}
