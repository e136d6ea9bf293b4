// `npm start` and `npm run demo`: from a clone to a running Fallow. Installs what is missing, builds, starts the database
// and the server, and takes both down again at Ctrl-C.
import { accessSync, constants, mkdirSync, readFileSync, writeFileSync, rmSync } from 'node:fs';
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { dataFolder } from './lib/paths.mjs';
import { portTaken, startPostgres } from './lib/postgres.mjs';
import { Plain, main, say } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';
import { startSimulators } from './lib/simulators.mjs';

const demo = process.argv.includes('--demo');
const port = Number(process.env.PORT || 4310);
const host = process.env.HOST || '127.0.0.1';

/** The data folder can be written to; a full or read-only disk is told now and not in the middle. */
function checkData(folder) {
	try {
		mkdirSync(folder, { recursive: true });
		accessSync(folder, constants.W_OK);
		const probe = join(folder, '.probe');
		writeFileSync(probe, Buffer.alloc(64 * 1024));
		rmSync(probe);
	} catch (error) {
		if (error.code === 'ENOSPC')
			throw new Plain(`The disk of ${folder} is full. Free some space and start again; nothing was deleted.`);
		throw new Plain(`The data folder ${folder} cannot be written to (${error.code}). Set FALLOW_DATA to one that can.`);
	}
}

/** Signs the sessions of the people; kept, so that nobody has to sign in again after a start. */
function ownSecret(data) {
	const file = join(data, 'secret');
	try {
		return readFileSync(file, 'utf8').trim();
	} catch (error) {
		if (error.code !== 'ENOENT') throw error;
	}
	const secret = randomBytes(32).toString('base64url');
	writeFileSync(file, secret, { mode: 0o600, flag: 'wx' });
	return secret;
}

await main(async () => {
	if (!Number.isInteger(port) || port < 0 || port > 65535)
		throw new Plain(`PORT is “${process.env.PORT}”, which is no port. Use a number like 4310.`);
	const data = dataFolder();
	checkData(data);
	if (port !== 0 && (await portTaken(port, host === '0.0.0.0' ? '127.0.0.1' : host)))
		throw new Plain(
			`Port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm ${demo ? 'run demo' : 'start'}`
		);
	await ensurePackages();
	await ensureBuild();

	const setupCode = randomBytes(6).toString('base64url');
	let stopDatabase = () => {};
	let stopping = null;
	let server = null;
	let simulators = { env: {}, stop: () => {} };
	const stop = () =>
		(stopping ??= (async () => {
			say('Stopping …');
			await server?.stop();
			simulators.stop();
			stopDatabase();
			say('Fallow is stopped. Everything that was entered is kept.');
		})());
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
		process.on(signal, () => void stop().then(() => process.exit(0)));

	let url = process.env.DATABASE_URL;
	if (!url) {
		const postgres = await startPostgres({ folder: join(data, 'postgres') });
		url = postgres.url;
		stopDatabase = postgres.stop;
	}
	try {
		if (demo) {
			await loadDemo(url, { people: true });
			simulators = await startSimulators();
		}
		server = await startServer({
			env: {
				DATABASE_URL: url,
				PORT: String(port),
				HOST: host,
				FALLOW_SECRET: process.env.FALLOW_SECRET || ownSecret(data),
				FALLOW_SETUP_CODE: setupCode,
				...(demo ? { FALLOW_DEMO: '1' } : {}),
				...simulators.env
			},
			logFile: process.env.FALLOW_LOG === 'stdout' ? null : join(data, 'logs', 'server.log')
		});
	} catch (error) {
		simulators.stop();
		stopDatabase();
		throw error;
	}
	const address = process.env.ORIGIN || `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${server.port}`;
	process.stdout.write(`Fallow is ready at ${address}\n`);
	// Elsewhere than on this computer alone, the first account is for who can read this.
	if (server.asksCode) process.stdout.write(`First account: ${address}/first?code=${setupCode}\n`);
	const { code, signal } = await server.exited;
	if (!stopping) {
		simulators.stop();
		stopDatabase();
		throw new Plain(
			`The server ended by itself (${signal ?? `exit ${code}`}). See ${join(data, 'logs', 'server.log')}`
		);
	}
});
