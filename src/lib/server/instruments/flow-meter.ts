import { m } from '$words';
import { connect } from 'node:net';
import { Failure } from '../failure';
import type { Address } from './address';

/** How long a meter may take to answer, ms. */
const patience = 3000;

const failed = (code: string, message: string) => new Failure(502, code, 'nozzle', message);

/**
 * Asks a flow meter (FALLOW-METER/1) for the flow of one nozzle, L/min. Whatever it does wrong is told in words: it
 * cannot be reached, does not answer, hangs up, or answers with something that is no reading.
 */
export function askFlowMeter({ host, port }: Address, nozzle: number): Promise<number> {
	return new Promise((resolve, reject) => {
		const socket = connect({ host, port });
		let heard = '';
		const end = (run: () => void) => {
			clearTimeout(timer);
			socket.destroy();
			run();
		};
		const timer = setTimeout(() => end(() => reject(failed('meter-silent', m.flow_meter_does_not_answer()))), patience);
		socket.setEncoding('ascii');
		socket.on('connect', () => socket.write(`READ ${nozzle}\r\n`));
		socket.on('error', () => end(() => reject(failed('meter-unreachable', m.flow_meter_cannot_be_reached()))));
		socket.on('close', () => end(() => reject(failed('meter-silent', m.flow_meter_hung_up()))));
		socket.on('data', (chunk: string) => {
			heard += chunk;
			const line = /^([^\r\n]*)\r?\n/.exec(heard)?.[1];
			if (line === undefined && heard.length < 200) return;
			const read = /^OK (\d+) (\d+(?:\.\d+)?) L\/min$/.exec(line ?? '');
			if (read && Number(read[1]) === nozzle) end(() => resolve(Number(read[2])));
			else
				end(() =>
					reject(failed('meter-nonsense', m.flow_meter_answered_no_reading({ heard: (line ?? heard).slice(0, 60) })))
				);
		});
	});
}
