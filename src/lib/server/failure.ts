import { m } from '$words';
import type { Issue } from '../../core';
import { thingWords } from '../wording/things';
import { wordIssue } from '../wording/issues';

/** A refusal that the one who asked can understand and mend. Thrown inside the server, told as JSON or as a page. */
export class Failure extends Error {
	constructor(
		readonly status: number,
		readonly code: string,
		readonly path: string,
		message: string
	) {
		super(message);
	}

	toJSON() {
		return { error: { code: this.code, path: this.path, message: this.message } };
	}
}

/** What something gives, or the refusal that it met; what is a bug is thrown. */
export async function orFailure<T>(run: Promise<T>): Promise<T | Failure> {
	try {
		return await run;
	} catch (e) {
		if (e instanceof Failure) return e;
		throw e;
	}
}

export const notFound = (what: string, path = 'id') =>
	new Failure(404, 'not-found', path, m.there_is_no_such_on_this({ what: thingWords(what) }));

/** Nothing new rests on a calibration that was withdrawn. */
export const withdrawn = () =>
	new Failure(409, 'withdrawn', 'calibrationId', m.this_calibration_was_withdrawn_pick_another());

export const fromIssue = (issue: Issue, under = '') =>
	new Failure(422, issue.code, [under, issue.path].filter(Boolean).join('.'), wordIssue(issue));
