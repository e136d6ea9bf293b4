import type { Server } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import { meterAnswer, meterFaults, meterFlow } from '../../simulators/meter-protocol';
import { serveLines } from '../../simulators/line-server';
import { addressOf } from '../../src/lib/server/instruments/address';
import { askFlowMeter } from '../../src/lib/server/instruments/flow-meter';
import { receiverStream } from '../../src/lib/server/instruments/receiver';
import { Failure } from '../../src/lib/server/failure';

const open: Server[] = [];
afterEach(() => open.splice(0).forEach((server) => server.close()));
const serve = async (client: Parameters<typeof serveLines>[1]) => {
	const { server, port } = await serveLines(0, client);
	open.push(server);
	return { host: '127.0.0.1', port };
};
const meter = (fault: (typeof meterFaults)[number]) =>
	serve({
		onLine: (line, send) => {
			const answer = meterAnswer(line, { flow: 1.2, nozzle: 4, fault });
			if (answer !== null) send(answer);
		}
	});
const refusal = async (run: Promise<unknown>) => {
	try {
		await run;
	} catch (e) {
		if (e instanceof Failure) return e;
		throw e;
	}
	throw new Error('it was taken');
};

describe('the flow meter', () => {
	it('is read nozzle by nozzle, with the faults that were chosen', async () => {
		const even = await meter('none');
		expect(await askFlowMeter(even, 4)).toBeCloseTo(meterFlow(4, { flow: 1.2, nozzle: 4, fault: 'none' }), 3);
		const blocked = await meter('blocked');
		expect(await askFlowMeter(blocked, 4)).toBeLessThan(0.1);
		expect(await askFlowMeter(blocked, 3)).toBeGreaterThan(1.1);
		expect(await askFlowMeter(await meter('worn'), 4)).toBeGreaterThan(1.3);
		expect(await askFlowMeter(await meter('low-pressure'), 7)).toBeLessThan(1.05);
	});
	it('that is silent, torn or gone is told in words, and the page is free again', async () => {
		expect(await refusal(askFlowMeter(await meter('silent'), 1))).toMatchObject({ code: 'meter-silent', status: 502 });
		expect(await refusal(askFlowMeter(await meter('torn'), 1))).toMatchObject({ code: 'meter-nonsense' });
		const gone = await meter('none');
		await new Promise((done) => open.pop()!.close(done));
		expect(await refusal(askFlowMeter(gone, 1))).toMatchObject({ code: 'meter-unreachable' });
	});
	it('answers what it does not know with ERR', () => {
		const sprayer = { flow: 1.2, nozzle: 1, fault: 'none' } as const;
		expect(meterAnswer('READ 999', sprayer)).toMatch(/^ERR RANGE/);
		expect(meterAnswer('HELLO', sprayer)).toMatch(/^ERR SYNTAX/);
		expect(meterAnswer('ID', sprayer)).toMatch(/^OK FALLOW-METER\/1/);
	});
});

describe('the receiver', () => {
	const events = async (stream: ReadableStream<Uint8Array>, most: number) => {
		const reader = stream.getReader();
		let text = '';
		while (text.split('\n\n').length <= most) {
			const { done, value } = await reader.read();
			if (done) break;
			text += new TextDecoder().decode(value);
		}
		await reader.cancel();
		return text.split('\n\n').filter(Boolean);
	};
	it('passes sentences on one by one, and leaves out what is none', async () => {
		const address = await serve({
			onOpen: (send) => {
				send('noise');
				send('$GPTXT,01*00');
				send(`$${'x'.repeat(400)}`);
				send('$GPRMC,1*00');
			}
		});
		expect(await events(receiverStream(address), 2)).toEqual(['data: $GPTXT,01*00', 'data: $GPRMC,1*00']);
	});
	it('says when the receiver hangs up, and when there is none', async () => {
		const hangUp = await serve({ onOpen: (_send, socket) => void socket.end() });
		expect(await events(receiverStream(hangUp), 1)).toEqual(['event: lost\ndata: ']);
		const gone = await serve({});
		await new Promise((done) => open.pop()!.close(done));
		expect(await events(receiverStream(gone), 1)).toEqual(['event: lost\ndata: ']);
	});
});

describe('an address', () => {
	it('is a host and a port, or none', () => {
		expect(addressOf('127.0.0.1:4321')).toEqual({ host: '127.0.0.1', port: 4321 });
		for (const text of [undefined, '', 'nowhere', 'host:0', 'host:70000', 'http://x:1'])
			expect(addressOf(text)).toBeNull();
	});
});
