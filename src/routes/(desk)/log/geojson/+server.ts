import type { RequestHandler } from './$types';
import { now } from '$lib/server/clock';
import { farmAnchor } from '$lib/server/farm-anchor';
import { logFilterSchema } from '$lib/wire/record';
import { recordFeatures } from '$lib/files/record-geojson';
import { fileName, fileResponse } from '$lib/server/files';
import { inPieces, textStream } from '$lib/server/stream';

/** The ground that the records of a filter sprayed. */
export const GET: RequestHandler = async ({ url, locals: { farm } }) => {
	const filter = logFilterSchema.parse(Object.fromEntries(url.searchParams));
	const boundaries = new Map((await farm.blocks.all()).map(({ id, block }) => [id, block.boundary]));
	async function* lines() {
		yield '{"type":"FeatureCollection","features":[\n';
		let first = true;
		for await (const { id, record } of farm.records.all(filter))
			for (const feature of recordFeatures(id, record, (block) => boundaries.get(block) ?? null)) {
				yield `${first ? '' : ',\n'}${feature}`;
				first = false;
			}
		const anchor = farmAnchor(farm.id, await farm.records.newest(), now().toISOString());
		// A member of its own beside those of the standard, which readers pass over.
		yield `\n],"anchor":${JSON.stringify(anchor)}}\n`;
	}
	return fileResponse(
		textStream(inPieces(lines())),
		'application/geo+json',
		`${fileName(farm.name, 'sprayed')}.geojson`
	);
};
