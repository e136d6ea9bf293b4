import { m } from '$words';
import type { RequestHandler } from './$types';
import { classCodeSchema } from '$lib/wire/practice';
import { failureResponse, parse } from '$lib/server/api';
import { revealedSeat } from '$lib/server/db/practice';
import { Failure } from '$lib/server/failure';
import { fileName, fileResponse } from '$lib/server/files';
import { certificatePdf } from '$lib/server/pdf/certificate-pdf';
import { makePdf, paperOf } from '$lib/server/pdf/make-pdf';

/** Certificates of all who have signed, one page each. */
export const GET: RequestHandler = async (event) => {
	try {
		const { one, seats } = await event.locals.farm.practice.signedSeats(parse(classCodeSchema, event.params.code));
		const learners = seats.flatMap((seat) => {
			const revealed = revealedSeat(seat, one);
			return revealed?.signed ? [{ name: seat.name, revealed }] : [];
		});
		if (learners.length === 0) throw new Failure(409, 'not-signed', '', m.certificate_none_signed());
		const pdf = await makePdf(certificatePdf(one, learners, paperOf(event.url.searchParams.get('paper'))));
		return fileResponse(pdf, 'application/pdf', `${fileName('practice', one.code)}.pdf`, true);
	} catch (error) {
		return failureResponse(error, event.locals.requestId);
	}
};
