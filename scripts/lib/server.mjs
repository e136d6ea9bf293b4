// Starts the app's server as a child and waits until it listens, or says why it does not.
import { fork } from 'node:child_process';
import { createWriteStream, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { root } from './paths.mjs';
import { Plain } from './say.mjs';

/** env: what the server reads (DATABASE_URL, PORT, HOST, ORIGIN). logFile: where its JSON lines go; null shows them. */
export function startServer({ env, logFile }) {
	return new Promise((resolve, reject) => {
		const child = fork(join(root, 'scripts', 'serve.mjs'), [], {
			cwd: root,
			env: { ...process.env, NODE_ENV: 'production', ...env },
			stdio: ['ignore', logFile ? 'pipe' : 'inherit', logFile ? 'pipe' : 'inherit', 'ipc'],
			// Ctrl-C reaches the whole group of the terminal; the server is told by its parent instead, once.
			detached: true
		});
		let last = '';
		if (logFile) {
			mkdirSync(dirname(logFile), { recursive: true });
			const file = createWriteStream(logFile, { flags: 'a' });
			file.on('error', () => {});
			child.stdout.pipe(file);
			child.stderr.on('data', (d) => {
				last = String(d);
				file.write(d);
			});
		}
		const exited = new Promise((done) => child.once('exit', (code, signal) => done({ code, signal })));
		child.on('message', (message) => {
			if (message.type === 'ready')
				resolve({
					child,
					port: message.port,
					asksCode: !message.loopback,
					exited,
					stop: () => (child.kill('SIGTERM'), exited)
				});
			if (message.type === 'failed') reject(new Plain(message.message));
		});
		void exited.then(({ code, signal }) => {
			const told =
				last
					.trim()
					.split('\n')
					.find((line) => /error/i.test(line)) ?? '';
			reject(
				new Plain(
					`The server ended at its start (${signal ?? `exit ${code}`}). ${told}${logFile ? ` See ${logFile}` : ''}`
				)
			);
		});
	});
}
