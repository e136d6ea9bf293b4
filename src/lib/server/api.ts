import { m } from '$words';
import type { RequestEvent } from '@sveltejs/kit';
import { json } from '@sveltejs/kit';
import type { z } from 'zod';
import { Failure } from './failure';
import { log } from './log';

/** Runs an endpoint and tells every refusal as `{"error": {"code", "path", "message"}}`. A bug is logged, not told. */
export async function endpoint(event: RequestEvent, run: () => Promise<unknown>): Promise<Response> {
	try {
		return json(await run(), { headers: { 'cache-control': 'no-store' } });
	} catch (error) {
		return failureResponse(error, event.locals.requestId);
	}
}

export function failureResponse(error: unknown, requestId: string): Response {
	if (error instanceof Failure) {
		// A body that was not read to its end leaves the connection of no use for another request.
		const headers: HeadersInit = error.status === 413 ? { connection: 'close' } : {};
		return json(error.toJSON(), { status: error.status, headers });
	}
	const lost = isDatabaseGone(error);
	log('error', lost ? 'database-unreachable' : 'failed', {
		requestId,
		message: messageOf(error),
		stack: stackOf(error)
	});
	const failure = lost
		? new Failure(503, 'database-unreachable', '', m.database_gone_nothing_saved())
		: new Failure(500, 'internal', '', m.server_failed_nothing_saved());
	return json(failure.toJSON(), { status: failure.status });
}

export const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));
export const stackOf = (error: unknown) => (error instanceof Error ? error.stack : undefined);

const goneCodes = new Set(['ECONNREFUSED', 'ECONNRESET', '57P01', '57P02', '57P03', '08006', '08001', '53300']);

export const isDatabaseGone = (error: unknown): boolean =>
	error instanceof Error &&
	(goneCodes.has((error as { code?: string }).code ?? '') ||
		/Connection terminated|timeout exceeded when trying to connect/.test(error.message));

/** Holds a value against its schema; the first thing wrong is told with its place. */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
	const parsed = schema.safeParse(value);
	if (parsed.success) return parsed.data;
	const issue = parsed.error.issues[0]!;
	throw new Failure(400, 'invalid', issue.path.join('.'), issue.message);
}
