import { json } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';
import { addressOf } from '$lib/server/instruments/address';

/** What the farm's server has at hand. */
export const GET: RequestHandler = () =>
	json({
		flowMeter: addressOf(env.FALLOW_FLOW_METER) !== null,
		receiver: addressOf(env.FALLOW_RECEIVER) !== null
	});
