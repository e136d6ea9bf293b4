import type { RequestHandler } from './$types';
import { now } from '$lib/server/clock';
import { farmAnchor } from '$lib/server/farm-anchor';
import { logFilterSchema } from '$lib/wire/record';
import { fileName, fileResponse } from '$lib/server/files';
import { inPieces, textStream } from '$lib/server/stream';

export const GET: RequestHandler = ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	async function* lines() {
		yield '{"format": "fallow-log/1", "records": [';
		let first = true;
		for await (const { id, record, amendments } of farm.records.all(filter)) {
			yield `${first ? '\n' : ',\n'}${JSON.stringify({ id, ...record, ...(amendments.length > 0 ? { amendments } : {}) })}`;
			first = false;
		}
		const anchor = farmAnchor(farm.id, await farm.records.newest(), now().toISOString());
		yield `\n], "anchor": ${JSON.stringify(anchor)}}\n`;
	}
	return fileResponse(textStream(inPieces(lines())), 'application/json', `${fileName(farm.name, 'log')}.json`);
};
