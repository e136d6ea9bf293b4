import { now } from '../clock';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { TypedNozzle } from '../../../core';
import { flowAt, isoNozzles, readNozzle } from '../../../core';
import type { KeptNozzle, KeptNozzles } from '../../settings/nozzle-table';
import { fromIssue, notFound } from '../failure';
import type { Scope } from './scope';

/** Most nozzles of its own that a farm's table holds. */
export const mostNozzlesKept = 5000;

/** The computed columns beside a typed nozzle; refuses one that does not read. */
export function nozzleColumns(nozzle: TypedNozzle) {
	const read = readNozzle('', nozzle, false);
	if (!read.ok) throw fromIssue(read.issues[0]!);
	const { points, low, high } = read.value;
	return {
		kind: nozzle.kind,
		name: nozzle.name,
		body: JSON.stringify(nozzle),
		low_pa: low as number,
		high_pa: high as number,
		least_m3_s: flowAt(points, low) as number,
		most_m3_s: flowAt(points, high) as number
	};
}

export const nozzlesOf = ({ db, farmId }: Scope) => ({
	/** The farm's own nozzles by name, and the keys of all that lie in its shed. */
	async all(): Promise<KeptNozzles> {
		const rows = await db
			.selectFrom('nozzle')
			.select(['id', 'body'])
			.where('farm_id', '=', farmId)
			.orderBy('name')
			.orderBy('kind')
			.limit(mostNozzlesKept)
			.execute();
		const shed = await db.selectFrom('shed_nozzle').select('nozzle_key').where('farm_id', '=', farmId).execute();
		return { own: rows.map((r) => ({ key: r.id, nozzle: r.body })), shed: shed.map((s) => s.nozzle_key).sort() };
	},

	async get(id: string): Promise<KeptNozzle> {
		const row = await db
			.selectFrom('nozzle')
			.select(['id', 'body'])
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('nozzle');
		return { key: row.id, nozzle: row.body };
	},

	/** Makes or changes a nozzle. Two of one kind and one name are one nozzle: the newer sheet counts. */
	async put(id: string, nozzle: TypedNozzle, shed: boolean): Promise<string> {
		const values = nozzleColumns(nozzle);
		const key = await db.transaction().execute(async (trx) => {
			const known = await trx
				.selectFrom('nozzle')
				.select('id')
				.where('farm_id', '=', farmId)
				.where('kind', '=', nozzle.kind)
				.where('name', '=', nozzle.name)
				.executeTakeFirst();
			if (known && known.id !== id) {
				await trx.deleteFrom('nozzle').where('farm_id', '=', farmId).where('id', '=', known.id).execute();
				await trx.deleteFrom('shed_nozzle').where('farm_id', '=', farmId).where('nozzle_key', '=', known.id).execute();
			}
			await trx
				.insertInto('nozzle')
				.values({ id, farm_id: farmId, ...values })
				.onConflict((oc) => oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, updated_at: now() }))
				.execute();
			return id;
		});
		await this.shed(key, shed);
		return key;
	},

	/** Takes in many at once, all of them or none; those of a known kind and name are brought up to date. */
	async takeIn(list: readonly { readonly nozzle: TypedNozzle; readonly shed: boolean }[]): Promise<void> {
		const made = list.map(({ nozzle, shed }) => ({ id: v7(), shed, values: nozzleColumns(nozzle) }));
		await db.transaction().execute(async (trx) => {
			for (let i = 0; i < made.length; i += 500) {
				const part = made.slice(i, i + 500);
				const rows = await trx
					.insertInto('nozzle')
					.values(part.map(({ id, values }) => ({ id, farm_id: farmId, ...values })))
					.onConflict((oc) =>
						oc.columns(['farm_id', 'kind', 'name']).doUpdateSet((eb) => ({
							body: eb.ref('excluded.body'),
							low_pa: eb.ref('excluded.low_pa'),
							high_pa: eb.ref('excluded.high_pa'),
							least_m3_s: eb.ref('excluded.least_m3_s'),
							most_m3_s: eb.ref('excluded.most_m3_s'),
							updated_at: now()
						}))
					)
					.returning(['id', 'kind', 'name'])
					.execute();
				const wanted = new Set(part.filter((p) => p.shed).map((p) => `${p.values.kind} ${p.values.name}`));
				const inShed = rows.filter((r) => wanted.has(`${r.kind} ${r.name}`));
				if (inShed.length > 0)
					await trx
						.insertInto('shed_nozzle')
						.values(inShed.map((r) => ({ farm_id: farmId, nozzle_key: r.id })))
						.onConflict((oc) => oc.columns(['farm_id', 'nozzle_key']).doNothing())
						.execute();
			}
		});
	},

	/** Takes a nozzle off the table. Sprayers and calibrations keep what they were made with. */
	async remove(id: string): Promise<void> {
		await db.transaction().execute(async (trx) => {
			await trx.deleteFrom('nozzle').where('farm_id', '=', farmId).where('id', '=', id).execute();
			await trx.deleteFrom('shed_nozzle').where('farm_id', '=', farmId).where('nozzle_key', '=', id).execute();
		});
	},

	/** Says whether a nozzle, the farm's own or a generic one, lies in the shed. */
	async shed(key: string, there: boolean): Promise<void> {
		if (!there) {
			await db.deleteFrom('shed_nozzle').where('farm_id', '=', farmId).where('nozzle_key', '=', key).execute();
			return;
		}
		if (!isoNozzles('metric', new Set()).some((n) => n.key === key)) {
			if (!z.uuid().safeParse(key).success) throw notFound('nozzle');
			await this.get(key);
		}
		await db
			.insertInto('shed_nozzle')
			.values({ farm_id: farmId, nozzle_key: key })
			.onConflict((oc) => oc.columns(['farm_id', 'nozzle_key']).doNothing())
			.execute();
	}
});
