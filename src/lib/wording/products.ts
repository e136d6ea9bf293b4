import type { DilutionOf, DoseArea, LabelFill, MixingClass } from '../../core';

/** How a product mixes, in words, in the order in which they go in. */
export const mixingWords: Readonly<Record<MixingClass, string>> = {
	conditioner: 'Water conditioner',
	packet: 'Packets that dissolve',
	dry: 'Dry flowable or powder',
	suspension: 'Suspension',
	emulsion: 'Emulsion',
	solution: 'Solution',
	wetter: 'Wetter or oil',
	foliar: 'Foliar feed'
};

/** What a label asks of the filling. */
export const fillWords: Readonly<Record<LabelFill, string>> = {
	third: 'A third of the water first',
	'half-product': 'Half of it at half the water, then the rest'
};

/** Whose area a dose on bands is of. */
export const doseAreaWords: Readonly<Record<DoseArea, string>> = {
	treated: 'per treated area (the bands)',
	field: 'per field area (bands and gaps)'
};

/** What a dose per 100 L is of. */
export const dilutionWords: Readonly<Record<DilutionOf, string>> = {
	dilute: 'of dilute spray, to run-off',
	mix: 'of the mix as sprayed'
};
