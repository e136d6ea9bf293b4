import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { database } from '$lib/server/app';
import { inspection } from '$lib/server/people/inspection';

export const load: PageServerLoad = async ({ params, setHeaders }) => {
	const shown = await inspection(database().db, params.token);
	if (!shown) error(410, { message: m.link_ended(), code: 'link-ended' });
	setHeaders({ 'cache-control': 'no-store', 'x-robots-tag': 'noindex' });
	return shown;
};
