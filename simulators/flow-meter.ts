// A flow meter that is held under one nozzle after the other: FALLOW-METER/1 over TCP on loopback.
//   tsx simulators/flow-meter.ts --port 4322 --flow 1.2 --fault none|blocked|worn|low-pressure|silent|torn --nozzle 4
import { parseArgs } from 'node:util';
import { endWithParent } from './lifeline';
import { serveLines } from './line-server';
import type { MeterFault } from './meter-protocol';
import { meterAnswer, meterFaults } from './meter-protocol';

const { values } = parseArgs({
	options: {
		port: { type: 'string', default: '4322' },
		flow: { type: 'string', default: '1.2' },
		nozzle: { type: 'string', default: '4' },
		fault: { type: 'string', default: 'none' }
	}
});
const fault = meterFaults.find((f) => f === values.fault) as MeterFault | undefined;
if (!fault) throw new Error(`--fault is one of ${meterFaults.join(', ')}`);
endWithParent();
const sprayer = { flow: Number(values.flow), nozzle: Number(values.nozzle), fault };
const { port } = await serveLines(Number(values.port), {
	onLine(line, send) {
		const answer = meterAnswer(line, sprayer);
		if (answer !== null) send(answer);
	}
});
console.log(`flow meter on 127.0.0.1:${port}`);
