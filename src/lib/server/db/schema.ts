import type { ColumnType, Insertable, Selectable } from 'kysely';
import type { Budget, Entry, Finding, Rig } from '../../../core';
import type { FarmSettings } from '../../formats/farm-settings';
import type { TankPlanInput } from '../../formats/tank-plan';

/** jsonb: read as a value, written as JSON text (pg would send an array as a PostgreSQL array). */
type Json<T> = ColumnType<T, string, string>;
/** Set by the database once, never by a writer. */
type Stamp = ColumnType<Date, never, never>;

/** Every table has its farm; a row is reached only through a handle that is bound to one. */
interface Owned {
	farm_id: string;
}

export interface FarmTable {
	id: string;
	name: string;
	settings: Json<FarmSettings>;
	created_at: Stamp;
}

export interface SprayerTable extends Owned {
	id: string;
	/** As typed, with units. */
	rig: Json<Rig>;
	/** Computed from `rig`, SI. */
	name: string;
	kind: string;
	tank_m3: number;
	nozzle_count: number;
	spacing_m: number;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

export interface RoundTable extends Owned {
	id: string;
	sprayer_id: string;
	/** The rig as it was when the round began, as typed. */
	rig: Json<Rig>;
	started_at: ColumnType<Date, string, never>;
	received_at: Stamp;
}

export interface RoundEntryTable extends Owned {
	id: string;
	round_id: string;
	seq: number;
	kind: string;
	at: ColumnType<Date, string, never>;
	/** The entry as the device made it: readings as typed, with units. */
	body: Json<Entry>;
	received_at: Stamp;
}

export interface CalibrationTable extends Owned {
	/** The id of the round that it closes. */
	id: string;
	sprayer_id: string;
	signed_by: string;
	signed_day: string;
	signed_at: ColumnType<Date, string, never>;
	gear: string;
	rpm: number | null;
	remarks: string;
	method: string;
	/** The farm's rule of evenness at the time: the verdicts go by it. */
	even_rule: 'average' | 'rated';
	/** All below computed here from the raw readings, SI; a migration can compute them again. */
	pressure_pa: number;
	rate_m3_per_m2: number;
	relative_u95: number;
	speed_m_s: number;
	width_m: number;
	flow_m3_s: number;
	nozzles_on: number;
	budget: Json<Budget>;
	findings: Json<readonly Finding[]>;
	created_at: Stamp;
}

export interface TankPlanTable extends Owned {
	id: string;
	calibration_id: string;
	/** As typed. */
	input: Json<TankPlanInput>;
	/** Computed, SI. */
	area_m2: number;
	mix_m3: number;
	load_count: number;
	created_at: Stamp;
}

export interface Database {
	farm: FarmTable;
	sprayer: SprayerTable;
	round: RoundTable;
	round_entry: RoundEntryTable;
	calibration: CalibrationTable;
	tank_plan: TankPlanTable;
}

export type SprayerRow = Selectable<SprayerTable>;
export type CalibrationRow = Selectable<CalibrationTable>;
export type NewCalibration = Insertable<CalibrationTable>;
export type TankPlanRow = Selectable<TankPlanTable>;
