import type { RequestHandler } from './$types';
import { farmAnchor } from '$lib/server/farm-anchor';
import { now } from '$lib/server/clock';
import { fileName, fileResponse } from '$lib/server/files';

/** The newest seal and how many records there are, to keep outside of the database. */
export const GET: RequestHandler = async ({ locals: { farm } }) => {
	const chain = await farm.records.newest();
	const at = now().toISOString();
	const anchor = farmAnchor(farm.id, chain, at);
	const text = `${JSON.stringify(anchor, null, '\t')}\n`;
	return fileResponse(
		new TextEncoder().encode(text),
		'application/json',
		`${fileName(farm.name, 'anchor')}-${at.slice(0, 10)}.json`
	);
};
