import type { ChangedThing } from '../../core';

/** What a person notes of a rig; it puts its calibrations in doubt. */
export const sprayerEventKinds = ['nozzles', 'pump', 'gauge', 'hose', 'tyres', 'filter', 'canopy', 'other'] as const;
/** The same, and what Fallow notes by itself: a job whose true volume was off. */
export type SprayerEventKind = (typeof sprayerEventKinds)[number] | 'drift';

export const eventWords: Readonly<Record<SprayerEventKind, { readonly name: string; readonly short: string }>> = {
	nozzles: { name: 'New nozzles', short: 'new nozzles' },
	pump: { name: 'Pump changed or repaired', short: 'pump' },
	gauge: { name: 'Gauge changed', short: 'gauge' },
	hose: { name: 'Hoses changed', short: 'hoses' },
	tyres: { name: 'Tyres changed', short: 'tyres' },
	filter: { name: 'Main filter changed', short: 'filter' },
	canopy: { name: 'Crop height or canopy changed', short: 'canopy' },
	drift: { name: 'A job’s true volume was over 5 % off', short: 'true volume' },
	other: { name: 'Something else', short: 'a change' }
};

/** What was changed since the last calibration, on a button. */
export const changedNames: Readonly<Record<ChangedThing, string>> = {
	pressure: 'Pressure',
	nozzles: 'Nozzles',
	gear: 'Gear',
	engine: 'Engine speed',
	width: 'Height or width',
	person: 'Another person'
};
/** The same within a sentence. */
export const changedWords: Readonly<Record<ChangedThing, string>> = {
	pressure: 'pressure',
	nozzles: 'nozzles',
	gear: 'gear',
	engine: 'engine speed',
	width: 'height or width',
	person: 'the person'
};
