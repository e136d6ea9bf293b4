import { m } from '$words';
import { error } from '@sveltejs/kit';
import { thingWords } from '../wording/things';
import { Failure } from './failure';

/** A load's answer, with refusals told as a page that says what is wrong. */
export async function orError<T>(run: Promise<T>): Promise<T> {
	try {
		return await run;
	} catch (e) {
		if (e instanceof Failure) error(e.status, { message: e.message, code: e.code, path: e.path });
		throw e;
	}
}

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The id of one thing that a form names in a field; anything else cannot be on the farm. */
export const idIn = (data: FormData, what: string, field = 'id'): string =>
	idParam(String(data.get(field) ?? ''), what);

/** An id from an address; anything else cannot be on the farm. */
export function idParam(id: string, what: string): string {
	if (!uuid.test(id))
		error(404, { message: m.there_is_no_such_on_this({ what: thingWords(what) }), code: 'not-found' });
	return id;
}
