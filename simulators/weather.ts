// A weather station and a forecast: fallow-weather/1 as JSON over HTTP on loopback.
//   tsx simulators/weather.ts --port 4323 --day calm|windy|inversion|front --fault none|silent|torn|stale
import { createServer } from 'node:http';
import { parseArgs } from 'node:util';
import { endWithParent } from './lifeline';
import { forecastAt, stationAt, weatherDays } from './weather-days';

const { values } = parseArgs({
	options: {
		port: { type: 'string', default: '4323' },
		day: { type: 'string', default: 'calm' },
		fault: { type: 'string', default: 'none' }
	}
});
const faults = ['none', 'silent', 'torn', 'stale'] as const;
const day = weatherDays.find((d) => d === values.day);
const fault = faults.find((f) => f === values.fault);
if (!day) throw new Error(`--day is one of ${weatherDays.join(', ')}`);
if (!fault) throw new Error(`--fault is one of ${faults.join(', ')}`);
endWithParent();

const server = createServer((request, response) => {
	if (fault === 'silent') return;
	// A stale station goes on telling what it measured half a day ago.
	const now = Date.now() - (fault === 'stale' ? 12 * 3_600_000 : 0);
	const answer =
		request.url === '/station' ? stationAt(day, now) : request.url === '/forecast' ? forecastAt(day, now) : null;
	if (!answer) {
		response.writeHead(404, { 'content-type': 'application/json' });
		return void response.end('{"error":"not found: /station or /forecast"}');
	}
	const text = JSON.stringify(answer);
	response.writeHead(200, { 'content-type': 'application/json' });
	response.end(fault === 'torn' ? text.slice(0, text.length / 2) : text);
});
server.listen(Number(values.port), '127.0.0.1', () => {
	const address = server.address();
	console.log(`weather on 127.0.0.1:${typeof address === 'object' && address ? address.port : values.port}`);
});
