import { m } from '$words';
import { now } from '../clock';
import type { TypedBlock } from '../../../core';
import { checkBoundary, readBlock } from '../../../core';
import { z } from 'zod';
import { outlinedArea } from '../../forms/block';
import { Failure, fromIssue, notFound } from '../failure';
import type { Scope } from './scope';

/** Most blocks that a farm keeps. */
export const mostBlocks = 5000;

export interface KeptBlock {
	readonly id: string;
	readonly block: TypedBlock;
	/** Worked out from what was told, m². */
	readonly area: number;
	readonly away: boolean;
}

/** The columns beside a typed block; refuses one that does not read. */
export function blockColumns(block: TypedBlock) {
	const [wrong] = block.boundary ? checkBoundary(block.boundary) : [];
	if (wrong) throw fromIssue(wrong);
	const read = readBlock(block, outlinedArea(block.boundary));
	if (!read.ok) throw fromIssue(read.issues[0]!);
	return { name: block.name, kind: block.kind, body: JSON.stringify(block), area_m2: read.value.area as number };
}

export const blocksOf = ({ db, farmId, personId }: Scope) => ({
	/** By name; those that were put away last. */
	async all(): Promise<KeptBlock[]> {
		const rows = await db
			.selectFrom('block')
			.select(['id', 'body', 'area_m2', 'archived_at'])
			.where('farm_id', '=', farmId)
			.orderBy((eb) => eb('archived_at', 'is not', null))
			.orderBy((eb) => eb.fn('lower', ['name']))
			.limit(mostBlocks)
			.execute();
		return rows.map((r) => ({ id: r.id, block: r.body, area: r.area_m2, away: r.archived_at !== null }));
	},

	/** Ids by name, of the ground in use. */
	async ids(): Promise<Readonly<Record<string, string>>> {
		const rows = await db
			.selectFrom('block')
			.select(['id', 'name'])
			.where('farm_id', '=', farmId)
			.where('archived_at', 'is', null)
			.limit(mostBlocks)
			.execute();
		return Object.fromEntries(rows.map((r) => [r.name, r.id]));
	},

	/** Those of some ids that there are. */
	async some(ids: readonly string[]): Promise<readonly { readonly id: string; readonly block: TypedBlock }[]> {
		const known = ids.filter((id) => z.uuid().safeParse(id).success);
		if (known.length === 0) return [];
		const rows = await db
			.selectFrom('block')
			.select(['id', 'body'])
			.where('farm_id', '=', farmId)
			.where('id', 'in', known)
			.orderBy('name')
			.execute();
		return rows.map((r) => ({ id: r.id, block: r.body }));
	},

	async get(id: string): Promise<KeptBlock> {
		const row = await db
			.selectFrom('block')
			.select(['id', 'body', 'area_m2', 'archived_at'])
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('block');
		return { id: row.id, block: row.body, area: row.area_m2, away: row.archived_at !== null };
	},

	/** Makes or changes a block. A name that another has is refused: two places must not be taken for each other. */
	async put(id: string, block: TypedBlock): Promise<void> {
		await this.takeIn([{ id, block }]);
	},

	/** Takes in several at once, all of them or none. */
	async takeIn(list: readonly { readonly id: string; readonly block: TypedBlock }[]): Promise<void> {
		const made = list.map(({ id, block }) => ({ id, values: blockColumns(block) }));
		await db.transaction().execute(async (trx) => {
			const known = await trx.selectFrom('block').select(['id', 'name']).where('farm_id', '=', farmId).execute();
			const ids = new Map(known.map((k) => [k.name.toLowerCase(), k.id]));
			for (const { id, values } of made) {
				const other = ids.get(values.name.toLowerCase());
				if (other !== undefined && other !== id)
					throw new Failure(409, 'taken', 'name', m.ground_called_so_already({ name: values.name }));
				ids.set(values.name.toLowerCase(), id);
				await trx
					.insertInto('block')
					.values({ id, farm_id: farmId, changed_by: personId, ...values })
					.onConflict((oc) =>
						oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, changed_by: personId, updated_at: now() })
					)
					.execute();
			}
		});
	},

	/** Puts a block away or takes it out again. */
	async archive(id: string, away: boolean): Promise<void> {
		await this.get(id);
		await db
			.updateTable('block')
			.set({ archived_at: away ? now() : null, updated_at: now(), changed_by: personId })
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.execute();
	}
});
