import { m } from '$words';

export interface FarmSubject {
	/** Its place on the page. */
	readonly id: string;
	readonly name: string;
}

/** What the farm's settings are about, in the order in which a new farm meets it. */
export const farmSubjects = {
	measures: {
		id: 'measures',
		get name() {
			return m.farm_and_units();
		}
	},
	methods: {
		id: 'methods',
		get name() {
			return m.methods_of_working();
		}
	},
	due: {
		id: 'due',
		get name() {
			return m.a_sprayer_is_calibrated_again();
		}
	},
	jugs: {
		id: 'jugs',
		get name() {
			return m.jugs_and_scales_for_products();
		}
	},
	weather: {
		id: 'weather',
		get name() {
			return m.weather_and_place();
		}
	},
	emergency: {
		id: 'emergency',
		get name() {
			return m.if_something_goes_wrong();
		}
	},
	records: {
		id: 'records',
		get name() {
			return m.a_record_has_to_have();
		}
	},
	checks: {
		id: 'checks',
		get name() {
			return m.check_list_before_a_calibration();
		}
	},
	skill: {
		id: 'skill',
		get name() {
			return m.how_well_this_farm_measures();
		}
	}
} as const satisfies Record<string, FarmSubject>;
