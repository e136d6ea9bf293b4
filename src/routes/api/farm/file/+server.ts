import { m } from '$words';
import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { env } from '$env/dynamic/private';
import { Failure } from '$lib/server/failure';
import { farmAnchor } from '$lib/server/farm-anchor';
import { keepBefore } from '$lib/server/farm-backup';
import { fileName, fileResponse } from '$lib/server/files';
import { spooled } from '$lib/server/spool';
import { byteStream } from '$lib/server/stream';
import { zippedLines } from '$lib/server/unzip';
import { zipped } from '$lib/server/zip';
import { dayAt } from '$lib/settings/farm-time';

/** All of the farm as one file, to keep or to take into another Fallow. */
export const GET: RequestHandler = ({ locals: { farm } }) => {
	const now = Date.now();
	const name = fileName(farm.name, dayAt(farm.settings.timeZone, now));
	const lines = farm.lines(new Date(now).toISOString(), farmAnchor);
	return fileResponse(byteStream(zipped(`${name}.jsonl`, lines)), 'application/zip', `${name}.zip`);
};

/** Takes such a file in; `?replace=yes` in place of all that is here. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { body, headers } = event.request;
		if (!body || !/^application\/zip\b/i.test(headers.get('content-type') ?? ''))
			throw new Failure(415, 'not-zip', 'file', m.send_the_zip_file_of_a());
		const replace = event.url.searchParams.get('replace') === 'yes';
		const { farm } = event.locals;
		return spooled(body, async (bytes) => {
			// What is replaced is kept first, in a file that comes back the same way.
			const before = replace
				? await keepBefore(farm, env.FALLOW_DATA, new Date(Date.now()).toISOString(), farmAnchor)
				: null;
			return { ...(await farm.takeIn(zippedLines(bytes), replace)), before };
		});
	});
