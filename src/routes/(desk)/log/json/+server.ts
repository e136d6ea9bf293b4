import type { RequestHandler } from './$types';
import { logFilterSchema } from '$lib/formats/record';
import { fileName, fileResponse } from '$lib/server/files';
import { textStream } from '$lib/server/stream';

export const GET: RequestHandler = ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	async function* lines() {
		yield '{"format": "fallow-log/1", "records": [';
		let first = true;
		for await (const { id, record } of farm.records.all(filter)) {
			yield `${first ? '\n' : ',\n'}${JSON.stringify({ id, ...record })}`;
			first = false;
		}
		yield '\n]}\n';
	}
	return fileResponse(textStream(lines()), 'application/json', `${fileName(farm.name, 'log')}.json`);
};
