import Papa from 'papaparse';
import type { Issue, TypedNozzle } from '../../core';
import type { FarmSettings } from './farm-settings';
import type { KeptNozzles } from './nozzle-table';
import type { NozzleText } from './nozzle-text';
import { emptyNozzleText, nozzleText, readNozzleText } from './nozzle-text';

/** Columns of a nozzle file, in this order on the way out and in any order on the way in. */
export const nozzleColumns = ['name', 'kind', 'size', 'angle', 'low', 'high', 'points', 'classes', 'shed'] as const;
/** Columns without which a file is no nozzle file. */
const needed = ['name', 'kind', 'points'] as const;

/** Largest file that is taken in. */
export const nozzleCsvLimit = 400_000;

export type CsvRow =
	| { readonly line: number; readonly ok: true; readonly nozzle: TypedNozzle; readonly shed: boolean }
	| {
			readonly line: number;
			readonly ok: false;
			readonly name: string;
			readonly issues: readonly Issue[];
			readonly text: string;
	  };

export interface ReadCsv {
	readonly rows: readonly CsvRow[];
	/** Columns that the file should have and has not: then no row was read. */
	readonly lacking: readonly string[];
	/** The rows that were not read, with the head of the file: to be mended and read again. */
	readonly left: string;
}

/**
 * Reads a nozzle file. Each row stands by itself: one that does not read is named with its line and what is wrong, and
 * takes nothing else with it.
 */
export function readNozzleCsv(text: string, settings: FarmSettings): ReadCsv {
	const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: false });
	const head = (data[0] ?? []).map((name) => name.trim().toLowerCase());
	const lacking = needed.filter((name) => !head.includes(name));
	if (lacking.length > 0) return { rows: [], lacking, left: text };
	const seen = new Set<string>();
	const rows = data.slice(1).flatMap((cells, i): CsvRow[] => {
		if (cells.every((cell) => cell.trim() === '')) return [];
		// The mark that keeps a spreadsheet from taking text for a formula is not part of the text.
		const at = (name: string) => (cells[head.indexOf(name)]?.trim() ?? '').replace(/^'(?=[=+\-@])/, '');
		const fields = Object.fromEntries(
			Object.keys(emptyNozzleText).map((name) => [name, at(name)])
		) as unknown as NozzleText;
		const read = readNozzleText(fields, settings);
		const key = `${fields.kind.toLowerCase()} ${fields.name}`;
		const issues: readonly Issue[] = !read.ok
			? read.issues
			: seen.has(key)
				? [{ code: 'twice', path: 'name', text: fields.name }]
				: [];
		seen.add(key);
		const line = i + 2;
		return read.ok && issues.length === 0
			? [{ line, ok: true, nozzle: read.value, shed: /^(yes|y|1|true|x|shed)$/i.test(at('shed')) }]
			: [{ line, ok: false, name: fields.name, issues, text: Papa.unparse([cells]) }];
	});
	const left = rows.flatMap((row) => (row.ok ? [] : [row.text]));
	return { rows, lacking, left: left.length > 0 ? [Papa.unparse([data[0]!]), ...left].join('\n') : '' };
}

/** The farm's own nozzles as a file. Text that a spreadsheet would take for a formula is made harmless. */
export function nozzleCsv(kept: KeptNozzles, settings: FarmSettings): string {
	const shed = new Set(kept.shed);
	const rows = kept.own.map(({ key, nozzle }) => ({
		...nozzleText(nozzle, settings, '; '),
		shed: shed.has(key) ? 'yes' : 'no'
	}));
	return Papa.unparse({ fields: [...nozzleColumns], data: rows }, { escapeFormulae: true, newline: '\r\n' });
}
