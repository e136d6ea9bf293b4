import { m } from '$words';
import { now } from '../clock';
import { v7 } from 'uuid';
import type { TypedLabel } from '../../../core';
import { readLabel } from '../../../core';
import { Failure, fromIssue, notFound } from '../failure';
import type { Scope } from './scope';

/** Most products that a farm keeps. */
export const mostProducts = 2000;

export interface KeptProduct {
	readonly id: string;
	readonly label: TypedLabel;
	readonly away: boolean;
}

export function productColumns(label: TypedLabel) {
	const read = readLabel(label);
	if (!read.ok) throw fromIssue(read.issues[0]!);
	return { name: label.name, body: JSON.stringify(label) };
}

/** Labels of products by their ids, read, in the order that was asked; null for what is no product of the farm. */
export async function labelsOf({ db, farmId }: Scope, ids: readonly (string | undefined)[]) {
	const asked = ids.filter((id) => id !== undefined);
	if (asked.length === 0) return ids.map(() => null);
	const rows = await db
		.selectFrom('product')
		.select(['id', 'body'])
		.where('farm_id', '=', farmId)
		.where('id', 'in', asked)
		.execute();
	return ids.map((id) => {
		const body = rows.find((r) => r.id === id)?.body;
		const read = body && readLabel(body);
		return read?.ok ? read.value : null;
	});
}

export const productsOf = ({ db, farmId, personId }: Scope) => ({
	/** By name; those that were put away last. */
	async all(): Promise<KeptProduct[]> {
		const rows = await db
			.selectFrom('product')
			.select(['id', 'body', 'archived_at'])
			.where('farm_id', '=', farmId)
			.orderBy((eb) => eb('archived_at', 'is not', null))
			.orderBy((eb) => eb.fn('lower', ['name']))
			.limit(mostProducts)
			.execute();
		return rows.map((r) => ({ id: r.id, label: r.body, away: r.archived_at !== null }));
	},

	async get(id: string): Promise<KeptProduct> {
		const row = await db
			.selectFrom('product')
			.select(['id', 'body', 'archived_at'])
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('product');
		return { id: row.id, label: row.body, away: row.archived_at !== null };
	},

	/** Makes or changes a product. A name that another one has is refused: two labels must not be taken for each other. */
	async put(id: string, label: TypedLabel): Promise<void> {
		const values = { ...productColumns(label), changed_by: personId };
		const other = await db
			.selectFrom('product')
			.select('id')
			.where('farm_id', '=', farmId)
			.where((eb) => eb(eb.fn('lower', ['name']), '=', label.name.toLowerCase()))
			.executeTakeFirst();
		if (other && other.id !== id)
			throw new Failure(409, 'taken', 'name', m.product_called_so_already({ name: label.name }));
		await db
			.insertInto('product')
			.values({ id, farm_id: farmId, ...values })
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, updated_at: now() }))
			.execute();
	},

	/** Takes in many at once, all of them or none; those of a known name are brought up to date. */
	async takeIn(labels: readonly TypedLabel[]): Promise<void> {
		const made = labels.map(productColumns);
		await db.transaction().execute(async (trx) => {
			const known = await trx.selectFrom('product').select(['id', 'name']).where('farm_id', '=', farmId).execute();
			const ids = new Map(known.map((k) => [k.name.toLowerCase(), k.id]));
			for (const columns of made) {
				const values = { ...columns, changed_by: personId };
				const id = ids.get(values.name.toLowerCase()) ?? v7();
				ids.set(values.name.toLowerCase(), id);
				await trx
					.insertInto('product')
					.values({ id, farm_id: farmId, ...values })
					.onConflict((oc) =>
						oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, archived_at: null, updated_at: now() })
					)
					.execute();
			}
		});
	},

	/** Puts a product away or takes it out again. What was planned with it keeps it. */
	async archive(id: string, away: boolean): Promise<void> {
		await this.get(id);
		await db
			.updateTable('product')
			.set({ archived_at: away ? now() : null, updated_at: now(), changed_by: personId })
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.execute();
	}
});
