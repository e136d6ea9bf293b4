import { sql } from 'kysely';
import { addDays, groupsOf, seasonStart } from '../../../core';
import type { Scope } from './scope';

export interface BlockUse {
	readonly block: string;
	readonly product: string;
	readonly kind: 'volume' | 'mass';
	/** m³/m² or kg/m² where it had it, over the year. */
	readonly perGround: number;
	readonly times: number;
}

/** Newest sprayings of a block that are looked at for a group that follows itself. */
const newest = 12;

export interface ActiveUse {
	readonly block: string;
	readonly active: string;
	/** kg/m² over the season, and by how many products. */
	readonly perGround: number;
	readonly products: readonly string[];
}

/**
 * What the blocks had in a season (by the year in which it begins), their active ingredients over all products, and the groups
 * of their newest sprayings of it, the oldest of those first.
 */
export async function seasonOf({ db, farmId, settings }: Scope, year: number) {
	const start = settings.cropSeason ?? '01-01';
	const [from, to] = [seasonStart(year, start), addDays(seasonStart(year + 1, start), -1)];
	const [uses, actives, unnamed, sprayings] = await Promise.all([
		db
			.selectFrom('season_use')
			.select(['block', 'product', 'kind', 'per_ground', 'times'])
			.where('farm_id', '=', farmId)
			.where('year', '=', year)
			.orderBy('block')
			.orderBy('product')
			.execute(),
		sql<{ block: string; active: string; per_ground: number; products: string[] }>`
			select u.block, lower(a->>'name') as active, sum((a->>'perGround')::float8) as per_ground,
				array_agg(distinct u.product) as products
			from record_use u cross join lateral jsonb_array_elements(u.actives) a
			where u.farm_id = ${farmId} and u.day >= ${from}::date and u.day <= ${to}::date and u.actives <> '[]'::jsonb
			group by 1, 2 order by 1, 2`.execute(db),
		// Records of before their label told its actives, and those from files.
		sql<{ block: string; product: string; per_ground: number }>`
			select u.block, u.product, sum(u.per_ground) as per_ground from record_use u
			where u.farm_id = ${farmId} and u.day >= ${from}::date and u.day <= ${to}::date and u.actives = '[]'::jsonb
			group by 1, 2`.execute(db),
		sql<{ block: string; groups: string[] }>`
			select b.block, n.groups
			from (select distinct block from season_use where farm_id = ${farmId} and year = ${year}) b
			cross join lateral (
				select u.day, u.record_id, array_agg(distinct u.grp) as groups from record_use u
				where u.farm_id = ${farmId} and u.block = b.block and u.grp <> ''
					and u.day >= ${from}::date and u.day <= ${to}::date
				group by u.day, u.record_id order by u.day desc, u.record_id desc limit ${newest}) n
			order by n.day, n.record_id`.execute(db)
	]);
	return {
		from,
		to,
		uses: uses.map(({ per_ground, ...use }): BlockUse => ({ ...use, perGround: per_ground })),
		actives: actives.rows.map(({ per_ground, ...use }): ActiveUse => ({ ...use, perGround: per_ground })),
		/** Of each product, where its record does not tell its active ingredients. */
		unnamed: unnamed.rows.map(({ per_ground, ...use }) => ({ ...use, perGround: per_ground })),
		sprayings: sprayings.rows.map(({ block, groups }) => ({ block, groups: groups.flatMap(groupsOf) }))
	};
}

/** What was used of each product by year, m³ or kg in all; the newest years. */
export async function usedByYear({ db, farmId }: Scope, most = 6) {
	return db
		.selectFrom('season_use')
		.select(({ fn }) => [
			'year',
			'product',
			'kind',
			fn.sum<number>('total').as('total'),
			fn.sum<number>('times').as('times')
		])
		.where('farm_id', '=', farmId)
		.where('year', 'in', (eb) =>
			eb
				.selectFrom('season_use')
				.select('year')
				.distinct()
				.where('farm_id', '=', farmId)
				.orderBy('year', 'desc')
				.limit(most)
		)
		.groupBy(['year', 'product', 'kind'])
		.orderBy('year')
		.orderBy('product')
		.execute();
}
