// `npm start` and `npm run demo`: from a clone to a running Fallow. Installs what is missing, builds, starts the database
// and the server, and takes both down again at Ctrl-C.
import { accessSync, constants, mkdirSync, readFileSync, writeFileSync, rmSync } from 'node:fs';
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import { dailyBackup } from './lib/backup.mjs';
import { ensureBuild } from './lib/build.mjs';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { dataFolder } from './lib/paths.mjs';
import { portTaken, startPostgres } from './lib/postgres.mjs';
import { forgetRunning, noteRunning, runningOn } from './lib/running.mjs';
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
	const running = runningOn(data);
	if (running) {
		const where = running.address ? `is running already at ${running.address}` : 'is being started already';
		process.stdout.write(`Fallow ${where} (process ${running.pid}).\n`);
		return;
	}
	if (port !== 0 && (await portTaken(port, host === '0.0.0.0' ? '127.0.0.1' : host)))
		throw new Plain(
			`Port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm ${demo ? 'run demo' : 'start'}`
		);
	noteRunning(data, null);
	process.on('exit', () => forgetRunning(data));
	await ensurePackages();
	await ensureBuild();

	const setupCode = randomBytes(6).toString('base64url');
	let postgres = null;
	let stopping = null;
	let server = null;
	let simulators = { env: {}, stop: () => {} };
	const stop = () =>
		(stopping ??= (async () => {
			say('Stopping …');
			clearInterval(watch);
			clearInterval(daily);
			await server?.stop();
			simulators.stop();
			if (postgres?.launched) postgres.stop();
			say('Fallow is stopped. Everything that was entered is kept.');
		})());
	let watch, daily;
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
		process.on(signal, () => void stop().then(() => process.exit(0)));

	const folder = join(data, 'postgres');
	let url = process.env.DATABASE_URL;
	if (!url) {
		postgres = await startPostgres({ folder });
		({ url } = postgres);
	}
	const logFile = process.env.FALLOW_LOG === 'stdout' ? null : join(data, 'logs', 'server.log');
	const backups = join(data, 'backups');
	const serve = (at) =>
		startServer({
			env: {
				DATABASE_URL: url,
				PORT: String(at),
				HOST: host,
				FALLOW_SECRET: process.env.FALLOW_SECRET || ownSecret(data),
				FALLOW_SETUP_CODE: setupCode,
				FALLOW_DATA: data,
				FALLOW_BACKUPS: demo || process.env.DATABASE_URL ? '' : backups,
				...(demo ? { FALLOW_DEMO: '1' } : {}),
				...simulators.env
			},
			logFile
		});
	try {
		if (demo) {
			await loadDemo(url, { people: true });
			simulators = await startSimulators();
		}
		server = await serve(port);
	} catch (error) {
		simulators.stop();
		if (postgres?.launched) postgres.stop();
		throw error;
	}
	const address = process.env.ORIGIN || `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${server.port}`;
	noteRunning(data, address);
	process.stdout.write(`Fallow is ready at ${address}\n`);
	// Elsewhere than on this computer alone, the first account is for who can read this.
	if (server.asksCode) process.stdout.write(`First account: ${address}/first?code=${setupCode}\n`);

	// What dies by itself is started again, at the same address, and said.
	if (postgres) {
		let mending = false;
		watch = setInterval(async () => {
			if (mending || stopping || postgres.alive()) return;
			mending = true;
			say('The database ended by itself; it is started again.');
			try {
				postgres = await startPostgres({ folder, firstPort: postgres.port });
				if (postgres.url !== url) {
					({ url } = postgres);
					// It is elsewhere now: the server is told by a start of its own.
					server.child.kill('SIGTERM');
				}
				say('The database is back.');
			} catch (error) {
				say(`The database did not start: ${error.message} It is tried again.`);
			}
			mending = false;
		}, 1000);
		if (!demo) {
			const look = () => {
				if (!stopping && !dailyBackup(url, backups, new Date()))
					say(`The daily backup failed: see ${join(backups, 'last.json')}.`);
			};
			look();
			daily = setInterval(look, 3_600_000);
		}
	}
	let wait = 500;
	for (;;) {
		const began = Date.now();
		const { code, signal } = await server.exited;
		if (stopping) return void (await stopping);
		say(`The server ended by itself (${signal ?? `exit ${code}`}); it is started again.`);
		// One that ran for a while is back at once; one that dies again and again is given time.
		wait = Date.now() - began > 60_000 ? 500 : Math.min(30_000, wait * 2);
		for (;;) {
			await new Promise((done) => setTimeout(done, wait));
			if (stopping) return void (await stopping);
			try {
				server = await serve(server.port);
				say(`The server is back at ${address}.`);
				break;
			} catch (error) {
				say(`The server did not start: ${error.message} It is tried again.`);
				wait = Math.min(30_000, wait * 2);
			}
		}
	}
});
