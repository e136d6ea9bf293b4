// The stand-ins that ship with Fallow: a receiver, a flow meter and a weather station on loopback, each a process of its own.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './paths.mjs';
import { Plain } from './say.mjs';

/** Starts one simulator on a free port and answers with its address once it listens. */
function start(file, args) {
	return new Promise((resolve, reject) => {
		const child = spawn(
			process.execPath,
			['--import', 'tsx', join(root, 'simulators', file), '--port', '0', ...args],
			// The channel is a lifeline: a simulator ends when whoever started it is gone, however that happened.
			{ cwd: root, stdio: ['ignore', 'pipe', 'pipe', 'ipc'] }
		);
		let heard = '';
		let wrong = '';
		child.stderr.on('data', (d) => (wrong += d));
		child.stdout.on('data', (d) => {
			heard += d;
			const address = /on (127\.0\.0\.1:\d+)/.exec(heard)?.[1];
			if (address) resolve({ address, stop: () => child.kill('SIGTERM') });
		});
		child.once('exit', (code) =>
			reject(new Plain(`The simulator ${file} ended at its start (${code}): ${wrong.trim().split('\n').at(-1) ?? ''}`))
		);
	});
}

/** All stand-ins, with what tells the server where they are. */
export async function startSimulators({
	meterArgs = ['--flow', '1.17', '--nozzle', '9', '--fault', 'worn'],
	receiverArgs = [],
	weatherArgs = ['--day', 'inversion']
} = {}) {
	const receiver = await start('receiver.ts', receiverArgs);
	const meter = await start('flow-meter.ts', meterArgs);
	const weather = await start('weather.ts', weatherArgs);
	return {
		env: {
			FALLOW_RECEIVER: receiver.address,
			FALLOW_FLOW_METER: meter.address,
			FALLOW_WEATHER: weather.address
		},
		stop() {
			receiver.stop();
			meter.stop();
			weather.stop();
		}
	};
}
