import { m } from '$words';
import type { RequestHandler } from './$types';
import { practiceWorkSchema } from '$lib/wire/practice';
import { endpoint, failureResponse, parse } from '$lib/server/api';
import { database } from '$lib/server/app';
import { revealedSeat } from '$lib/server/db/practice';
import { Failure } from '$lib/server/failure';
import { fileName, fileResponse } from '$lib/server/files';
import { readJson } from '$lib/server/guards';
import { certificatePdf } from '$lib/server/pdf/certificate-pdf';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';
import { keepWork, seatByToken } from '$lib/server/practice/seats';

/** What a learner has done so far. Sending it again is harmless. */
export const PUT: RequestHandler = (event) =>
	endpoint(event, async () => {
		await keepWork(database().db, event.params.token, parse(practiceWorkSchema, await readJson(event.request)));
		return {};
	});

/** The certificate of what was signed, worked out here from what was done. */
export const GET: RequestHandler = async (event) => {
	try {
		const { seat, one } = await seatByToken(database().db, event.params.token);
		const revealed = revealedSeat(seat, one);
		if (!revealed?.signed) throw new Failure(409, 'not-signed', '', m.certificate_not_signed());
		const pdf = certificatePdf(one, [{ name: seat.name, revealed }], paperOf(event.url.searchParams.get('paper')));
		return fileResponse(await makePdf(pdf), 'application/pdf', `${fileName('practice', seat.name)}.pdf`, true);
	} catch (error) {
		return failureResponse(error, event.locals.requestId);
	}
};
