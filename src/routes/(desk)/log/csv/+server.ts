import type { RequestHandler } from './$types';
import { logFilterSchema } from '$lib/wire/record';
import { recordColumns, recordLines } from '$lib/files/record-csv';
import { fileName, fileResponse } from '$lib/server/files';
import { inPieces, textStream } from '$lib/server/stream';

export const GET: RequestHandler = ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	async function* lines() {
		yield `${recordColumns.join(',')}\r\n`;
		for await (const { id, record } of farm.records.all(filter)) yield `${recordLines(id, record)}\r\n`;
	}
	return fileResponse(textStream(inPieces(lines())), 'text/csv; charset=utf-8', `${fileName(farm.name, 'log')}.csv`);
};
