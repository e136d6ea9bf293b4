import type { RequestHandler } from './$types';
import { logFilterSchema } from '$lib/wire/record';
import { recordColumns, recordLines } from '$lib/files/record-csv';
import { fileName, fileResponse } from '$lib/server/files';
import { inPieces, textStream } from '$lib/server/stream';

export const GET: RequestHandler = async ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	async function* lines() {
		yield `${recordColumns.join(',')}\r\n`;
		for await (const { id, record } of farm.records.all(filter)) yield `${recordLines(id, record)}\r\n`;
	}
	// A table has no place for it: its name says how many records there were, and how their newest seal begins.
	const { count, seal } = await farm.records.newest();
	const name = `${fileName(farm.name, 'log')}-${count}-${seal.slice(0, 16)}.csv`;
	return fileResponse(textStream(inPieces(lines())), 'text/csv; charset=utf-8', name);
};
