import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';
import { makeAnchor, signingKey } from '$lib/server/anchor';
import { now } from '$lib/server/clock';
import { fileName, fileResponse } from '$lib/server/files';

/** The newest seal and how many records there are, to keep outside of the database. */
export const GET: RequestHandler = async ({ locals: { farm } }) => {
	const chain = await farm.records.newest();
	const at = now().toISOString();
	const anchor = makeAnchor({ farm: farm.id, ...chain }, at, signingKey(env.FALLOW_DATA));
	const text = `${JSON.stringify(anchor, null, '\t')}\n`;
	return fileResponse(
		new TextEncoder().encode(text),
		'application/json',
		`${fileName(farm.name, 'anchor')}-${at.slice(0, 10)}.json`
	);
};
