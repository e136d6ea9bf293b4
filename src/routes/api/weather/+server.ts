import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { addressOf } from '$lib/server/instruments/address';
import { askWeather } from '$lib/server/instruments/weather';

/** The weather at the farm, now and as it is forecast. */
export const GET: RequestHandler = (event) =>
	endpoint(event, () => askWeather(addressOf(env.FALLOW_WEATHER), Date.now()));
