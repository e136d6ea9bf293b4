import type { LabelFill, MixingClass } from '../../core';

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

/** What a label asks of the filling. */
export const fillWords: Readonly<Record<LabelFill, string>> = {
	third: 'A third of the water first',
	'half-product': 'Half of it at half the water, then the rest'
};
