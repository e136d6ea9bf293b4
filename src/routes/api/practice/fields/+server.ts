import { si } from '$core';
import type { RequestHandler } from './$types';
import type { PracticeField } from '$lib/wire/practice';
import { endpoint } from '$lib/server/api';

/** Names and areas of the farm's fields, to see what an answer would have done on one. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async (): Promise<PracticeField[]> => {
		const blocks = await event.locals.farm.blocks.all();
		return blocks.flatMap(({ block, area, away }) =>
			away || area === null ? [] : [{ name: block.name, area: si<'area'>(area) }]
		);
	});
