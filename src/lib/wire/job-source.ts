import type { DropletClass, GroundUse, JobMember, TypedSprayer, TypedBlock, TypedLabel } from '../../core/index';

/** What a job is planned from, as the server tells it: a device keeps it, to plan with nobody there. */
export interface HeardJobSource {
	readonly blocks: readonly GroundBlock[];
	readonly products: readonly { readonly id: string; readonly label: TypedLabel }[];
	readonly calibrations: readonly JobCalibration[];
	/** What the other jobs of the farm bring on the ground. */
	readonly uses: readonly GroundUse[];
	/** When the last harvest of each block ended; null where nobody noted it. */
	readonly harvests: Readonly<Record<string, string | null>>;
	readonly today: string;
	/** Who writes records, as it was last said; left out where the page does not need it. */
	readonly writer?: RecordWriter;
}

export interface GroundBlock {
	readonly id: string;
	readonly block: TypedBlock;
	readonly area: number;
}

/** Who writes a record, and where the water is from: as it was last said. */
export interface RecordWriter {
	readonly operator: string;
	readonly licence: string;
	readonly waterSource: string;
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
	readonly rig: TypedSprayer;
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
