import type { Entry } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import type { Setting } from '$lib/formats/rig';
import type { KeptNozzles } from '$lib/formats/nozzle-table';
import type { RoundHead } from '$lib/formats/round-message';
import type { Rig } from '$core';

/** A round as the device holds it. */
export interface KeptRound {
	readonly head: RoundHead;
	readonly entries: readonly Entry[];
}

/** What the device keeps of the farm, for working out of range. */
export interface KeptFarm {
	readonly name: string;
	readonly settings: FarmSettings;
}

/** A sprayer as the device last saw it: enough to begin a round with nobody there. */
export interface KeptRig {
	readonly rig: Rig;
	readonly settings: readonly Setting[];
}

/** A stopwatch that was running: it goes on after a reload. */
export interface KeptWatch {
	readonly startedAt: number;
}

/**
 * The device's own memory. Whatever `add` has returned from is safe against a reload, a closed tab and a flat battery;
 * `sent` only marks what the server has acknowledged, nothing is ever removed by it.
 */
export interface RoundStore {
	open(roundId: string): Promise<KeptRound | null>;
	/** Keeps a round's head; one that is known stays as it is. */
	create(head: RoundHead): Promise<void>;
	add(roundId: string, entry: Entry): Promise<void>;
	/** Takes in what the server has: entries that this device did not make. They count as sent. */
	merge(round: KeptRound): Promise<void>;
	/** Rounds with entries (or a head) that the server has not acknowledged. */
	unsent(): Promise<KeptRound[]>;
	sent(roundId: string, entryIds: readonly string[]): Promise<void>;
	keepFarm(farm: KeptFarm): Promise<void>;
	farm(): Promise<KeptFarm | null>;
	keepNozzles(nozzles: KeptNozzles): Promise<void>;
	nozzles(): Promise<KeptNozzles | null>;
	keepRig(sprayerId: string, rig: KeptRig): Promise<void>;
	rig(sprayerId: string): Promise<KeptRig | null>;
	keepWatch(key: string, watch: KeptWatch | null): Promise<void>;
	watch(key: string): Promise<KeptWatch | null>;
}
