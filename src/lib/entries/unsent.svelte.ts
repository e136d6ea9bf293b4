import type { Entry, RunEntry } from '$core';
import type { RoundHead } from '$lib/wire/round-message';
import type { JobHead } from '$lib/wire/run-message';
import { movedReadings } from './move-readings';
import type { LogStore, Refusal } from './round-store';

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
}

export interface UnsentOutside {
	readonly rounds: LogStore<RoundHead, Entry>;
	readonly runs: LogStore<JobHead, RunEntry>;
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
		const { rounds, runs } = this.#outside;
		const [asideRounds, asideRuns, waitingRounds, waitingRuns] = await Promise.all([
			rounds.refused(),
			runs.refused(),
			rounds.unsent(),
			runs.unsent()
		]);
		const round = (head: RoundHead, count: number, why: Refusal | null): Unsent => ({
			kind: 'calibration',
			id: head.id,
			name: head.rig.name,
			startedAt: head.startedAt,
			count,
			why
		});
		const run = (head: JobHead, count: number, why: Refusal | null): Unsent => ({
			kind: 'job',
			id: head.id,
			name: jobName(head),
			startedAt: null,
			count,
			why
		});
		this.items = [
			...asideRounds.map(({ head, entries, why }) => round(head, entries.length, why)),
			...asideRuns.map(({ head, entries, why }) => run(head, entries.length, why)),
			...waitingRounds.map(({ head, entries }) => round(head, entries.length, null)),
			...waitingRuns.map(({ head, entries }) => run(head, entries.length, null))
		];
	}

	/** Sends again what was set aside. */
	async retry({ kind, id }: Unsent): Promise<void> {
		await (kind === 'job' ? this.#outside.runs : this.#outside.rounds).retry(id);
		await this.#outside.kick();
		await this.load();
	}

	/** Takes what was set aside off the device, for good: somebody said so twice. */
	async discard({ kind, id }: Unsent): Promise<void> {
		await (kind === 'job' ? this.#outside.runs : this.#outside.rounds).discard(id);
		await this.#outside.kick();
		await this.load();
	}

	/** Moves readings to a new calibration in progress; answers with its id. */
	async move({ id }: Pick<Unsent, 'id'>): Promise<string | null> {
		const made = await moveToNew(this.#outside, id);
		await this.#outside.kick();
		await this.load();
		return made;
	}

	/** All of it as text, for a file: what is lost with the device is kept elsewhere then. */
	async file(): Promise<string> {
		const { rounds, runs, now } = this.#outside;
		const all = {
			format: 'fallow-unsent/1',
			at: new Date(now()).toISOString(),
			calibrations: { refused: await rounds.refused(), waiting: await rounds.unsent() },
			jobs: { refused: await runs.refused(), waiting: await runs.unsent() }
		};
		return JSON.stringify(all, null, '\t');
	}
}

/** Moves what was set aside of a calibration to a new one on this device; null where nothing was. */
export async function moveToNew(
	{ rounds, newId, now }: Pick<UnsentOutside, 'rounds' | 'newId' | 'now'>,
	id: string
): Promise<string | null> {
	const aside = (await rounds.refused()).find((log) => log.head.id === id);
	const from = await rounds.open(id);
	if (!aside || !from || aside.entries.length === 0) return null;
	const made = movedReadings(from, aside.entries, { newId, now: now() });
	// Kept under their new ids before the old ones go: a flat battery between the two keeps them twice, and loses none.
	await rounds.create(made.head);
	for (const entry of made.entries) await rounds.add(made.head.id, entry);
	await rounds.discard(id);
	return made.head.id;
}
