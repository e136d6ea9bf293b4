import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import { database } from '$lib/server/app';
import { asking } from '$lib/server/people/asking';

export const POST: RequestHandler = async (event) => {
	const { door } = database();
	const answer = await door.ask(asking(event), '/sign-out', {});
	event.locals.cookies.push(...answer.cookies);
	redirect(303, '/sign-in');
};
