import { m } from '$words';
import { z } from 'zod';
import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';
import { endpoint, parse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { addressOf } from '$lib/server/instruments/address';
import { askFlowMeter } from '$lib/server/instruments/flow-meter';

/** The flow of one nozzle, as the farm's flow meter reads it now. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const nozzle = parse(z.coerce.number().int().min(1).max(144), event.url.searchParams.get('nozzle'));
		const address = addressOf(env.FALLOW_FLOW_METER);
		if (!address) throw new Failure(404, 'no-meter', '', m.no_flow_meter_is_set_up());
		return { nozzle, litresPerMinute: await askFlowMeter(address, nozzle) };
	});
