import type { RequestHandler } from './$types';
import { blocksGeoJson } from '$lib/ground/boundary';
import { fileResponse } from '$lib/server/files';

/** The farm's boundaries as GeoJSON. */
export const GET: RequestHandler = async ({ locals }) =>
	fileResponse(
		blocksGeoJson((await locals.farm.blocks.all()).filter((b) => !b.away)),
		'application/geo+json',
		'ground.geojson'
	);
