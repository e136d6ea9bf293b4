import { sql } from 'kysely';
import type { Amendment, SprayRecord } from '../../../core';
import { isDay } from '../../../core';
import type { LogFilter } from '../../wire/record';
import type { RecordName } from './record-chain';
import type { Scope } from './scope';

interface LogLine {
	readonly id: string;
	readonly day: string;
	readonly blocks: readonly string[];
	readonly products: readonly string[];
	readonly groups: readonly string[];
	readonly sprayer: string;
	readonly operator: string;
	readonly target: string;
	readonly area: number;
}

export interface LogPage {
	readonly rows: readonly LogLine[];
	/** Where the next page begins; null at the end. */
	readonly next: string | null;
}

export interface KeptRecord {
	readonly id: string;
	readonly record: SprayRecord;
	readonly place: number;
	readonly hash: string;
	readonly amendments: readonly Amendment[];
}

const pageSize = 50;
/** Rows that are held at once while all of a log goes out. */
const piece = 200;

/** The log as it is looked through: by filters, a page or a piece at a time. */
export const logOf = ({ db, farmId }: Scope) => {
	/** Names of the log of one kind that hold some letters. */
	const namesOf = async (kind: RecordName['kind'], letters: string, most: number): Promise<string[]> => {
		const rows = await db
			.selectFrom('record_name')
			.select('name')
			.where('farm_id', '=', farmId)
			.where('kind', '=', kind)
			.$if(letters !== '', (qb) => qb.where('name', 'ilike', `%${letters.replace(/[\\%_]/g, '\\$&')}%`))
			.orderBy('name')
			.limit(most)
			.execute();
		return rows.map((r) => r.name);
	};

	const filtered = (filter: LogFilter, targets: readonly string[]) => {
		const { block, product, group, operator, sprayer, target, from, to } = filter;
		const has = (column: string, value: string) => sql<boolean>`${sql.ref(column)} @> array[${value}]::text[]`;
		return db
			.selectFrom('record')
			.where('farm_id', '=', farmId)
			.where('amends', 'is', null)
			.$if(block !== '', (qb) => qb.where(has('block_names', block)))
			.$if(product !== '', (qb) => qb.where(has('product_names', product)))
			.$if(group !== '', (qb) => qb.where(has('groups', group)))
			.$if(operator !== '', (qb) => qb.where('operator', '=', operator))
			.$if(sprayer !== '', (qb) => qb.where('sprayer', '=', sprayer))
			.$if(target !== '', (qb) => qb.where(sql<boolean>`target = any(${[...targets]}::text[])`))
			.$if(from !== '', (qb) => qb.where('day', '>=', from))
			.$if(to !== '', (qb) => qb.where('day', '<=', to));
	};

	/** One piece of the log by keyset, with what is stored of it. */
	const pieceOf = async (filter: LogFilter, size: number) => {
		const old = filter.oldest === '1';
		const placed = /^(\d{4}-\d\d-\d\d)_([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})$/.exec(filter.after);
		// A place that is none is the beginning.
		const cursor = placed && isDay(placed[1]!) ? placed : null;
		const targets = filter.target === '' ? [] : await namesOf('target', filter.target, 1000);
		return (
			filtered(filter, targets)
				.select([
					'id',
					sql<string>`day::text`.as('day'),
					'block_names',
					'product_names',
					'groups',
					'sprayer',
					'operator',
					'target',
					'area_m2',
					'body',
					'place',
					'hash'
				])
				.$if(cursor !== null, (qb) =>
					qb.where(
						old
							? sql<boolean>`(record.day, record.id) > (${cursor?.[1]}::date, ${cursor?.[2]}::uuid)`
							: sql<boolean>`(record.day, record.id) < (${cursor?.[1]}::date, ${cursor?.[2]}::uuid)`
					)
				)
				// The column, not the text that is shown of it: only the column has an index.
				.orderBy('record.day', old ? 'asc' : 'desc')
				.orderBy('record.id', old ? 'asc' : 'desc')
				.limit(size)
				.execute()
		);
	};

	/** What was added later to some records, by record, the oldest first. */
	const amendmentsOf = async (ids: readonly string[]): Promise<ReadonlyMap<string, readonly Amendment[]>> => {
		const rows =
			ids.length === 0
				? []
				: await db
						.selectFrom('record')
						.select(['amends', 'body'])
						.where('farm_id', '=', farmId)
						.where('amends', 'in', ids)
						.orderBy('place')
						.execute();
		const by = new Map<string, Amendment[]>();
		for (const { amends, body } of rows) by.set(amends!, [...(by.get(amends!) ?? []), body as Amendment]);
		return by;
	};

	return {
		amendmentsOf,

		/** A page of the log by its filters, newest first unless told otherwise. */
		async page(filter: LogFilter): Promise<LogPage> {
			const rows = await pieceOf(filter, pageSize + 1);
			const shown = rows.slice(0, pageSize);
			const last = shown.at(-1);
			return {
				rows: shown.map((r) => ({
					id: r.id,
					day: r.day,
					blocks: r.block_names,
					products: r.product_names,
					groups: r.groups,
					sprayer: r.sprayer,
					operator: r.operator,
					target: r.target,
					area: r.area_m2
				})),
				next: rows.length > pageSize && last ? `${last.day}_${last.id}` : null
			};
		},

		/** All records of a filter, a piece at a time, so that a long log goes out without being held at once. */
		async *all(filter: LogFilter): AsyncGenerator<KeptRecord> {
			let after = '';
			for (;;) {
				const rows = await pieceOf({ ...filter, after }, piece);
				const later = await amendmentsOf(rows.map((r) => r.id));
				for (const { id, body, place, hash } of rows)
					yield { id, record: body as SprayRecord, place: Number(place), hash, amendments: later.get(id) ?? [] };
				const last = rows.at(-1);
				if (!last || rows.length < piece) return;
				after = `${last.day}_${last.id}`;
			}
		},

		/** What the filters can be set to: names that are in the log. */
		async names(): Promise<{
			readonly blocks: string[];
			readonly products: string[];
			readonly operators: string[];
			readonly sprayers: string[];
		}> {
			const [blocks, products, operators, sprayers] = await Promise.all([
				namesOf('block', '', 5000),
				namesOf('product', '', 2000),
				namesOf('operator', '', 500),
				namesOf('sprayer', '', 500)
			]);
			return { blocks, products, operators, sprayers };
		}
	};
};
