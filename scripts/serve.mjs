// The server: the built app behind Node's own HTTP, with clear words for what can go wrong at its start, JSON lines for
// what happens, and a clean end.
import { createServer } from 'node:http';
import { env, exit } from 'node:process';

const host = env.HOST || '127.0.0.1';
const port = Number(env.PORT || 4310);
const log = (level, event, facts = {}) =>
	process.stdout.write(JSON.stringify({ time: new Date().toISOString(), level, event, ...facts }) + '\n');

/** Ends with one clear line that the starting script shows as it is. */
function giveUp(message) {
	log('error', 'not-started', { message });
	process.send?.({ type: 'failed', message });
	exit(1);
}

// Without ORIGIN the app is spoken to directly: then the scheme is http, and only names of this machine are answered, so
// that a name that is pointed here from outside cannot reach the farm.
if (!env.ORIGIN) delete env.ORIGIN;
const direct = env.ORIGIN === undefined;
env.PROTOCOL_HEADER = direct ? 'x-fallow-scheme' : env.PROTOCOL_HEADER;
// Held by the app itself (guards.ts): a whole farm may come in at one address, and at no other more than half a megabyte.
env.BODY_SIZE_LIMIT = String(1024 ** 3);
const ownNames = new Set(['localhost', '127.0.0.1', '[::1]', host]);
const nameOf = (header) => (header ?? '').replace(/:\d+$/, '');

// Alone on this computer nobody has to sign in: only where nothing else can reach it, directly or by another name.
const isLoopback = (name) => /^(localhost|127(\.\d+){3}|\[?::1\]?)$/i.test(name);
const loopback = isLoopback(host) && (direct || isLoopback(new URL(env.ORIGIN).hostname));
env.FALLOW_LOOPBACK = loopback ? '1' : '0';

let handler;
try {
	({ handler } = await import(new URL('../build/handler.js', import.meta.url)));
} catch (error) {
	giveUp(startFailure(error));
}

function startFailure(error) {
	if (
		['ECONNREFUSED', 'ENOTFOUND', 'ETIMEDOUT', 'EHOSTUNREACH'].includes(error?.code) ||
		/timeout/.test(error?.message ?? '')
	)
		return 'The database cannot be reached. Is the address in DATABASE_URL right, and is it running?';
	if (error?.code === '28P01' || error?.code === '28000')
		return 'The database refused the user or the password in DATABASE_URL.';
	if (error?.code === '3D000') return 'There is no database of the name in DATABASE_URL.';
	if (error?.code === '53100') return 'The disk of the database is full. Free some space; nothing was deleted.';
	return error?.message ?? String(error);
}

const server = createServer((request, response) => {
	if (direct) {
		if (!ownNames.has(nameOf(request.headers.host))) {
			response.writeHead(421, { 'content-type': 'text/plain; charset=utf-8' });
			response.end(
				'Fallow answers here only under this machine’s own name. Set ORIGIN to the address that it is reached by.\n'
			);
			return;
		}
		request.headers['x-fallow-scheme'] = 'http';
	}
	handler(request, response, () => {
		response.writeHead(404, { 'content-type': 'text/plain' });
		response.end('Not found\n');
	});
});
server.headersTimeout = 20_000;
// A whole farm may come in over a slow network; no other address takes more than half a megabyte.
server.requestTimeout = 600_000;
server.keepAliveTimeout = 10_000;

server.once('error', (error) => {
	if (error.code === 'EADDRINUSE')
		giveUp(`Port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm start`);
	else if (error.code === 'EACCES')
		giveUp(`Port ${port} may not be used by this user. Choose one over 1023, like PORT=4310.`);
	else if (error.code === 'EADDRNOTAVAIL')
		giveUp(`${host} is no address of this machine. Leave HOST out for loopback, or use 0.0.0.0.`);
	else giveUp(error.message);
});
if (!Number.isInteger(port) || port < 0 || port > 65535)
	giveUp(`PORT is “${env.PORT}”, which is no port. Use a number like 4310.`);

let stopping = false;
function stop(why) {
	if (stopping) return;
	stopping = true;
	log('info', 'stopping', { why });
	// Requests under way are finished; idle connections are let go; whoever hangs is cut off after ten seconds.
	process.emit('fallow:closing');
	server.close(() => {
		process.emit('fallow:stop');
		log('info', 'stopped');
		setTimeout(() => exit(0), 50).unref();
	});
	// One that was busy just now is idle a moment later, and would hold the end up for as long as its browser keeps it.
	server.closeIdleConnections();
	setInterval(() => server.closeIdleConnections(), 200).unref();
	setTimeout(() => server.closeAllConnections(), 10_000).unref();
}
process.on('SIGTERM', () => stop('SIGTERM'));
process.on('SIGINT', () => stop('SIGINT'));
// Started by a script that died without a word: nobody would ever stop this server.
if (process.send) process.on('disconnect', () => stop('the starting script is gone'));

server.listen(port, host, () => {
	const { port: actual } = server.address();
	log('info', 'listening', { host, port: actual, origin: env.ORIGIN ?? null });
	process.send?.({ type: 'ready', port: actual, loopback });
});
