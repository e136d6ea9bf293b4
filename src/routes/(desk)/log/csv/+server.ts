import type { RequestHandler } from './$types';
import { logFilterSchema } from '$lib/formats/record';
import { recordColumns, recordLines } from '$lib/formats/record-csv';
import { fileName, fileResponse } from '$lib/server/files';
import { textStream } from '$lib/server/stream';

export const GET: RequestHandler = ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	async function* lines() {
		yield `${recordColumns.join(',')}\r\n`;
		let some = '';
		for await (const { id, record } of farm.records.all(filter)) {
			some += `${recordLines(id, record)}\r\n`;
			if (some.length < 32_768) continue;
			yield some;
			some = '';
		}
		yield some;
	}
	return fileResponse(textStream(lines()), 'text/csv; charset=utf-8', `${fileName(farm.name, 'log')}.csv`);
};
