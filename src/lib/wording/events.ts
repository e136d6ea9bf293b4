import { m } from '$words';
import type { ChangedThing } from '../../core';

/** What a person notes of a sprayer; it puts its calibrations in doubt. */
export const sprayerEventKinds = ['nozzles', 'pump', 'gauge', 'hose', 'tyres', 'filter', 'canopy', 'other'] as const;
/** The same, and what Fallow notes by itself: a job whose true volume was off. */
export type SprayerEventKind = (typeof sprayerEventKinds)[number] | 'drift';

export const eventWords: Readonly<Record<SprayerEventKind, { readonly name: string; readonly short: string }>> = {
	nozzles: {
		get name() {
			return m.new_nozzles();
		},
		get short() {
			return m.new_nozzles_inline();
		}
	},
	pump: {
		get name() {
			return m.pump_changed_or_repaired();
		},
		get short() {
			return m.pump();
		}
	},
	gauge: {
		get name() {
			return m.gauge_changed();
		},
		get short() {
			return m.gauge_inline();
		}
	},
	hose: {
		get name() {
			return m.hoses_changed();
		},
		get short() {
			return m.hoses();
		}
	},
	tyres: {
		get name() {
			return m.tyres_changed();
		},
		get short() {
			return m.tyres();
		}
	},
	filter: {
		get name() {
			return m.main_filter_changed();
		},
		get short() {
			return m.filter();
		}
	},
	canopy: {
		get name() {
			return m.crop_height_or_canopy_changed();
		},
		get short() {
			return m.canopy();
		}
	},
	drift: {
		get name() {
			return m.a_jobs_true_volume_was_over();
		},
		get short() {
			return m.true_volume();
		}
	},
	other: {
		get name() {
			return m.something_else();
		},
		get short() {
			return m.a_change();
		}
	}
};

/** What was changed since the last calibration, on a button. */
export const changedNames: Readonly<Record<ChangedThing, string>> = {
	get pressure() {
		return m.pressure();
	},
	get nozzles() {
		return m.nozzles_title();
	},
	get gear() {
		return m.gear_title();
	},
	get engine() {
		return m.engine_speed();
	},
	get width() {
		return m.height_or_width();
	},
	get person() {
		return m.another_person();
	}
};
/** The same within a sentence. */
export const changedWords: Readonly<Record<ChangedThing, string>> = {
	get pressure() {
		return m.pressure_inline();
	},
	get nozzles() {
		return m.nozzles_inline();
	},
	get gear() {
		return m.gear_inline();
	},
	get engine() {
		return m.engine_speed_inline();
	},
	get width() {
		return m.height_or_width_inline();
	},
	get person() {
		return m.the_person();
	}
};
