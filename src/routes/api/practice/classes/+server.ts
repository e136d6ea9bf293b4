import type { RequestHandler } from './$types';
import { classAskSchema } from '$lib/wire/practice';
import { endpoint, parse } from '$lib/server/api';
import { readJson } from '$lib/server/guards';
import { newClassSeed } from '$lib/server/practice/class-code';

export const GET: RequestHandler = (event) => endpoint(event, () => event.locals.farm.practice.list());

/** Begins a class; answers with the code that it is joined by. */
export const POST: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { exercise } = parse(classAskSchema, await readJson(event.request));
		return { code: await event.locals.farm.practice.begin(exercise, newClassSeed()) };
	});
