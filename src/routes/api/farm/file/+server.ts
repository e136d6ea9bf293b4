import { m } from '$words';
import type { RequestHandler } from './$types';
import { endpoint } from '$lib/server/api';
import { Failure } from '$lib/server/failure';
import { fileName, fileResponse } from '$lib/server/files';
import { spooled } from '$lib/server/spool';
import { byteStream } from '$lib/server/stream';
import { zipped, zippedLines } from '$lib/server/zip';
import { dayAt } from '$lib/settings/farm-time';

/** All of the farm as one file, to keep or to take into another Fallow. */
export const GET: RequestHandler = ({ locals: { farm } }) => {
	const now = Date.now();
	const name = fileName(farm.name, dayAt(farm.settings.timeZone, now));
	const lines = farm.lines(new Date(now).toISOString());
	return fileResponse(byteStream(zipped(`${name}.jsonl`, lines)), 'application/zip', `${name}.zip`);
};

/** Takes such a file in; `?replace=yes` in place of all that is here. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		const { body, headers } = event.request;
		if (!body || !/^application\/zip\b/i.test(headers.get('content-type') ?? ''))
			throw new Failure(415, 'not-zip', 'file', m.send_the_zip_file_of_a());
		const replace = event.url.searchParams.get('replace') === 'yes';
		return spooled(body, (bytes) => event.locals.farm.takeIn(zippedLines(bytes), replace));
	});
