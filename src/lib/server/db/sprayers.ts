import { m } from '$words';
import { now } from '../clock';
import { sql } from 'kysely';
import type { TypedSprayer } from '../../../core';
import { v7 } from 'uuid';
import { twoSided } from '../../../core';
import { notFound } from '../failure';
import type { Setting } from '../../wire/sprayer';
import { doubtOf } from './doubt';
import { dueOf } from './due';
import type { SprayerEventKind } from '../../wording/events';
import type { Scope } from './scope';
import { sprayerColumns } from './sprayer-columns';
import { settingsOf } from './settings';

export interface Sprayer {
	readonly id: string;
	readonly rig: TypedSprayer;
	readonly archived: boolean;
}

export interface SprayerWithLatest extends Sprayer {
	readonly latest: {
		readonly id: string;
		readonly signedDay: string;
		readonly rate: number;
		readonly relativeU95: number;
		readonly findings: number;
		/** What happened to the sprayer since; null is nothing. */
		readonly doubt: SprayerEventKind | null;
	} | null;
	readonly settings: readonly Setting[];
	/** A calibration that was begun and not signed off. */
	readonly calibrationInProgress: string | null;
}

export const sprayersOf = (scope: Scope) => {
	const { db, farmId, personId } = scope;
	return {
		/** Sprayers in use, or those that were put away; or only one of them. */
		async list(archived = false, only?: string): Promise<SprayerWithLatest[]> {
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
								sql<number>`jsonb_array_length(c.findings)`.as('finding_count'),
								doubtOf('c').as('doubt')
							])
							.whereRef('c.farm_id', '=', 's.farm_id')
							.whereRef('c.sprayer_id', '=', 's.id')
							.where('c.withdrawn_at', 'is', null)
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
							.where('r.discarded_at', 'is', null)
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
					'latest.doubt',
					'open.round_id',
					sql<Setting[]>`(select coalesce(jsonb_agg(g.body order by g.position, g.id), '[]') from setting g
						where g.farm_id = s.farm_id and g.sprayer_id = s.id)`.as('settings')
				])
				.where('s.farm_id', '=', farmId)
				.where('s.archived_at', archived ? 'is not' : 'is', null)
				.$if(only !== undefined, (qb) => qb.where('s.id', '=', only!))
				.orderBy('s.name')
				.orderBy('s.id')
				.execute();
			return rows.map((row) => ({
				id: row.id,
				rig: row.rig,
				archived,
				settings: row.settings,
				calibrationInProgress: row.round_id,
				latest: row.calibration_id
					? {
							id: row.calibration_id,
							signedDay: row.signed_day!,
							rate: row.rate_m3_per_m2!,
							relativeU95: row.relative_u95!,
							findings: row.finding_count!,
							doubt: row.doubt
						}
					: null
			}));
		},

		/** What each of these sprayers was used for since it was calibrated, and whether it is due. */
		due: (sprayers: readonly SprayerWithLatest[], today: string) => dueOf(scope, sprayers, today),

		async get(id: string): Promise<Sprayer> {
			const row = await db
				.selectFrom('sprayer')
				.select(['id', 'rig', 'archived_at'])
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.executeTakeFirst();
			if (!row) throw notFound('sprayer');
			return { id: row.id, rig: row.rig, archived: row.archived_at !== null };
		},

		/**
		 * Makes or changes a sprayer; the id comes from the device, so that sending it twice makes one. A new one has its
		 * first setting at once: all on.
		 */
		async put(id: string, sprayer: TypedSprayer): Promise<void> {
			const values = { ...sprayerColumns(sprayer), changed_by: personId };
			await db.transaction().execute(async (trx) => {
				await trx
					.insertInto('sprayer')
					.values({ id, farm_id: farmId, ...values })
					.onConflict((oc) => oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, updated_at: now() }))
					.execute();
				const setting = await trx
					.selectFrom('setting')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('sprayer_id', '=', id)
					.limit(1)
					.executeTakeFirst();
				if (setting) return;
				const first = { id: v7(), name: firstSetting(sprayer), off: [], gear: '', rpm: null, pressure: null, note: '' };
				await trx
					.insertInto('setting')
					.values({
						id: first.id,
						farm_id: farmId,
						changed_by: personId,
						sprayer_id: id,
						position: 0,
						name: first.name,
						body: JSON.stringify(first)
					})
					.execute();
			});
		},

		/** A sprayer of the same make under another name: its settings come along, its calibrations do not. */
		async copy(from: string, id: string, name: string): Promise<void> {
			const { rig: sprayer } = await this.get(from);
			await this.put(id, { ...sprayer, name });
			const settings = settingsOf(scope);
			const [made] = await settings.of(id);
			for (const [i, setting] of (await settings.of(from)).entries())
				await settings.put(id, sprayer, { ...setting, id: i === 0 ? made!.id : v7() });
		},

		/** Puts a sprayer away, or takes it out again; nothing of it is lost. */
		async archive(id: string, away: boolean): Promise<void> {
			await db
				.updateTable('sprayer')
				.set({ archived_at: away ? now() : null, changed_by: personId })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
		}
	};
};

/** What the first setting is called, in the language of who adds the sprayer; a name like any other from then on. */
function firstSetting(sprayer: TypedSprayer): string {
	if (sprayer.kind === 'knapsack') return m.setting_usual();
	return twoSided(sprayer) ? m.both_sides() : m.setting_all_on();
}
