import type { DropletClass, GroundUse, JobMember, Rig, TypedLabel } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { GroundBlock } from './job-ground.svelte';

/** What a job is planned from. */
export interface JobSource {
	readonly settings: FarmSettings;
	readonly blocks: readonly GroundBlock[];
	readonly products: readonly { readonly id: string; readonly label: TypedLabel }[];
	readonly calibrations: readonly JobCalibration[];
	/** What the other jobs of the farm bring on the ground. */
	readonly uses: readonly GroundUse[];
	/** When the last harvest of each block ended; null where nobody noted it. */
	readonly harvests: Readonly<Record<string, string | null>>;
	readonly today: string;
}

/** A calibration that a job can rest on. */
export interface JobCalibration {
	readonly id: string;
	/** The calibration itself; of a team the newest of its people. */
	readonly calibrationId: string;
	/** People whose mean it is; null for a calibration. */
	readonly team: readonly JobMember[] | null;
	/** Of all nozzles on, m³/s, where they were caught. */
	readonly flow: number | null;
	readonly sprayerId: string;
	readonly settingId: string;
	readonly sprayer: string;
	readonly setting: string;
	readonly rig: Rig;
	readonly rate: number;
	readonly relativeU95: number;
	/** m/s and m; null where its way of measuring does not tell them. */
	readonly speed: number | null;
	readonly width: number | null;
	/** Of the field that a pass covers: wider than the treated width for bands. */
	readonly fieldWidth: number | null;
	/** Drops of its nozzles at its pressure, where the nozzle catalogue knows them. */
	readonly drops: DropletClass | null;
	readonly signedDay: string;
	readonly doubt: string | null;
}
