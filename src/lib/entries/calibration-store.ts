import type { Entry } from '$core';
import type { HeardJobSource } from '$lib/wire/job-source';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { Right, Role } from '$lib/settings/roles';
import type { Setting } from '$lib/wire/sprayer';
import type { KeptNozzles } from '$lib/settings/nozzle-table';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import type { DialCheck, TypedSprayer } from '$core';

/** Something that grows entry by entry, as the device holds it: a calibration, or the run of a job. */
export interface KeptLog<Head, Item> {
	readonly head: Head;
	readonly entries: readonly Item[];
}
/** What of a log the server has not acknowledged. */
export interface UnsentLog<Head, Item> extends KeptLog<Head, Item> {
	/** Whether it does not know the head either. */
	readonly fresh: boolean;
}
export type KeptCalibration = KeptLog<CalibrationHead, Entry>;

/** What the device keeps of the farm, for working out of range. */
export interface KeptFarm {
	readonly name: string;
	readonly settings: FarmSettings;
	/** Who works with the device; left out by an older version of it. */
	readonly me?: {
		readonly id: string | null;
		readonly name: string;
		readonly role: Role | null;
		readonly rights: readonly Right[];
	};
}

/** What a job is planned from, as the device last heard it. */
export interface KeptJobSource {
	/** When it was heard, ms. */
	readonly heard: number;
	readonly source: HeardJobSource;
}

/** A sprayer as the device last saw it: enough to begin a calibration with nobody there. */
export interface KeptSprayer {
	readonly rig: TypedSprayer;
	readonly settings: readonly Setting[];
	/** What its dial showed at a measured speed; null or left out where nobody read it. */
	readonly dial?: DialCheck | null;
}

/** A stopwatch that was running: it goes on after a reload. */
export interface KeptWatch {
	readonly startedAt: number;
}

/**
 * The device's own memory of logs. Whatever `add` has returned from is safe against a reload, a closed tab and a flat
 * battery; `sent` only marks what the server has acknowledged, nothing is ever removed by it.
 */
export interface LogStore<Head, Item> {
	open(id: string): Promise<KeptLog<Head, Item> | null>;
	/** Keeps a head; one that is known stays as it is. */
	create(head: Head): Promise<void>;
	add(id: string, entry: Item): Promise<void>;
	/** Takes in what the server has: entries that this device did not make. They count as sent. */
	merge(log: KeptLog<Head, Item>): Promise<void>;
	/** Those with entries (or a head) that the server has not acknowledged. */
	unsent(): Promise<UnsentLog<Head, Item>[]>;
	sent(id: string, entryIds: readonly string[]): Promise<void>;
	/** Sets entries aside that the server will not take as they are; a head that it does not know goes with them. */
	refuse(id: string, entryIds: readonly string[], why: Refusal): Promise<void>;
	/** What was set aside, the oldest first: each log with why. */
	refused(): Promise<RefusedLog<Head, Item>[]>;
	/** Sends again what was set aside of a log. */
	retry(id: string): Promise<void>;
	/** Takes a head off the device that the server does not know, and that nothing was added to. Answers whether it did. */
	takeBack(id: string): Promise<boolean>;
	/** Takes what was set aside of a log off the device: somebody said so, or it stands elsewhere now. */
	discard(id: string): Promise<void>;
}

/** Why the server did not take something. */
export interface Refusal {
	readonly code: string;
	readonly message: string;
}
export interface RefusedLog<Head, Item> extends KeptLog<Head, Item> {
	readonly why: Refusal;
}

/** Calibrations, and what the device keeps of the farm to work on them with nobody there. */
export interface CalibrationStore extends LogStore<CalibrationHead, Entry> {
	keepFarm(farm: KeptFarm): Promise<void>;
	farm(): Promise<KeptFarm | null>;
	keepJobSource(source: KeptJobSource): Promise<void>;
	jobSource(): Promise<KeptJobSource | null>;
	keepNozzles(nozzles: KeptNozzles): Promise<void>;
	nozzles(): Promise<KeptNozzles | null>;
	keepSprayer(sprayerId: string, sprayer: KeptSprayer): Promise<void>;
	sprayer(sprayerId: string): Promise<KeptSprayer | null>;
	keepWatch(key: string, watch: KeptWatch | null): Promise<void>;
	watch(key: string): Promise<KeptWatch | null>;
}
