/** What a flow meter under one nozzle answers. One line in, one line out; see docs/formats.md. */

export const meterFaults = ['none', 'blocked', 'worn', 'low-pressure', 'silent', 'torn'] as const;
export type MeterFault = (typeof meterFaults)[number];

export interface MeterRig {
	/** L/min of an even nozzle. */
	readonly flow: number;
	/** Nozzle that the fault sits on; a low pressure sits on all. */
	readonly nozzle: number;
	readonly fault: MeterFault;
}

/** Flow of a nozzle, L/min: a little uneven by its number, so that two readings of one nozzle are alike. */
export function meterFlow(nozzle: number, rig: MeterRig): number {
	const uneven = 1 + 0.008 * Math.sin(nozzle * 12.9898);
	const here = nozzle === rig.nozzle;
	const share =
		rig.fault === 'low-pressure'
			? 0.84
			: here && rig.fault === 'blocked'
				? 0.05
				: here && rig.fault === 'worn'
					? 1.14
					: 1;
	return rig.flow * uneven * share;
}

/** The answer to one line; null is no answer at all. */
export function meterAnswer(line: string, rig: MeterRig): string | null {
	if (rig.fault === 'silent') return null;
	if (line === 'ID') return 'OK FALLOW-METER/1 SIMULATED';
	const read = /^READ (\d{1,3})$/.exec(line);
	if (!read) return 'ERR SYNTAX expected ID or READ <nozzle>';
	const nozzle = Number(read[1]);
	if (nozzle < 1 || nozzle > 144) return 'ERR RANGE nozzle 1 to 144';
	const answer = `OK ${nozzle} ${meterFlow(nozzle, rig).toFixed(3)} L/min`;
	return rig.fault === 'torn' ? answer.slice(0, 6) : answer;
}
