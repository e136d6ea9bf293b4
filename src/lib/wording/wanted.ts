import { m } from '$words';
import { asWritten } from './as-written';

/** An example that works, by what was wanted. */
const examples: Record<string, string> = {
	get length() {
		return m.n60_m_200_ft_or_18();
	},
	get area() {
		return m.n6_3_ha_15_5_ac();
	},
	get volume() {
		return m.n600_l_2_gal_1_qt();
	},
	get time() {
		return m.n27_4_s_0_55_or();
	},
	get mass() {
		return m.n652_g_or_14_oz();
	},
	get speed() {
		return m.n7_9_km_h_or_4();
	},
	get pressure() {
		return m.n3_bar_or_40_psi();
	},
	get flow() {
		return m.n1_2_l_min_or_0();
	},
	get volumePerArea() {
		return m.n180_l_ha_or_20_gal();
	},
	get massPerArea() {
		return m.n1_5_kg_ha_or_14();
	},
	get 'volume|mass'() {
		return m.n19_2_fl_oz_568_ml();
	},
	get 'volumePerArea|massPerArea'() {
		return m.n2_l_ha_14_oz_ac();
	},
	percent: '0.1 %',
	nozzles: '12',
	sections: '4, 4, 4',
	rpm: '540',
	get rating() {
		return m.n1_5_1_48_l_min();
	},
	get point() {
		return m.n2_bar_0_98_l_min();
	},
	get drops() {
		return m.n2_bar_coarse();
	},
	get filter() {
		return m.air_induction_03_shed_3_bar();
	},
	gravity: '1.28',
	get kind() {
		return m.flat_fan_air_induction_or_hollow();
	},
	interval: '12',
	get mixes() {
		return m.dry_suspension_emulsion_solution_or_wetter();
	},
	get state() {
		return m.liquid_or_dry();
	},
	get fill() {
		return m.third_or_half_product();
	},
	rows: '31',
	number: '12.5',
	day: '2026-03-14',
	get person() {
		return m.a_sample();
	},
	get yesNo() {
		return m.yes_or_no();
	},
	clock: '07:30',
	get temperature() {
		return m.n18_c_or_64_f();
	},
	get degrees() {
		return m.sw_or_225();
	},
	humidity: '55',
	corner: '47.10512, 8.50321',
	get plantBack() {
		return m.clover_120();
	},
	get active() {
		return m.ochrate_480_g_l();
	},
	get content() {
		return m.n480_g_l_4_lb_gal();
	},
	get density() {
		return m.n1_28_kg_l_or_10();
	},
	get per() {
		return m.treated_or_field();
	},
	get dilution() {
		return m.dilute_or_mix();
	},
	get dropClass() {
		return m.medium_or_very_coarse();
	},
	get neighbour() {
		return m.water_hives_or_houses();
	},
	get reason() {
		return m.advisers_written_advice_of_3_may();
	},
	get name() {
		return m.orchard_cone_1_5();
	},
	get 'volume|mass|flow'() {
		return m.n19_2_fl_oz_568_ml_inline();
	}
};

const thing: Record<string, string> = {
	get length() {
		return m.a_length();
	},
	get area() {
		return m.an_area();
	},
	get volume() {
		return m.a_volume();
	},
	get time() {
		return m.a_time();
	},
	get mass() {
		return m.a_weight();
	},
	get speed() {
		return m.a_speed();
	},
	get pressure() {
		return m.a_pressure();
	},
	get flow() {
		return m.a_flow();
	},
	get volumePerArea() {
		return m.a_volume_per_area();
	},
	get massPerArea() {
		return m.a_weight_per_area();
	},
	get 'volume|mass'() {
		return m.a_volume_or_a_weight_of();
	},
	get 'volumePerArea|massPerArea'() {
		return m.a_dose();
	},
	get percent() {
		return m.a_percent_of_the_mix();
	},
	get rating() {
		return m.a_size_and_its_flow();
	},
	get point() {
		return m.a_pressure_and_its_flow();
	},
	get drops() {
		return m.a_pressure_and_its_drop_size();
	},
	get filter() {
		return m.a_limit();
	},
	get kind() {
		return m.a_kind_of_nozzle();
	},
	get interval() {
		return m.a_number_of_hours_or_days();
	},
	get mixes() {
		return m.a_way_of_mixing();
	},
	get state() {
		return m.what_it_is_inline();
	},
	get fill() {
		return m.a_way_of_filling();
	},
	get rows() {
		return m.a_number_of_rows();
	},
	get number() {
		return m.a_number_over_nothing();
	},
	get day() {
		return m.a_day();
	},
	get person() {
		return m.who_sprayed();
	},
	get yesNo() {
		return m.yes_or_no();
	},
	get record() {
		return m.a_part_of_a_record();
	},
	get clock() {
		return m.a_time_of_the_day();
	},
	get temperature() {
		return m.a_temperature();
	},
	get degrees() {
		return m.where_a_wind_comes_from();
	},
	get humidity() {
		return m.a_humidity_in_per_cent();
	},
	get corner() {
		return m.a_corner_latitude_longitude();
	},
	get label() {
		return m.a_part_of_a_product();
	},
	get plantBack() {
		return m.a_crop_and_its_days();
	},
	get active() {
		return m.an_active_ingredient_and_its_content();
	},
	get content() {
		return m.how_much_active_ingredient_the_product();
	},
	get density() {
		return m.a_density();
	},
	get per() {
		return m.the_area_that_a_dose_is();
	},
	get dilution() {
		return m.what_a_dose_per_100_l();
	},
	get dropClass() {
		return m.a_drop_size();
	},
	get neighbour() {
		return m.something_beside_a_field();
	},
	get reason() {
		return m.a_reason();
	},
	get working() {
		return m.a_sum_of_numbers_with_and();
	},
	get name() {
		return m.a_name();
	},
	get 'volume|mass|flow'() {
		return m.a_volume_a_weight_of_water();
	}
};

/** What belongs into a field, in words. */
export const wantedWords = (wanted: string): string => thing[wanted] ?? m.what_belongs_here();

/** The example alone, for a field's hint, in the decimal sign that it is read in. */
export function exampleOf(wanted: string, comma: boolean | undefined): string | undefined {
	const example = examples[wanted];
	// A corner is in degrees with a point, wherever it is written.
	return example === undefined || wanted === 'corner' ? example : asWritten(example, comma ?? false);
}
