import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import type { SprayRecord } from '../../../core';
import { now } from '../clock';
import { farmHandle } from '../db/farm';
import type { Database } from '../db/schema';
import type { BlockUse } from '../db/season';
import { logFilterSchema } from '../../wire/record';
import { tokenHash } from './token';

/** Most records that one page of an inspector shows: the newest of the days that the link is for. */
const mostInspected = 500;

/**
 * What an inspector's link shows: records of its days and fields, each with those fields alone, and what they had in all.
 * Null where the link has ended or never was.
 */
export async function inspection(db: Kysely<Database>, token: string) {
	const link = await db
		.selectFrom('inspector_link')
		.select(['id', 'farm_id', 'name', 'first_day', 'last_day', 'blocks', 'ends_at', 'opened_at'])
		.where('token_hash', '=', tokenHash(token))
		.where('ended_at', 'is', null)
		.where('ends_at', '>', now())
		.executeTakeFirst();
	const farm = link && (await farmHandle(db, link.farm_id));
	if (!farm) return null;
	if (!link.opened_at)
		await db.updateTable('inspector_link').set({ opened_at: now() }).where('id', '=', link.id).execute();
	const shown = (name: string) => link.blocks.length === 0 || link.blocks.includes(name);
	const records: {
		readonly id: string;
		readonly record: SprayRecord;
		readonly others: number;
		readonly hash: string;
		readonly place: number;
		readonly added: readonly { readonly at: string; readonly by: string; readonly text: string }[];
	}[] = [];
	let more = false;
	for await (const kept of farm.records.all(logFilterSchema.parse({ from: link.first_day, to: link.last_day }))) {
		const blocks = kept.record.blocks.filter((b) => shown(b.name));
		if (blocks.length === 0) continue;
		if (records.length === mostInspected) {
			more = true;
			break;
		}
		records.push({
			id: kept.id,
			record: { ...kept.record, blocks },
			others: kept.record.blocks.length - blocks.length,
			hash: kept.hash,
			place: kept.place,
			added: kept.amendments.map(({ at, by, text }) => ({ at, by, text }))
		});
	}
	const uses = await db
		.selectFrom('record_use')
		.select(({ fn }) => [
			'block',
			'product',
			'kind',
			fn.sum<number>('per_ground').as('perGround'),
			sql<number>`count(distinct record_id)::int`.as('times')
		])
		.where('farm_id', '=', farm.id)
		.where('day', '>=', link.first_day)
		.where('day', '<=', link.last_day)
		.$if(link.blocks.length > 0, (q) => q.where('block', 'in', link.blocks))
		.groupBy(['block', 'product', 'kind'])
		.orderBy('block')
		.orderBy('product')
		.execute();
	const [{ checked, broken }, newest] = await Promise.all([farm.records.check(), farm.records.newest()]);
	return {
		farm: { name: farm.name, settings: farm.settings },
		forWhom: link.name,
		first: link.first_day,
		last: link.last_day,
		until: link.ends_at.toISOString(),
		blocks: link.blocks,
		records,
		more,
		uses: uses satisfies readonly BlockUse[],
		newest,
		seals: { checked, broken: broken !== null }
	};
}
