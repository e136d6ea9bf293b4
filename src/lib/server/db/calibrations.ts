import { sql } from 'kysely';
import type { DialCheck } from '../../../core';
import { notFound } from '../failure';
import { doubtOf } from './doubt';
import type { SprayerEventKind } from '../../wording/events';
import type { CalibrationRow, StoredNozzle } from './schema';
import type { Scope } from './scope';

export interface CalibrationSummary {
	readonly id: string;
	readonly signedDay: string;
	readonly signedAt: string;
	readonly signedBy: string;
	readonly method: string;
	readonly rate: number;
	readonly relativeU95: number;
	readonly speed: number | null;
	readonly width: number | null;
	/** Of the field that a pass covers; as the width but for bands. */
	readonly fieldWidth: number | null;
	readonly flow: number | null;
	readonly pressure: number | null;
	readonly gear: string;
	readonly rpm: number | null;
	readonly findings: number;
	readonly settingId: string;
	/** Nozzles that sprayed; null where its way of measuring does not tell them. */
	readonly nozzlesOn: number | null;
	readonly person: string;
	/** What happened to the sprayer since; null is nothing. */
	readonly doubt: SprayerEventKind | null;
	/** It stays on record, and nothing new rests on it. */
	readonly withdrawn: boolean;
}

/** One calibration in the sprayer's history: for charts, the grid of nozzles, and comparing two. */
export interface CalibrationTrace {
	readonly id: string;
	readonly signedDay: string;
	readonly settingId: string;
	readonly person: string;
	readonly rate: number;
	readonly relativeU95: number;
	readonly wear: number | null;
	readonly unevenness: number | null;
	readonly nozzles: readonly StoredNozzle[];
}

/** The newest calibration of each person in one setting of a hand-carried sprayer. */
export interface TeamTrace {
	readonly id: string;
	readonly person: string;
	readonly signedDay: string;
	readonly rate: number;
	readonly relativeU95: number;
	/** How often it was done; null where there is nothing to count. */
	readonly goes: number | null;
}

export interface CalibrationPage {
	readonly rows: readonly CalibrationSummary[];
	readonly total: number;
	/** Where the next page begins, to be handed back; null at the end. */
	readonly next: string | null;
}

const pageSize = 25;
const cursorOf = (row: CalibrationSummary) => `${row.signedAt}_${row.id}`;

export const calibrationsOf = ({ db, farmId }: Scope) => ({
	/** Newest first, a page at a time. `after` is the `next` of the page before; anything else begins at the newest. */
	async page(sprayerId: string, after: string | null): Promise<CalibrationPage> {
		const cursor = /^(\d{4}-\d\d-\d\dT[\d:.]+Z)_([0-9a-f-]{36})$/.exec(after ?? '');
		const rows = await db
			.selectFrom('calibration')
			.select([
				'id',
				'signed_day',
				'signed_at',
				'signed_by',
				'method',
				'rate_m3_per_m2',
				'relative_u95',
				'speed_m_s',
				'width_m',
				'field_width_m',
				'flow_m3_s',
				'pressure_pa',
				'gear',
				'rpm',
				'nozzles_on',
				'setting_id',
				'person',
				'withdrawn_at',
				sql<number>`jsonb_array_length(findings)`.as('finding_count'),
				doubtOf('calibration').as('doubt')
			])
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.$if(cursor !== null, (qb) =>
				qb.where(sql<boolean>`(signed_at, id) < (${cursor?.[1]}::timestamptz, ${cursor?.[2]}::uuid)`)
			)
			.orderBy('signed_at', 'desc')
			.orderBy('id', 'desc')
			.limit(pageSize + 1)
			.execute();
		const { total } = await db
			.selectFrom('calibration')
			.select(sql<number>`count(*)::int`.as('total'))
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.executeTakeFirstOrThrow();
		const shown = rows.slice(0, pageSize).map((row) => ({
			id: row.id,
			signedDay: row.signed_day,
			signedAt: row.signed_at.toISOString(),
			signedBy: row.signed_by,
			method: row.method,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			speed: row.speed_m_s,
			width: row.width_m,
			fieldWidth: row.field_width_m ?? row.width_m,
			flow: row.flow_m3_s,
			pressure: row.pressure_pa,
			gear: row.gear,
			rpm: row.rpm,
			findings: row.finding_count,
			settingId: row.setting_id,
			nozzlesOn: row.nozzles_on,
			person: row.person,
			doubt: row.doubt,
			withdrawn: row.withdrawn_at !== null
		}));
		return { rows: shown, total, next: rows.length > pageSize ? cursorOf(shown.at(-1)!) : null };
	},

	/** The newest calibrations of a sprayer that stand, the oldest of them first. */
	async history(sprayerId: string, most: number): Promise<CalibrationTrace[]> {
		const rows = await db
			.selectFrom('calibration')
			.select([
				'id',
				'signed_day',
				'setting_id',
				'person',
				'rate_m3_per_m2',
				'relative_u95',
				'wear',
				'unevenness',
				'nozzles'
			])
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.where('withdrawn_at', 'is', null)
			.orderBy('signed_at', 'desc')
			.orderBy('id', 'desc')
			.limit(most)
			.execute();
		return rows.reverse().map((row) => ({
			id: row.id,
			signedDay: row.signed_day,
			settingId: row.setting_id,
			person: row.person,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			wear: row.wear,
			unevenness: row.unevenness,
			nozzles: row.nozzles
		}));
	},

	/** What the dial of a sprayer showed when its speed was last measured over a course; null where nobody read it. */
	async dialOf(sprayerId: string): Promise<DialCheck | null> {
		const row = await db
			.selectFrom('calibration as c')
			.innerJoin('round_entry as e', (join) =>
				join.onRef('e.farm_id', '=', 'c.farm_id').onRef('e.round_id', '=', 'c.id').on('e.kind', '=', 'dial')
			)
			.select(['c.signed_day', 'c.speed_m_s', 'e.body'])
			.where('c.farm_id', '=', farmId)
			.where('c.sprayer_id', '=', sprayerId)
			.where('c.withdrawn_at', 'is', null)
			.where('c.speed_m_s', 'is not', null)
			// A speed that was only stated checks no dial.
			.where((eb) =>
				eb.exists(
					eb
						.selectFrom('round_entry as run')
						.select('run.id')
						.whereRef('run.farm_id', '=', 'c.farm_id')
						.whereRef('run.round_id', '=', 'c.id')
						.where('run.kind', '=', 'run')
				)
			)
			.orderBy('c.signed_at', 'desc')
			.orderBy('e.seq', 'desc')
			.limit(1)
			.executeTakeFirst();
		if (!row || row.speed_m_s === null || row.body.kind !== 'dial') return null;
		return { dial: row.body.speed, measured: row.speed_m_s, day: row.signed_day };
	},

	/** Who carries this sprayer: the newest calibration of each person in one setting. */
	async team(sprayerId: string, settingId: string): Promise<TeamTrace[]> {
		const rows = await db
			.selectFrom('calibration')
			.distinctOn('person')
			.select(['id', 'person', 'signed_day', 'rate_m3_per_m2', 'relative_u95', 'goes'])
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.where('setting_id', '=', settingId)
			.where('person', '<>', '')
			.where('withdrawn_at', 'is', null)
			.orderBy('person')
			.orderBy('signed_at', 'desc')
			.orderBy('id', 'desc')
			.execute();
		return rows.map((row) => ({
			id: row.id,
			person: row.person,
			signedDay: row.signed_day,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			goes: row.goes
		}));
	},

	/**
	 * Withdraws a calibration: it stays on record with the reason, and nothing new rests on it. The first withdrawal stands; the
	 * same again changes nothing.
	 */
	async withdraw(id: string, by: string, reason: string): Promise<void> {
		const done = await db
			.updateTable('calibration')
			.set({ withdrawn_at: sql<Date>`now()`, withdrawn_by: by, withdrawn_reason: reason })
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.where('withdrawn_at', 'is', null)
			.executeTakeFirst();
		if (done.numUpdatedRows === 0n) await this.get(id);
	},

	async get(id: string): Promise<CalibrationRow & { readonly doubt: SprayerEventKind | null }> {
		const row = await db
			.selectFrom('calibration')
			.selectAll()
			.select(doubtOf('calibration').as('doubt'))
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('calibration');
		return row;
	}
});
