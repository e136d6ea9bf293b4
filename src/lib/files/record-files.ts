import { m } from '$words';
import { z } from 'zod';
import type { Amendment, Issue, Result, SprayRecord } from '../../core/index';
import { bad, good, longest, tooLong } from '../../core/index';
import type { CsvRow, ReadCsv } from './csv-rows';
import { csvWith, inItsSign, readCsv } from './csv-rows';
import type { DecimalSign } from './decimal-sign';
import type { FarmSettings } from '../settings/farm-settings';
import { looksLikeJson, readJsonRows } from './json-rows';
import type { KnownNames, RecordLine } from './record-line';
import { readRecordLine, recordOf } from './record-line';
import { amendmentSchema, recordSchema } from '../wire/record-schema';

/** A record from a file, not sealed yet. */
export interface RecordIn {
	/** As the file has it; empty where it has none. */
	readonly id: string;
	readonly record: SprayRecord;
	readonly amendments: readonly Amendment[];
}

const needed = ['day', 'blocks', 'operator'];

/**
 * Records from CSV: a line is one product of a record; lines that share what stands under `record` are one. A record of
 * which one line does not read stays out whole.
 */
function readRecordCsv(text: string, settings: FarmSettings, known: KnownNames): ReadCsv<RecordIn> {
	let line = 0;
	const { rows, lacking, left } = readCsv<RecordLine>(text, {
		needed,
		key: () => `${(line += 1)}`,
		name: (at) => [at('day'), at('blocks'), at('product')].filter(Boolean).join(', '),
		read: (at) => readRecordLine(at, settings)
	});
	if (lacking.length > 0) return { rows: [], lacking, left };
	const groups = new Map<string, CsvRow<RecordLine>[]>();
	for (const row of rows) {
		const id = row.ok ? row.value.id : row.id;
		const key = id === '' ? m.line({ line: row.line }) : id;
		groups.set(key, [...(groups.get(key) ?? []), row]);
	}
	const read = [...groups.values()].flatMap((lines): CsvRow<RecordIn>[] => {
		const wrong = lines.filter((l) => !l.ok);
		const values = lines.flatMap((l) => (l.ok ? [l.value] : []));
		const first = lines[0]!;
		const asOne = (issues: readonly Issue[]): CsvRow<RecordIn>[] => [
			{
				line: first.line,
				ok: false,
				id: first.id,
				name: values[0]?.name ?? '',
				issues,
				text: lines.map((l) => l.text).join('\n')
			}
		];
		if (wrong.length > 0) {
			// The lines that do read go back with the one that does not: a record is taken in whole.
			const rest = lines.filter((l) => l.ok).map((l) => l.text);
			return wrong.flatMap((l, i): CsvRow<RecordIn>[] =>
				l.ok ? [] : [{ ...l, text: [l.text, ...(i === 0 ? rest : [])].join('\n') }]
			);
		}
		const record = recordOf(values, known);
		return record.ok
			? [
					{
						line: first.line,
						ok: true,
						id: first.id,
						text: '',
						value: { id: values[0]!.id, record: record.value, amendments: [] }
					}
				]
			: asOne(record.issues);
	});
	return { rows: read, lacking: [], left: csvWith(text, read) };
}

/** One record of a `fallow-log/1` file, held against the shape that Fallow itself writes. */
function readRecordJson(value: unknown): Result<RecordIn> {
	const { id, amendments, ...body } = (value ?? {}) as Record<string, unknown>;
	const record = recordSchema.safeParse(body);
	const later = z
		.array(amendmentSchema)
		.max(500)
		.safeParse(amendments ?? []);
	const wrong = record.error?.issues[0] ?? later.error?.issues[0];
	if (!record.success || !later.success) {
		const path = wrong!.path.join('.');
		return bad({ code: 'unreadable', path, text: path || 'record', wanted: 'record' });
	}
	const called = typeof id === 'string' ? id : '';
	const long = tooLong('id', called, longest.name);
	if (long.length > 0) return bad(...long);
	return good({
		id: called,
		record: { ...(record.data as SprayRecord), takenIn: true },
		amendments: later.data
	});
}

/** Records from a file, CSV or JSON; each stands by itself, and a bad one is named. */
export const readRecordFile = (
	text: string,
	farm: FarmSettings,
	known: KnownNames,
	sign: DecimalSign | null = null
): ReadCsv<RecordIn> =>
	looksLikeJson(text)
		? readJsonRows(text, { format: 'fallow-log/1', list: 'records', most: 20_000, read: readRecordJson, name: 'day' })
		: inItsSign(text, farm, sign, (settings) => readRecordCsv(text, settings, known));
