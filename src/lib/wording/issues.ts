import { m } from '$words';
import { asWritten } from './as-written';
import type { Issue } from '../../core';
import { exampleOf, wantedWords } from './wanted';

const places: Record<string, string> = {
	get 'speed.course'() {
		return m.the_course_length();
	},
	get 'speed.times'() {
		return m.the_runs();
	},
	get 'flow.time'() {
		return m.the_catch_time();
	},
	get 'width.on'() {
		return m.the_number_of_nozzles_on();
	},
	get 'width.wetted'() {
		return m.the_wetted_width();
	},
	get 'width.school'() {
		return m.how_the_wetted_width_is_used();
	},
	get 'width.pans'() {
		return m.the_row_of_pans();
	},
	get 'width.catches'() {
		return m.some_of_the_pans();
	},
	get 'width.maker'() {
		return m.the_makers_swath();
	},
	get 'width.asked'() {
		return m.the_width_that_you_drive();
	},
	get 'width.edgeOverlap'() {
		return m.the_overlap_at_each_edge();
	},
	get 'width.rowSpacing'() {
		return m.the_row_spacing();
	},
	get area() {
		return m.the_ground_that_was_sprayed();
	},
	get 'area.length'() {
		return m.the_length_of_the_plot();
	},
	get 'area.width'() {
		return m.the_width_of_the_plot();
	},
	get used() {
		return m.what_the_tank_says();
	},
	get 'speed.track'() {
		return m.a_track_with_a_steady_part();
	},
	get spacing() {
		return m.the_nozzle_spacing();
	},
	get speed() {
		return m.the_ground_speed();
	},
	get rate() {
		return m.the_spray_volume();
	},
	get 'flow.pressure'() {
		return m.the_pressure_at_the_gauge();
	},
	get width() {
		return m.the_swath();
	},
	get points() {
		return m.at_least_one_pressure_with_its();
	},
	get rows() {
		return m.the_rows_how_many_how_long();
	},
	get pack() {
		return m.what_one_container_of_a_product();
	},
	get boundary() {
		return m.a_boundary_drawn_or_from_a();
	},
	get blocks() {
		return m.the_ground_pick_at_least_one();
	},
	get total() {
		return m.how_much_of_the_product_a();
	}
};

/**
 * What is wrong, in words: what was typed, why it does not do, and an example that does. The only place where issue
 * codes become sentences.
 */
export function wordIssue(issue: Issue): string {
	const { bound, comma = false } = issue;
	if (bound === undefined || typedBounds.has(issue.code)) return words(issue);
	return words({ ...issue, bound: asWritten(bound, comma) });
}

/** Their bound is what somebody typed, and stays as it is. */
const typedBounds: ReadonlySet<Issue['code']> = new Set([
	'comma',
	'upside-down',
	'no-orifice',
	'which-active',
	'ring-open'
]);

/** What a sentence is made of: what was typed in quotes, what was wanted, and an example that works. */
interface Said {
	readonly typed: string;
	readonly wanted: string;
	readonly such: string;
	readonly issue: Issue;
}

function words(issue: Issue): string {
	const example = exampleOf(issue.wanted ?? '', issue.comma);
	const sentence = sentences[issue.code];
	if (typeof sentence === 'string') return sentence;
	return sentence({
		typed: issue.text === undefined || issue.text === '' ? '' : `“${issue.text}”`,
		wanted: wantedWords(issue.wanted ?? ''),
		such: example ? m.write_it_like({ example }) : '',
		issue
	});
}

const sentences: Record<Issue['code'], string | ((said: Said) => string)> = {
	empty: ({ such }) => m.nothing_is_written_here({ such }),
	unreadable: ({ typed, such, wanted }) => m.cannot_be_read_as({ typed, wanted, such }),
	comma: ({ typed, issue }) =>
		m.could_be_read_in_two_ways({ typed, which: issue.bound === ',' ? m.a_comma_write_0_5() : m.a_point_write_0_5() }),
	'no-unit': ({ typed, such }) => m.has_no_unit({ typed, such }),
	'unknown-unit': ({ typed, such, wanted }) => m.the_unit_in_is_not_one({ typed, wanted, such }),
	'wrong-kind': ({ typed, such, wanted }) => m.is_not({ typed, wanted, such }),
	'ambiguous-oz': ({ typed }) => m.is_that_fluid_ounces_or_ounces({ typed }),
	'no-state': ({ typed }) => m.litres_or_kilograms_say_first_whether({ typed }),
	'per-what': ({ typed, issue }) => m.of_product_on_what_write_what({ typed, text: issue.text ?? '' }),
	'three-of-four': ({ issue }) => m.of_volume_speed_width_and_flow({ text: issue.text ?? '' }),
	'mixes-otherwise': ({ issue }) =>
		issue.bound === 'dry' ? m.a_dry_product_does_not_mix() : m.a_liquid_does_not_mix_that(),
	negative: ({ typed, such }) => m.is_below_zero_it_has_to({ typed, such }),
	zero: ({ typed, such }) => m.is_nothing_it_has_to_be({ typed: typed || m.zero(), such }),
	'too-small': ({ typed, such, issue }) => m.is_too_small_to_be_true({ typed, bound: issue.bound ?? '', such }),
	'too-large': ({ typed, such, issue }) => m.is_too_large_to_be_true({ typed, bound: issue.bound ?? '', such }),
	'too-long': ({ typed, issue }) => m.is_over_letters_long({ typed, bound: issue.bound ?? '' }),
	missing: ({ issue }) => m.still_missing({ places: places[issue.path] ?? issue.path }),
	'not-whole': ({ typed, such }) => m.is_not_a_whole_number_of({ typed, such }),
	'upside-down': ({ typed, issue }) => m.is_above_the_low_end_comes({ typed, bound: issue.bound ?? '' }),
	angle: ({ typed, issue }) => m.is_no_fan_angle_degrees_it({ typed, bound: issue.bound ?? '' }),
	share: ({ typed }) => m.is_not_a_share_it_has({ typed }),
	'shares-sum': ({ typed }) => m.do_not_add_up_to_100_write({ typed }),
	get 'no-person'() {
		return m.nobody_is_named_yet_another_person();
	},
	get 'no-position'() {
		return m.this_track_has_no_steady_part();
	},
	stacked: ({ typed, issue }) => m.at_each_place_does_not_fit({ typed, bound: issue.bound ?? '' }),
	'count-mismatch': ({ typed, issue }) => m.given_where_there_are_one_for({ typed, bound: issue.bound ?? '' }),
	get 'nothing-caught'() {
		return m.no_water_was_caught_yet_at();
	},
	get 'no-runs'() {
		return m.no_run_over_the_course_was();
	},
	get 'nothing-used'() {
		return m.nothing_was_used_or_less_than();
	},
	get 'no-even-swath'() {
		return m.no_swath_width_from_these_pans();
	},
	'sections-mismatch': ({ typed, issue }) => m.the_sections_do_not_add_up({ typed, bound: issue.bound ?? '' }),
	get 'all-sections-off'() {
		return m.every_section_is_off_so_nothing();
	},
	get 'products-fill-tank'() {
		return m.the_products_alone_fill_the_tank();
	},
	'nothing-left': () => m.every_load_is_mixed_or_out(),
	get 'dead-over-tank'() {
		return m.the_tank_holds_no_more_than();
	},
	get 'row-over-tank'() {
		return m.one_row_takes_more_than_a();
	},
	'pack-over-tank': ({ issue }) => m.one_container_of_makes_more_than({ text: issue.text ?? '' }),
	'no-packet': ({ typed }) => m.is_told_in_packets_and_nothing({ typed }),
	'no-rows': ({ typed }) => m.is_told_by_the_length_of({ typed }),
	get 'no-block-rows'() {
		return m.this_block_is_not_told_by();
	},
	'too-many-loads': ({ issue }) =>
		m.that_would_be_loads_fallow_plans({ text: issue.text ?? '', bound: issue.bound ?? '' }),
	'same-pressure': ({ typed }) => m.is_a_second_flow_at_the({ typed }),
	'no-orifice': ({ typed, issue }) => m.cannot_follow_more_pressure_gives_more({ typed, bound: issue.bound ?? '' }),
	gravity: ({ typed, issue }) =>
		m.is_no_specific_gravity_of_a({
			typed,
			bound: issue.bound ?? '',
			example: asWritten('1.28', issue.comma ?? false)
		}),
	'ring-short': ({ issue }) =>
		m.a_boundary_of_holds_no_ground({ text: issue.text ?? '', which: issue.text === '1' ? m.corner() : m.corners() }),
	'ring-open': ({ issue }) => m.the_boundary_is_not_closed_it({ bound: issue.bound ?? '', text: issue.text ?? '' }),
	'ring-crosses': ({ issue }) => m.the_boundary_crosses_itself_at_latitude({ text: issue.text ?? '' }),
	'not-degrees': ({ typed }) => m.is_no_place_on_the_earth({ typed }),
	'not-one-record': ({ typed }) => m.the_lines_of_record_differ_in({ typed }),
	'no-density': ({ typed }) => m.is_a_weight_of_a_liquid({ typed }),
	'no-content': ({ typed }) => m.is_a_dose_of_the_active({ typed }),
	'which-active': ({ typed, issue }) =>
		m.does_not_say_which_active_ingredient({
			typed,
			bound: issue.bound ?? '',
			split: issue.bound?.split(', ')[0] ?? m.name_inline()
		}),
	'weight-percent': ({ typed }) => m.per_cent_of_what_write_v({ typed }),
	get 'interval-no-end'() {
		return m.no_end_is_known_for_the();
	},
	get 'parked-ground-drive'() {
		return m.the_pump_of_this_sprayer_turns();
	},
	'level-over-load': ({ typed }) => m.is_more_than_the_tank_takes({ typed }),
	get 'other-side'() {
		return m.one_side_is_shut_is_the();
	},
	'dose-area': ({ typed }) => m.on_bands_is_it_per_treated({ typed }),
	'dilute-or-mix': ({ typed }) => m.in_an_orchard_is_it_per({ typed }),
	'no-dilute': ({ typed }) => m.is_of_dilute_spray_enter_the({ typed }),
	get 'not-concentrate'() {
		return m.this_label_does_not_allow_concentrate();
	},
	'not-stored': ({ issue }) => m.this_device_could_not_keep_it({ text: issue.text ?? '' }),
	get closed() {
		return m.it_is_finished_nothing_more_is();
	},
	twice: ({ typed }) => m.stands_there_twice_keep_one_line({ typed })
};
