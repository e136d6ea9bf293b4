// `npm run dev`: the same database, with Vite's development server in place of the built app.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { dataFolder, root, viteBin } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { main } from './lib/say.mjs';
import { startSimulators } from './lib/simulators.mjs';

await main(async () => {
	await ensurePackages();
	const postgres = await startPostgres({ folder: join(dataFolder(), 'postgres') });
	await loadDemo(postgres.url);
	const simulators = await startSimulators();
	const child = spawn(process.execPath, [viteBin, 'dev', '--host', '127.0.0.1', '--port', process.env.PORT || '4320'], {
		cwd: root,
		stdio: 'inherit',
		env: { ...process.env, DATABASE_URL: postgres.url, ...simulators.env }
	});
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
	child.on('exit', () => {
		simulators.stop();
		postgres.stop();
	});
});
