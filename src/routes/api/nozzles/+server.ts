import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';

/** The farm's nozzle table, for a device to keep. */
export const GET: RequestHandler = (event) => endpoint(event, () => event.locals.farm.nozzles.all());
