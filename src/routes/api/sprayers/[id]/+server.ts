import { z } from 'zod';
import type { RequestHandler } from './$types';
import { endpoint, parse } from '$lib/server/api';

export const GET: RequestHandler = (event) =>
	endpoint(event, () => event.locals.farm.sprayers.get(parse(z.uuid(), event.params.id)));
