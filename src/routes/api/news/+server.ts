import type { RequestHandler } from './$types';
import { database } from '$lib/server/app';

/** How often an open stream says that it lives: proxies cut what is silent. */
const beat = 20_000;
/** A stream ends by itself: the browser comes again, and is asked again who it is. */
const longest = 10 * 60_000;

/** What others write on the farm, as server-sent events. */
export const GET: RequestHandler = ({ locals, request }) => {
	const { news } = database();
	const bytes = new TextEncoder();
	let stop: () => void = () => undefined;
	const body = new ReadableStream<Uint8Array>({
		start(controller) {
			const send = (text: string) => {
				try {
					controller.enqueue(bytes.encode(text));
				} catch {
					// The page has gone; its end is heard below.
				}
			};
			const finish = () => {
				stop();
				try {
					controller.close();
				} catch {
					// It had gone already.
				}
			};
			const unhear = news.hear(locals.farm.id, (one) => {
				if (one === 'end') finish();
				else if (one === 'gap') send('event: gap\ndata: \n\n');
				else send(`data: ${JSON.stringify({ kind: one.kind, id: one.id })}\n\n`);
			});
			const pulse = setInterval(() => send(': \n\n'), beat);
			const end = setTimeout(finish, longest);
			stop = () => {
				unhear();
				clearInterval(pulse);
				clearTimeout(end);
			};
			request.signal.addEventListener('abort', () => stop());
			send('retry: 1000\n\n');
		},
		cancel: () => stop()
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
};
