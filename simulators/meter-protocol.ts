/** What a flow meter under one nozzle answers. One line in, one line out; see docs/formats.md. */

export const meterFaults = ['none', 'blocked', 'worn', 'low-pressure', 'silent', 'torn'] as const;
export type MeterFault = (typeof meterFaults)[number];

export interface MeterSprayer {
	/** L/min of an even nozzle. */
	readonly flow: number;
	/** Nozzle that the fault sits on; a low pressure sits on all. */
	readonly nozzle: number;
	readonly fault: MeterFault;
}

/** Flow of a nozzle, L/min: a little uneven by its number, so that two readings of one nozzle are alike. */
export function meterFlow(nozzle: number, sprayer: MeterSprayer): number {
	const uneven = 1 + 0.008 * Math.sin(nozzle * 12.9898);
	const here = nozzle === sprayer.nozzle;
	const share =
		sprayer.fault === 'low-pressure'
			? 0.84
			: here && sprayer.fault === 'blocked'
				? 0.05
				: here && sprayer.fault === 'worn'
					? 1.14
					: 1;
	return sprayer.flow * uneven * share;
}

/** The answer to one line; null is no answer at all. */
export function meterAnswer(line: string, sprayer: MeterSprayer): string | null {
	if (sprayer.fault === 'silent') return null;
	if (line === 'ID') return 'OK FALLOW-METER/1 SIMULATED';
	const read = /^READ (\d{1,3})$/.exec(line);
	if (!read) return 'ERR SYNTAX expected ID or READ <nozzle>';
	const nozzle = Number(read[1]);
	if (nozzle < 1 || nozzle > 144) return 'ERR RANGE nozzle 1 to 144';
	const answer = `OK ${nozzle} ${meterFlow(nozzle, sprayer).toFixed(3)} L/min`;
	return sprayer.fault === 'torn' ? answer.slice(0, 6) : answer;
}
