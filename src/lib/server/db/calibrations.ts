import { sql } from 'kysely';
import { notFound } from '../failure';
import type { CalibrationRow } from './schema';
import type { Scope } from './scope';

export interface CalibrationSummary {
	readonly id: string;
	readonly signedDay: string;
	readonly signedAt: string;
	readonly signedBy: string;
	readonly method: string;
	readonly rate: number;
	readonly relativeU95: number;
	readonly speed: number;
	readonly width: number;
	readonly flow: number;
	readonly pressure: number;
	readonly gear: string;
	readonly findings: number;
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
				'flow_m3_s',
				'pressure_pa',
				'gear',
				sql<number>`jsonb_array_length(findings)`.as('finding_count')
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
			flow: row.flow_m3_s,
			pressure: row.pressure_pa,
			gear: row.gear,
			findings: row.finding_count
		}));
		return { rows: shown, total, next: rows.length > pageSize ? cursorOf(shown.at(-1)!) : null };
	},

	async get(id: string): Promise<CalibrationRow> {
		const row = await db
			.selectFrom('calibration')
			.selectAll()
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('calibration');
		return row;
	}
});
