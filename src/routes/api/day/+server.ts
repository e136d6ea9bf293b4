import { addDays } from '$core';
import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { dayAt } from '$lib/settings/farm-time';
import type { Day } from '$lib/wire/day';

/** Days ahead whose jobs a device keeps; and jobs at the most. */
const ahead = 4;
const most = 12;

/** What the day needs on a device: which sprayers, calibrations in progress and jobs. Each is asked for by itself. */
export const GET: RequestHandler = (event) =>
	endpoint(event, async (): Promise<Day> => {
		const { farm } = event.locals;
		const today = dayAt(farm.settings.timeZone, Date.now());
		const [sprayers, jobs] = await Promise.all([
			farm.sprayers.list(),
			farm.jobs.unfinished(addDays(today, ahead), most)
		]);
		return {
			sprayers: sprayers.map(({ id, calibrationInProgress, latest }) => ({
				id,
				round: calibrationInProgress,
				calibration: latest?.id ?? null
			})),
			jobs: jobs.map(({ id }) => id)
		};
	});
