import type { Server, Socket } from 'node:net';
import { createServer } from 'node:net';

/** One line that a client sent, and how to answer it. */
export interface LineClient {
	readonly onOpen?: (send: (line: string) => void, socket: Socket) => void;
	readonly onLine?: (line: string, send: (line: string) => void) => void;
}

/** A server of text lines on loopback. Resolves with its port once it listens; port 0 takes any that is free. */
export function serveLines(
	port: number,
	client: LineClient
): Promise<{ readonly server: Server; readonly port: number }> {
	return new Promise((resolve, reject) => {
		const server = createServer((socket) => {
			const send = (line: string) => {
				if (!socket.destroyed) socket.write(line + '\r\n');
			};
			let rest = '';
			socket.setEncoding('ascii');
			socket.on('error', () => socket.destroy());
			socket.on('data', (chunk: string) => {
				rest += chunk;
				// A client that never ends its line is none.
				if (rest.length > 4096) return socket.destroy();
				const lines = rest.split(/\r?\n/);
				rest = lines.pop() ?? '';
				for (const line of lines) client.onLine?.(line.trim(), send);
			});
			client.onOpen?.(send, socket);
		});
		server.once('error', reject);
		server.listen(port, '127.0.0.1', () => {
			const address = server.address();
			resolve({ server, port: typeof address === 'object' && address ? address.port : port });
		});
	});
}
