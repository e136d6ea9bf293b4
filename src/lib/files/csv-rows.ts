import Papa from 'papaparse';
import type { Issue, Result } from '../../core/index';
import type { DecimalSign } from './decimal-sign';
import { decimalSign } from './decimal-sign';
import type { FarmSettings } from '../settings/farm-settings';

/** Largest CSV that is taken in. */
export const csvLimit = 400_000;

interface CsvLine {
	readonly line: number;
	/** What the file calls it, where it has an own column for that; else empty. */
	readonly id: string;
	/** As it stands in the file. */
	readonly text: string;
}
export type CsvRow<T> =
	| (CsvLine & { readonly ok: true; readonly value: T })
	| (CsvLine & { readonly ok: false; readonly name: string; readonly issues: readonly Issue[] });

export interface ReadCsv<T> {
	readonly rows: readonly CsvRow<T>[];
	/** Columns that the file should have and has not: then no row was read. */
	readonly lacking: readonly string[];
	/** A number that could be read in two ways, where the file does not tell which: then no row was read. */
	readonly asks?: string | null;
	/** The rows that were not read, with the head of the file: to be mended and read again. */
	readonly left: string;
}

export interface CsvShape<T> {
	/** Columns without which a file is none of this kind. */
	readonly needed: readonly string[];
	read(cell: (column: string) => string): Result<T>;
	/** What may stand in a file once. */
	key(cell: (column: string) => string): string;
	/** What a bad row is called by; its `name` without this. */
	name?(cell: (column: string) => string): string;
}

/**
 * Reads a CSV file. Each row stands by itself: one that does not read is named with its line and what is wrong, and takes
 * nothing else with it.
 */
export function readCsv<T>(text: string, { needed, read, key, name: called }: CsvShape<T>): ReadCsv<T> {
	const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: false });
	const head = (data[0] ?? []).map((name) => name.trim().toLowerCase());
	const lacking = needed.filter((name) => !head.includes(name));
	if (lacking.length > 0) return { rows: [], lacking, left: text };
	const seen = new Set<string>();
	const rows = data.slice(1).flatMap((cells, i): CsvRow<T>[] => {
		if (cells.every((cell) => cell.trim() === '')) return [];
		// The mark that keeps a spreadsheet from taking text for a formula is not part of the text.
		const at = (name: string) => (cells[head.indexOf(name)]?.trim() ?? '').replace(/^'(?=[=+\-@])/, '');
		const line = i + 2;
		const value = read(at);
		const name = called ? called(at) : at('name');
		const own = { line, id: at('record'), text: Papa.unparse([cells]) };
		const known = key(at);
		const twice = seen.has(known);
		seen.add(known);
		if (value.ok && !twice) return [{ ...own, ok: true, value: value.value }];
		const issues: readonly Issue[] = value.ok ? [{ code: 'twice', path: 'name', text: name }] : value.issues;
		return [{ ...own, ok: false, name, issues }];
	});
	return { rows, lacking, left: csvWith(text, rows) };
}

/**
 * Reads a CSV file by its own decimal sign: the one that it says or proves, the one that somebody told (`sign`), else the
 * farm's. Where a number could be either and nobody told, no row is read and the number is asked about.
 */
export function inItsSign<T>(
	text: string,
	settings: FarmSettings,
	sign: DecimalSign | null,
	read: (settings: FarmSettings) => ReadCsv<T>
): ReadCsv<T> {
	const found = decimalSign(text);
	if (found.asks !== null && sign === null) {
		const head = read(settings);
		return { rows: [], lacking: head.lacking, left: text, asks: found.asks };
	}
	const own = found.sign ?? sign;
	return read(own === null ? settings : { ...settings, decimalComma: own === 'comma' });
}

/** The rows that were not read, under the head of their file; nothing where all were. */
export function csvWith(text: string, rows: readonly CsvRow<unknown>[]): string {
	const left = rows.flatMap((row) => (row.ok ? [] : [row.text]));
	const [head] = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { preview: 1 }).data;
	return left.length > 0 ? [Papa.unparse([head ?? []]), ...left].join('\n') : '';
}

/**
 * Rows as a file, which says its own decimal sign: a point, whatever the farm writes. Text that a spreadsheet would take for a
 * formula is made harmless.
 */
export const writeCsv = (columns: readonly string[], rows: readonly Readonly<Record<string, string>>[]): string =>
	Papa.unparse(
		{ fields: [...columns, 'decimal'], data: rows.map((row) => [...columns.map((c) => row[c] ?? ''), 'point']) },
		{ escapeFormulae: true, newline: '\r\n' }
	);
