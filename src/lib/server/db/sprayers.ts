import { sql } from 'kysely';
import type { Rig } from '../../../core';
import { readRig } from '../../../core';
import { fromIssue, notFound } from '../failure';
import type { Scope } from './scope';

export interface Sprayer {
	readonly id: string;
	readonly rig: Rig;
}

export interface SprayerWithLatest extends Sprayer {
	readonly latest: {
		readonly id: string;
		readonly signedDay: string;
		readonly rate: number;
		readonly relativeU95: number;
		readonly findings: number;
	} | null;
	/** A round that was begun and not signed off. */
	readonly openRound: string | null;
}

/** The computed columns beside a typed rig; refuses one that does not read. */
function columns(rig: Rig) {
	const numbers = readRig(rig);
	if (!numbers.ok) throw fromIssue(numbers.issues[0]!, 'rig');
	const { tank, nozzles, spacing } = numbers.value;
	return {
		rig: JSON.stringify(rig),
		name: rig.name,
		kind: rig.kind,
		tank_m3: tank,
		nozzle_count: nozzles,
		spacing_m: spacing
	};
}

export const sprayersOf = ({ db, farmId }: Scope) => ({
	async list(): Promise<SprayerWithLatest[]> {
		const rows = await db
			.selectFrom('sprayer as s')
			.leftJoinLateral(
				(eb) =>
					eb
						.selectFrom('calibration as c')
						.select([
							'c.id as calibration_id',
							'c.signed_day',
							'c.rate_m3_per_m2',
							'c.relative_u95',
							sql<number>`jsonb_array_length(c.findings)`.as('finding_count')
						])
						.whereRef('c.farm_id', '=', 's.farm_id')
						.whereRef('c.sprayer_id', '=', 's.id')
						.orderBy('c.signed_at', 'desc')
						.orderBy('c.id', 'desc')
						.limit(1)
						.as('latest'),
				(join) => join.onTrue()
			)
			.leftJoinLateral(
				(eb) =>
					eb
						.selectFrom('round as r')
						.select('r.id as round_id')
						.whereRef('r.farm_id', '=', 's.farm_id')
						.whereRef('r.sprayer_id', '=', 's.id')
						.where(({ not, exists, selectFrom }) =>
							not(
								exists(
									selectFrom('calibration as d')
										.select('d.id')
										.whereRef('d.farm_id', '=', 'r.farm_id')
										.whereRef('d.id', '=', 'r.id')
								)
							)
						)
						.orderBy('r.started_at', 'desc')
						.limit(1)
						.as('open'),
				(join) => join.onTrue()
			)
			.select([
				's.id',
				's.rig',
				'latest.calibration_id',
				'latest.signed_day',
				'latest.rate_m3_per_m2',
				'latest.relative_u95',
				'latest.finding_count',
				'open.round_id'
			])
			.where('s.farm_id', '=', farmId)
			.orderBy('s.name')
			.orderBy('s.id')
			.execute();
		return rows.map((row) => ({
			id: row.id,
			rig: row.rig,
			openRound: row.round_id,
			latest: row.calibration_id
				? {
						id: row.calibration_id,
						signedDay: row.signed_day!,
						rate: row.rate_m3_per_m2!,
						relativeU95: row.relative_u95!,
						findings: row.finding_count!
					}
				: null
		}));
	},

	async get(id: string): Promise<Sprayer> {
		const row = await db
			.selectFrom('sprayer')
			.select(['id', 'rig'])
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('sprayer');
		return row;
	},

	/** Makes or changes a sprayer; the id comes from the device, so that sending it twice makes one. */
	async put(id: string, rig: Rig): Promise<void> {
		const values = columns(rig);
		await db
			.insertInto('sprayer')
			.values({ id, farm_id: farmId, ...values })
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, updated_at: new Date() }))
			.execute();
	}
});
