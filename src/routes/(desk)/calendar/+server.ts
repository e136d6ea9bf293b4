import type { RequestHandler } from './$types';
import { calendarFile } from '$lib/files/calendar';
import { fileName, fileResponse } from '$lib/server/files';
import { openStates } from '$lib/server/open-states';
import { dayAt } from '$lib/settings/farm-time';

/** What is due at this farm, for a calendar of any make. */
export const GET: RequestHandler = async ({ locals: { farm } }) => {
	const now = Date.now();
	const sprayers = await farm.sprayers.list();
	const due = await farm.sprayers.due(sprayers, dayAt(farm.settings.timeZone, now));
	const text = calendarFile(
		farm,
		sprayers.map(({ id, rig: sprayer }) => ({ id, name: sprayer.name, due: due.get(id)! })),
		(await openStates(farm, now)).states,
		now
	);
	return fileResponse(text, 'text/calendar; charset=utf-8', `${fileName(farm.name, 'due')}.ics`);
};
