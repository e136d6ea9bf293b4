import { z } from 'zod';
import type { Result } from '../../core/index';
import type { CsvRow, ReadCsv } from './csv-rows';

/** A JSON file of many things: what it is called, where they stand in it, and how one of them is read. */
export interface JsonShape<T> {
	readonly format: string;
	readonly list: string;
	readonly most: number;
	readonly read: (value: unknown) => Result<T>;
	/** What a bad one is called by: the text of this member. */
	readonly name: string;
}

/** Whether a text is a JSON file and not a CSV one. */
export const looksLikeJson = (text: string): boolean => /^\s*\{/.test(text);

/**
 * Reads a JSON file of many things. Each stands by itself, as a row of a CSV file does: one that does not read is named by
 * its place, with what is wrong, and is left over to be mended.
 */
export function readJsonRows<T>(text: string, { format, list, most, read, name }: JsonShape<T>): ReadCsv<T> {
	const none = { rows: [], lacking: ['format', list], left: text };
	const shape = z.strictObject({
		format: z.literal(format),
		[list]: z.array(z.unknown()).max(most),
		// What a list was held by when it went out; it says nothing of its things, and is held against the farm it is of.
		anchor: z.unknown().optional()
	});
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch {
		return none;
	}
	const file = shape.safeParse(json);
	if (!file.success) return none;
	const rows = (file.data[list] as readonly unknown[]).map((value, i): CsvRow<T> => {
		const one = read(value);
		const called = (value as Record<string, unknown> | null)?.[name];
		const shared = { line: i + 1, id: '', text: JSON.stringify(value) };
		return one.ok
			? { ...shared, ok: true, value: one.value }
			: { ...shared, ok: false, name: typeof called === 'string' ? called.slice(0, 80) : '', issues: one.issues };
	});
	const left = rows.flatMap((row) => (row.ok ? [] : [row.text]));
	return {
		rows,
		lacking: [],
		left: left.length > 0 ? `{"format": "${format}", "${list}": [\n${left.join(',\n')}\n]}` : ''
	};
}
