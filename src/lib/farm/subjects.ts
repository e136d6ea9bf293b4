import { m } from '$words';

export interface FarmSubject {
	/** Its place on the page. */
	readonly id: string;
	readonly name: string;
}

/** What the farm's settings are about, in the order in which a new farm meets it. */
export const farmSubjects = {
	measures: { id: 'measures', name: m.farm_and_units() },
	methods: { id: 'methods', name: m.methods_of_working() },
	due: { id: 'due', name: m.a_sprayer_is_calibrated_again() },
	jugs: { id: 'jugs', name: m.jugs_and_scales_for_products() },
	weather: { id: 'weather', name: m.weather_and_place() },
	emergency: { id: 'emergency', name: m.if_something_goes_wrong() },
	records: { id: 'records', name: m.a_record_has_to_have() },
	checks: { id: 'checks', name: m.check_list_before_a_calibration() },
	skill: { id: 'skill', name: m.how_well_this_farm_measures() }
} as const satisfies Record<string, FarmSubject>;
