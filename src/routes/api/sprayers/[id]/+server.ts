import { z } from 'zod';
import type { RequestHandler } from './$types';
import { endpoint, parse } from '$lib/server/api';

/** What a device needs to begin a calibration of a sprayer with nobody there. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async () => {
		const id = parse(z.uuid(), event.params.id);
		const { farm } = event.locals;
		const { rig: sprayer } = await farm.sprayers.get(id);
		return { id, rig: sprayer, settings: await farm.sprayerSettings.of(id), dial: await farm.calibrations.dialOf(id) };
	});
