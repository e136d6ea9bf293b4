import type { TypedJob, TypedLabel } from '../../src/core';

/** A label that limits nothing and leaves nothing empty. */
export const plannedLabel: TypedLabel = {
	name: 'Sample Ochre',
	state: 'liquid',
	registration: '',
	group: '',
	formulation: '',
	mixes: 'emulsion',
	dose: { low: { text: '0.1 L/ha', unit: '', gallon: 'US' }, high: { text: '9 L/ha', unit: '', gallon: 'US' } },
	max: null,
	seasonMax: null,
	volume: null,
	entryHours: 12,
	rainFreeHours: null,
	harvestDays: 0,
	plantBack: [],
	packs: [],
	packet: null,
	wind: null,
	buffer: null,
	ppe: '',
	notes: ''
};

/** A job on ten hectares, without a product. */
export const plannedJob: TypedJob = {
	day: '2026-03-20',
	blocks: [{ id: 'b', name: 'Long strip', area: 1e5, share: 1, rows: null, spacing: null }],
	tank: { text: '600 L', unit: 'L', gallon: 'US' },
	dead: null,
	agitation: null,
	products: [],
	split: 'full-then-part',
	reason: '',
	notes: ''
};
