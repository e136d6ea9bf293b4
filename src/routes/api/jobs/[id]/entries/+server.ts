import { z } from 'zod';
import type { RequestHandler } from './$types';
import { runMessageSchema } from '$lib/wire/run-message';
import { endpoint, parse } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { readJson } from '$lib/server/guards';
import { sealFromDevice } from '$lib/server/asked-record';

/** One message of a device's outbox. Sending it again is harmless. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { entries } = parse(runMessageSchema, await readJson(event.request));
		const id = parse(z.uuid(), event.params.id);
		const { farm, who } = event.locals;
		await farm.jobRuns.put(
			id,
			entries.filter((e) => e.kind !== 'record')
		);
		// A record that was written on a device is sealed as it arrives, after all that it rests on.
		for (const [i, entry] of entries.entries())
			if (entry.kind === 'record')
				await sealFromDevice(farm, who, id, entry).catch((error: unknown) => {
					throw error instanceof Failure ? new Failure(error.status, error.code, `entries.${i}`, error.message) : error;
				});
		return { acknowledged: entries.map((e) => e.id) };
	});
