// `npm run mutate [ROOM…]`: makes small changes in the core, one at a time, and counts those that no test notices.
// Rooms are those of src/core; a second run tries again only what has changed. Not part of `npm test`: it takes hours.
// A change that no test can notice, since nothing comes of it, is named with its reason in equivalent-changes.json.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/paths.mjs';
import { main, Plain } from './lib/say.mjs';

const usual = ['conditions', 'records', 'adjust', 'run', 'nozzles', 'loads', 'calibration'];
const report = (room, kind) => join(root, 'reports', 'mutation', `${room}${kind}.json`);

/** Changes that come to the same, by file, what stood there and what stands there then. */
const named = new Map(
	JSON.parse(readFileSync(join(root, 'scripts/equivalent-changes.json'), 'utf8')).flatMap(({ file, changes }) =>
		changes.map(([was, now]) => [`${file}  ${was}  →  ${now}`, false])
	)
);

/** What became of the changes of a room, and each one that lives, by its place. */
function read(room) {
	const { files } = JSON.parse(readFileSync(report(room, ''), 'utf8'));
	const count = { Killed: 0, Timeout: 0, Survived: 0, NoCoverage: 0, Ignored: 0, Named: 0 };
	const alive = [];
	for (const [file, { mutants, source }] of Object.entries(files)) {
		const lines = source.split('\n');
		for (const { status, location, replacement, mutatorName } of mutants) {
			if (status in count) count[status] += 1;
			if (status !== 'Survived' && status !== 'NoCoverage') continue;
			const { line, column } = location.start;
			const was =
				location.end.line === line
					? lines[line - 1].slice(column - 1, location.end.column - 1)
					: `${lines[line - 1].slice(column - 1)} …`;
			const now = (replacement ?? mutatorName).replace(/\s+/g, ' ');
			const name = `${file}  ${was.slice(0, 70)}  →  ${now.slice(0, 70)}`;
			if (named.has(name)) {
				named.set(name, true);
				count.Named += 1;
				continue;
			}
			alive.push(`  ${file}:${line}:${column}  ${was.slice(0, 70)}  →  ${now.slice(0, 70)}`);
		}
	}
	const noticed = count.Killed + count.Timeout;
	for (const [name, seen] of named)
		if (name.startsWith(`src/core/${room}/`) && !seen) alive.push(`  named, but not left: ${name}`);
	return { count, alive, noticed, all: noticed + count.Survived + count.NoCoverage };
}

await main(async () => {
	const { rooms, list } = {
		rooms: process.argv.slice(2).filter((one) => !one.startsWith('--')),
		list: process.argv.includes('--list')
	};
	for (const room of rooms)
		if (!existsSync(join(root, 'src/core', room))) throw new Plain(`src/core has no room “${room}”.`);
	await ensurePackages();
	const lines = [];
	for (const room of rooms.length > 0 ? rooms : usual) {
		if (!list) {
			const run = spawnSync(
				join(root, 'node_modules/.bin/stryker'),
				[
					'run',
					'--mutate',
					`src/core/${room}/**/*.ts,!src/core/**/*.test.ts`,
					'--incrementalFile',
					report(room, '.kept')
				],
				{ cwd: root, stdio: ['ignore', 'inherit', 'inherit'], env: { ...process.env, FALLOW_MUTATE_ROOM: room } }
			);
			if (run.status !== 0) throw new Plain(`The tests of ${room} could not be run against its small changes.`);
		}
		const { count, alive, noticed, all } = read(room);
		if (alive.length > 0) process.stdout.write(`${alive.join('\n')}\n`);
		const left = all - noticed - count.Named;
		lines.push(
			`${room.padEnd(12)} ${String(all).padStart(5)} changes, ${String(noticed).padStart(5)} noticed, ` +
				`${count.Named} come to the same (${((100 * (noticed + count.Named)) / all).toFixed(1)} %), ${left} not noticed`
		);
	}
	process.stdout.write(`${lines.join('\n')}\n`);
});
