/** What can happen to a rig and put its calibrations in doubt. */
export const sprayerEventKinds = ['nozzles', 'pump', 'gauge', 'hose', 'tyres', 'filter', 'other'] as const;
export type SprayerEventKind = (typeof sprayerEventKinds)[number];

export const eventWords: Readonly<Record<SprayerEventKind, { readonly name: string; readonly short: string }>> = {
	nozzles: { name: 'New nozzles', short: 'new nozzles' },
	pump: { name: 'Pump changed or repaired', short: 'pump' },
	gauge: { name: 'Gauge changed', short: 'gauge' },
	hose: { name: 'Hoses changed', short: 'hoses' },
	tyres: { name: 'Tyres changed', short: 'tyres' },
	filter: { name: 'Main filter changed', short: 'filter' },
	other: { name: 'Something else', short: 'a change' }
};
