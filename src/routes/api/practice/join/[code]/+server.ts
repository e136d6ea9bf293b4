import type { RequestHandler } from './$types';
import type { ClassDoorAnswer } from '$lib/wire/practice';
import { classCodeSchema, seatAskSchema } from '$lib/wire/practice';
import { endpoint, parse } from '$lib/server/api';
import { database } from '$lib/server/app';
import { readJson } from '$lib/server/guards';
import { classByCode, takeSeat } from '$lib/server/practice/seats';

/** What is practised in a class, for whoever has its code. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async (): Promise<ClassDoorAnswer> => {
		const one = await classByCode(database().db, parse(classCodeSchema, event.params.code));
		return {
			code: one.code,
			exercise: one.exercise,
			seed: one.seed,
			trainer: one.trainer,
			endsAt: one.endsAt.toISOString()
		};
	});

/** A seat in it, by a name and without an account. */
export const POST: RequestHandler = (event) =>
	endpoint(event, async () => {
		const code = parse(classCodeSchema, event.params.code);
		const { name } = parse(seatAskSchema, await readJson(event.request));
		return { token: await takeSeat(database().db, code, name) };
	});
