import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import type { GroundUse, ReadJob, TypedJob } from '../../../core';
import { strength } from '../../../core';
import type { Database } from './schema';
import type { Scope } from './scope';

/** Changes with the way in which the uses of a job are computed: an older one is computed again at the next start. */
export const jobComputing = 2;

/** What each product of a job comes to on the ground that is sprayed, for each of its blocks. */
function usesOf(farmId: string, id: string, job: TypedJob, read: ReadJob) {
	const { rate, sprayedShare = 1, products } = read.sheet;
	return job.products.flatMap((product, i) =>
		job.blocks.map((block) => ({
			farm_id: farmId,
			job_id: id,
			block_id: block.id,
			product_id: product.id,
			product: product.label.name,
			day: job.day,
			per_ground: strength(products[i]!.dose, rate) * rate * sprayedShare,
			entry_hours: product.label.entryHours
		}))
	);
}

/** Keeps what a job means for its ground, in place of what was kept of it before. */
export async function keepUses(
	farmId: string,
	trx: Transaction<Database>,
	id: string,
	job: TypedJob,
	read: ReadJob | null
): Promise<void> {
	await trx.deleteFrom('job_use').where('farm_id', '=', farmId).where('job_id', '=', id).execute();
	const rows = read ? usesOf(farmId, id, job, read) : [];
	// One product may stand twice in a job: its uses of a block add up.
	const byKey = new Map<string, (typeof rows)[number]>();
	for (const row of rows) {
		const key = `${row.block_id} ${row.product_id}`;
		const one = byKey.get(key);
		byKey.set(key, one ? { ...row, per_ground: row.per_ground + one.per_ground } : row);
	}
	const all = [...byKey.values()];
	for (let at = 0; at < all.length; at += 500)
		await trx
			.insertInto('job_use')
			.values(all.slice(at, at + 500))
			.execute();
	await trx
		.updateTable('job')
		.set({ computed: jobComputing })
		.where('farm_id', '=', farmId)
		.where('id', '=', id)
		.execute();
}

/** What blocks get in the jobs of this farm around a day: the season of it, and what may still keep people out. */
export async function usesAround(
	{ db, farmId }: Scope,
	where: { readonly blocks?: readonly string[]; readonly from: string; readonly to: string; readonly not?: string }
): Promise<GroundUse[]> {
	const { blocks, from, to, not } = where;
	if (blocks?.length === 0) return [];
	const rows = await db
		.selectFrom('job_use')
		.select(['block_id', 'product_id', 'product', sql<string>`day::text`.as('day'), 'per_ground', 'entry_hours'])
		.where('farm_id', '=', farmId)
		.where('day', '>=', from)
		.where('day', '<=', to)
		.$if(blocks !== undefined, (qb) => qb.where('block_id', 'in', blocks!))
		.$if(not !== undefined, (qb) => qb.where('job_id', '!=', not!))
		.orderBy('day')
		.orderBy('job_id')
		.execute();
	return rows.map((r) => ({
		blockId: r.block_id,
		productId: r.product_id,
		product: r.product,
		day: r.day,
		perGround: r.per_ground,
		entryHours: r.entry_hours
	}));
}

/** The season of a day, and the days before it from which an interval can reach into it. */
export const aroundDay = (day: string) => {
	const year = Number(day.slice(0, 4));
	return { from: `${year - 1}-10-01`, to: `${year}-12-31` };
};
