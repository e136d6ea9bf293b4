import { connect } from 'node:net';
import type { Address } from './address';

/** A line longer than this is no NMEA sentence (the standard's are 82 at the most). */
const longest = 256;

/**
 * Passes a receiver's lines on as an event stream, one event a sentence, as they come and unread. Ends with a `lost`
 * event when the receiver hangs up; closes the receiver when nobody listens any more.
 */
export function receiverStream({ host, port }: Address): ReadableStream<Uint8Array> {
	const text = new TextEncoder();
	let hangUp: () => void = () => undefined;
	return new ReadableStream({
		start(controller) {
			const socket = connect({ host, port });
			let rest = '';
			let over = false;
			const close = (event: string) => {
				if (over) return;
				over = true;
				socket.destroy();
				controller.enqueue(text.encode(`event: ${event}\ndata: \n\n`));
				controller.close();
			};
			hangUp = () => {
				over = true;
				socket.destroy();
			};
			socket.setEncoding('latin1');
			socket.setTimeout(10_000, () => close('lost'));
			socket.on('data', (chunk: string) => {
				rest = (rest + chunk).slice(-4096);
				const lines = rest.split(/\r?\n/);
				rest = lines.pop() ?? '';
				for (const line of lines)
					if (!over && line.startsWith('$') && line.length <= longest)
						controller.enqueue(text.encode(`data: ${line.replace(/[^\x20-\x7e]/g, '')}\n\n`));
			});
			socket.on('error', () => close('lost'));
			socket.on('close', () => close('lost'));
		},
		cancel() {
			hangUp();
		}
	});
}
