import { m } from '$words';
import { fail } from '@sveltejs/kit';
import type { ReadCsv } from '../files/csv-rows';
import { csvLimit } from '../files/csv-rows';
import type { DecimalSign } from '../files/decimal-sign';
import { Failure, orFailure } from './failure';

/** What a CSV form asks of its kind of record. */
interface Taking<T> {
	/** In a thread of its own. */
	read(text: string, sign: DecimalSign | null): Promise<ReadCsv<T>>;
	/** How many the farm has, and how many it can have. */
	count(): Promise<number>;
	readonly most: number;
	/** How many of them the farm had already, where that can be. */
	takeIn(values: readonly T[]): Promise<void | { readonly known: number }>;
}

/** Takes in every row that reads; those that do not come back as they were, to be mended. */
export async function takeCsv<T>(request: Request, { read, count, most, takeIn }: Taking<T>) {
	const data = await request.formData();
	const text = String(data.get('csv') ?? '');
	const told = data.get('decimal');
	const sign = told === 'point' || told === 'comma' ? told : null;
	const refuse = (status: number, message: string) => fail(status, { text, taken: 0, message });
	if (text.length > csvLimit) return refuse(413, m.that_file_is_over_kb_take({ csvLimit: csvLimit / 1000 }));
	const found = await orFailure(read(text, sign));
	if (found instanceof Failure) return refuse(found.status, found.message);
	const { rows, lacking, left } = found;
	const good = rows.flatMap((row) => (row.ok ? [row.value] : []));
	if (lacking.length > 0 || good.length === 0) return refuse(422, '');
	if ((await count()) + good.length > most) return refuse(422, m.a_farm_keeps_of_them_that({ most }));
	const known = (await takeIn(good))?.known ?? 0;
	return { text: left, taken: good.length - known, known, message: '' };
}
