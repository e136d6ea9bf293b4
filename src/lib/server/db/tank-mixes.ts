import { m } from '$words';
import { readProducts } from '../../../core';
import type { TankMixInput } from '../../wire/tank-mix';
import { canonicalJson } from '../canonical-json';
import { now } from '../clock';
import { Failure, fromIssue, notFound } from '../failure';
import { labelsOf } from './products';
import type { Scope } from './scope';

/** Most tank mixes that a farm keeps. */
const mostMixes = 500;

export interface KeptMix {
	readonly id: string;
	readonly mix: TankMixInput;
}

export const tankMixesOf = (scope: Scope) => {
	const { db, farmId } = scope;
	return {
		/** By name, without those in the archive. */
		async all(): Promise<KeptMix[]> {
			const rows = await db
				.selectFrom('tank_mix')
				.select(['id', 'body'])
				.where('farm_id', '=', farmId)
				.where('archived_at', 'is', null)
				.orderBy((eb) => eb.fn('lower', ['name']))
				.limit(mostMixes)
				.execute();
			return rows.map((r) => ({ id: r.id, mix: r.body }));
		},

		async get(id: string): Promise<KeptMix> {
			const row = await db
				.selectFrom('tank_mix')
				.select(['id', 'body'])
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.executeTakeFirst();
			if (!row) throw notFound('tank mix');
			return { id: row.id, mix: row.body };
		},

		/**
		 * Keeps a mix. One of its name is brought up to date, and comes back from the archive: the name is what people know it by.
		 * Answers with the id that it is kept under.
		 */
		async put(id: string, mix: TankMixInput): Promise<string> {
			const labels = await labelsOf(
				scope,
				mix.products.map((p) => p.product)
			);
			// Bands are asked about where they are sprayed: a mix is of no sprayer.
			const read = readProducts(mix.products, 1, labels);
			if (!read.ok) throw fromIssue(read.issues[0]!);
			const other = await db
				.selectFrom('tank_mix')
				.select('id')
				.where('farm_id', '=', farmId)
				.where((eb) => eb(eb.fn('lower', ['name']), '=', mix.name.toLowerCase()))
				.executeTakeFirst();
			const values = { name: mix.name, body: JSON.stringify(mix) };
			const key = other?.id ?? id;
			await db
				.insertInto('tank_mix')
				.values({ id: key, farm_id: farmId, ...values })
				.onConflict((oc) =>
					oc.columns(['farm_id', 'id']).doUpdateSet({ ...values, archived_at: null, updated_at: now() })
				)
				.execute();
			const stored = await this.get(key);
			if (canonicalJson(stored.mix) !== canonicalJson(mix))
				throw new Failure(409, 'conflict', 'name', m.tank_mix_saved_by_another());
			return key;
		},

		/** Takes a mix out of the list; jobs that were planned from it keep their products. */
		async archive(id: string): Promise<void> {
			await this.get(id);
			await db
				.updateTable('tank_mix')
				.set({ archived_at: now(), updated_at: now() })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
		}
	};
};
