import { z } from 'zod';
import type { RequestHandler } from './$types';
import { languages } from '$lib/language/language';
import { endpoint, parse } from '$lib/server/api';
import { database } from '$lib/server/app';
import { readJson } from '$lib/server/guards';
import { keepLanguage } from '$lib/server/people/accounts';

const asked = z.strictObject({ language: z.enum(languages) });

/** The language of who is signed in, from here on: it goes with them to other devices. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { language } = parse(asked, await readJson(event.request));
		const { who } = event.locals;
		if (who.kind === 'person') await keepLanguage(database().db, who.personId, language);
		return { language };
	});
