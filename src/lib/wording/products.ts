import type { MixingClass } from '../../core';

/** How a product mixes, in words, in the order in which they go in. */
export const mixingWords: Readonly<Record<MixingClass, string>> = {
	conditioner: 'Water conditioner',
	packet: 'Packets that dissolve',
	dry: 'Dry flowable or powder',
	suspension: 'Suspension',
	emulsion: 'Emulsion',
	solution: 'Solution',
	wetter: 'Wetter or oil'
};
