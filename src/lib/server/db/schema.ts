import type { ColumnType, Insertable, Selectable } from 'kysely';
import type {
	InspectorLinkTable,
	InvitationTable,
	MembershipTable,
	PasskeyTable,
	PersonAccountTable,
	PersonSessionTable,
	PersonTable,
	WorkerTable
} from './schema-people';
import type { Json, Owned, Stamp } from './schema-parts';
import type {
	Amendment,
	Budget,
	Entry,
	Finding,
	JobState,
	TypedSprayer,
	RunEntry,
	SprayRecord,
	TypedBlock,
	TypedJob,
	TypedLabel,
	TypedNozzle,
	Verdict
} from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import type { Setting } from '../../wire/sprayer';
import type { SprayerEventKind } from '../../wording/events';
import type { PracticeClassTable, PracticeSeatTable } from './schema-practice';
import type { TankMixInput } from '../../wire/tank-mix';
import type { TankPlanInput } from '../../wire/tank-plan';

interface FarmTable {
	id: string;
	name: string;
	settings: Json<FarmSettings>;
	created_at: Stamp;
}

interface SprayerTable extends Owned {
	id: string;
	/** As typed, with units. */
	rig: Json<TypedSprayer>;
	/** Computed from `rig`, SI. */
	name: string;
	kind: string;
	tank_m3: number;
	nozzle_count: number;
	/** Booms only. */
	spacing_m: number | null;
	archived_at: ColumnType<Date | null, undefined, Date | null>;
	/** Who changed it last. */
	changed_by: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

interface SettingTable extends Owned {
	id: string;
	sprayer_id: string;
	position: number;
	name: string;
	/** As typed. */
	body: Json<Setting>;
	/** Who changed it last. */
	changed_by: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

interface SprayerEventTable extends Owned {
	id: string;
	sprayer_id: string;
	/** Local day, YYYY-MM-DD. */
	day: string;
	what: SprayerEventKind;
	note: string;
	/** The setting that it is of, where it is not of all of them. */
	setting_id: ColumnType<string | null, string | null | undefined, string | null>;
	/** Who did it; null before there were people, or alone on this computer. */
	by_person: ColumnType<string | null, string | null | undefined, never>;
	created_at: Stamp;
}

interface CalibrationLogTable extends Owned {
	id: string;
	sprayer_id: string;
	/** The sprayer as it was when the calibration began, as typed. */
	rig: Json<TypedSprayer>;
	setting_id: string;
	/** The setting as it was when the calibration began; null where the device sent none. */
	setting: ColumnType<Setting | null, string | null, never>;
	started_at: ColumnType<Date, string, never>;
	/** When its last entry threw it away; null while it stands. */
	discarded_at: ColumnType<Date | null, undefined, string | null>;
	received_at: Stamp;
}

interface CalibrationEntryTable extends Owned {
	id: string;
	round_id: string;
	seq: number;
	kind: string;
	at: ColumnType<Date, string, never>;
	/** The entry as the device made it: readings as typed, with units. */
	body: Json<Entry>;
	/** Who did it; null before there were people, or alone on this computer. */
	by_person: ColumnType<string | null, string | null | undefined, never>;
	received_at: Stamp;
}

/** One nozzle as a calibration found it. */
export interface StoredNozzle {
	readonly n: number;
	/** m³/s; null is not caught. */
	readonly flow: number | null;
	readonly off: number | null;
	readonly overRated: number | null;
	readonly verdict: Verdict;
}

interface CalibrationTable extends Owned {
	/** The id of the calibration that it closes. */
	id: string;
	sprayer_id: string;
	setting_id: string;
	/** Who carries the sprayer; empty where it is driven. */
	person: string;
	signed_by: string;
	signed_day: string;
	signed_at: ColumnType<Date, string, never>;
	gear: string;
	rpm: number | null;
	remarks: string;
	method: string;
	/** The farm's rule of evenness at the time: the verdicts go by it. */
	even_rule: 'average' | 'rated';
	/** What this farm had set of its measuring skill at the time. */
	skill: Json<FarmSettings['skill']>;
	/** All below computed here from the raw readings, SI; what a method does not measure is null. */
	pressure_pa: number | null;
	rate_m3_per_m2: number;
	relative_u95: number;
	speed_m_s: number | null;
	width_m: number | null;
	/** Width of field that a pass covers; differs from the treated one for bands. */
	field_width_m: ColumnType<number | null, number | null | undefined, number | null>;
	flow_m3_s: number | null;
	nozzles_on: number | null;
	/** Share over rated, and coefficient of variation. */
	wear: number | null;
	unevenness: number | null;
	nozzles: Json<readonly StoredNozzle[]>;
	/** How often what it repeats was done; null where there is nothing to count. */
	goes: number | null;
	/** Which way of computing it was; an older one is computed again at the next start. */
	computed: number;
	budget: Json<Budget>;
	findings: Json<readonly Finding[]>;
	/** Withdrawn: it stays on record, and nothing new rests on it. All three or none. */
	withdrawn_at: ColumnType<Date | null, undefined, Date | null>;
	withdrawn_by: ColumnType<string | null, undefined, string | null>;
	withdrawn_reason: ColumnType<string | null, undefined, string | null>;
	created_at: Stamp;
}

interface TankPlanTable extends Owned {
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

interface NozzleTable extends Owned {
	id: string;
	kind: string;
	name: string;
	/** As typed from the maker's sheet. */
	body: Json<TypedNozzle>;
	/** Computed from `body`, SI: its range, and what it passes at the ends. */
	low_pa: number;
	high_pa: number;
	least_m3_s: number;
	most_m3_s: number;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

interface ProductTable extends Owned {
	id: string;
	name: string;
	/** As typed from the label. */
	body: Json<TypedLabel>;
	archived_at: ColumnType<Date | null, never, Date | null>;
	/** Who changed it last. */
	changed_by: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

interface BlockTable extends Owned {
	id: string;
	name: string;
	kind: string;
	/** As told, with the boundary. */
	body: Json<TypedBlock>;
	/** Computed from `body`. */
	area_m2: number;
	archived_at: ColumnType<Date | null, never, Date | null>;
	/** Who changed it last. */
	changed_by: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

interface JobTable extends Owned {
	id: string;
	/** Null for work of its own: a trial patch or a surface tells its volume. */
	calibration_id: string | null;
	sprayer_id: string | null;
	day: string;
	/** As planned, with the blocks and labels as they were. */
	body: Json<TypedJob>;
	/** Computed from `body`. */
	area_m2: number;
	mix_m3: number;
	load_count: number;
	/** Computed from its entries. */
	state: ColumnType<JobState, undefined, JobState>;
	loads_out: ColumnType<number, undefined, number>;
	/** Seconds that were really sprayed, and m² done. */
	sprayed_s: ColumnType<number, undefined, number>;
	done_m2: ColumnType<number, undefined, number>;
	/** One of its products wears nozzles fast. */
	abrasive: ColumnType<boolean, undefined, boolean>;
	/** When its first load began to be sprayed; null before. */
	began_at: ColumnType<Date | null, undefined, string | null>;
	/** On the ground, m³/m²; null until it is closed. */
	planned_m3_per_m2: ColumnType<number | null, undefined, number | null>;
	true_m3_per_m2: ColumnType<number | null, undefined, number | null>;
	/** Which way of computing it was. */
	computed: ColumnType<number, undefined, number>;
	/** When it was deleted or replaced by its edit, before anything was done for it; null while it stands. */
	off_at: ColumnType<Date | null, undefined, Date | null>;
	replaced_by: ColumnType<string | null, undefined, string | null>;
	/** Who changed it last. */
	changed_by: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
}

/** Computed from a job: what one product comes to on one block. */
interface JobUseTable extends Owned {
	job_id: string;
	block_id: string;
	product_id: string;
	product: string;
	day: string;
	/** The last day on which this block was sprayed, and when its last load was out; as planned, and null, before. */
	last_day: string;
	ended_at: ColumnType<Date | null, string | null | undefined, string | null>;
	/** On the ground that its label counts, m³/m² or kg/m²: by the plan, once it is closed by what was poured. */
	per_ground: number;
	entry_hours: number | null;
	harvest_days: number | null;
	/** Active ingredients on that ground, kg/m². */
	actives: Json<readonly { readonly name: string; readonly perGround: number }[]>;
}

/** A sealed record, or an addition to one: links of one chain a farm. Never changed. */
interface RecordTable extends Owned {
	id: string;
	/** bigint, as text. */
	place: ColumnType<string, number, never>;
	job_id: ColumnType<string | null, string | null, never>;
	amends: ColumnType<string | null, string | null, never>;
	canonical: ColumnType<string, string, never>;
	previous: ColumnType<string, string, never>;
	hash: ColumnType<string, string, never>;
	body: ColumnType<SprayRecord | Amendment, string, never>;
	/** All below from `body`, for finding it. */
	day: ColumnType<string, string, never>;
	sprayer: ColumnType<string, string, never>;
	operator: ColumnType<string, string, never>;
	target: ColumnType<string, string, never>;
	block_names: ColumnType<string[], string[], never>;
	product_names: ColumnType<string[], string[], never>;
	groups: ColumnType<string[], string[], never>;
	area_m2: ColumnType<number, number, never>;
	/** Last day on which an interval of it may still run. */
	open_until: ColumnType<string | null, string | null, string | null>;
	/** Who did it; null before there were people, or alone on this computer. */
	by_person: ColumnType<string | null, string | null | undefined, never>;
	sealed_at: Stamp;
}

/** Computed from a record: what one block had of one product by it. */
interface RecordUseTable extends Owned {
	record_id: string;
	day: string;
	block: string;
	product: string;
	grp: string;
	kind: 'volume' | 'mass';
	/** m³/m² or kg/m² where it had it; and m³ or kg in all. */
	per_ground: number;
	total: number;
	/** Active ingredients on the ground, kg/m². */
	actives: Json<readonly { readonly name: string; readonly perGround: number }[]>;
}

/** Sums of those over a season, by the year in which it begins. */
interface SeasonUseTable extends Owned {
	year: number;
	block: string;
	product: string;
	kind: 'volume' | 'mass';
	per_ground: number;
	total: number;
	times: number;
}

/** A name that is in the log, once. */
interface RecordNameTable extends Owned {
	kind: 'block' | 'product' | 'operator' | 'target' | 'sprayer';
	name: string;
}

interface JobEntryTable extends Owned {
	id: string;
	job_id: string;
	seq: number;
	kind: string;
	at: ColumnType<Date, string, never>;
	/** The entry as the device made it. */
	body: Json<RunEntry>;
	/** Who did it; null before there were people, or alone on this computer. */
	by_person: ColumnType<string | null, string | null | undefined, never>;
	received_at: Stamp;
}

interface ShedNozzleTable extends Owned {
	/** Id of a nozzle, or key of a generic entry. */
	nozzle_key: string;
}

/** Doses that are mixed together often, with a name; jobs are planned from it. */
interface TankMixTable extends Owned {
	id: string;
	name: string;
	/** As typed. */
	body: Json<TankMixInput>;
	archived_at: ColumnType<Date | null, undefined, Date | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

export interface Database {
	practice_class: PracticeClassTable;
	practice_seat: PracticeSeatTable;
	person: PersonTable;
	person_session: PersonSessionTable;
	person_account: PersonAccountTable;
	passkey: PasskeyTable;
	worker: WorkerTable;
	membership: MembershipTable;
	invitation: InvitationTable;
	inspector_link: InspectorLinkTable;
	farm: FarmTable;
	sprayer: SprayerTable;
	setting: SettingTable;
	sprayer_event: SprayerEventTable;
	round: CalibrationLogTable;
	round_entry: CalibrationEntryTable;
	calibration: CalibrationTable;
	tank_plan: TankPlanTable;
	tank_mix: TankMixTable;
	nozzle: NozzleTable;
	shed_nozzle: ShedNozzleTable;
	product: ProductTable;
	block: BlockTable;
	job: JobTable;
	job_entry: JobEntryTable;
	job_use: JobUseTable;
	record: RecordTable;
	record_name: RecordNameTable;
	record_use: RecordUseTable;
	season_use: SeasonUseTable;
}

export type CalibrationRow = Selectable<CalibrationTable>;
export type NewCalibration = Insertable<CalibrationTable>;
export type TankPlanRow = Selectable<TankPlanTable>;
