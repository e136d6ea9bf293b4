// A satellite receiver on the demo farm's sprayer: NMEA 0183 (RMC, five a second) over TCP on loopback.
//   tsx simulators/receiver.ts --port 4321 --speed 2.2 --strip 180 --fault none|no-fix|silent|noisy
import { parseArgs } from 'node:util';
import { driveAt } from './drive';
import { endWithParent } from './lifeline';
import { serveLines } from './line-server';
import { rmc, sentence } from './nmea';

const { values } = parseArgs({
	options: {
		port: { type: 'string', default: '4321' },
		speed: { type: 'string', default: '2.2' },
		strip: { type: 'string', default: '180' },
		fault: { type: 'string', default: 'none' }
	}
});
const settings = { speed: Number(values.speed), strip: Number(values.strip) };
const wander = values.fault === 'noisy' ? 3 : 0.12;
/** A receiver wanders slowly about the truth; it does not jump from fix to fix. */
let drift = { north: 0, east: 0 };
const step = () => (Math.random() - 0.5) * wander * 0.2;

endWithParent();
const began = Date.now();
const { port } = await serveLines(Number(values.port), {
	onOpen(send, socket) {
		if (values.fault === 'silent') return;
		const timer = setInterval(() => {
			const now = Date.now();
			const place = driveAt((now - began) / 1000, settings);
			drift = { north: drift.north * 0.98 + step(), east: drift.east * 0.98 + step() };
			const latitude = place.latitude + drift.north / 110_852;
			const longitude = place.longitude + drift.east / 95_974;
			send(rmc(new Date(now), latitude, longitude, place.speed, place.course, values.fault !== 'no-fix'));
			if (now % 1000 < 200) send(sentence('GPTXT,01,01,02,FALLOW SIMULATED RECEIVER'));
		}, 200);
		socket.on('close', () => clearInterval(timer));
	}
});
console.log(`receiver on 127.0.0.1:${port}`);
