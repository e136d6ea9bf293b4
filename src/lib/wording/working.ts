import { m } from '$words';

/** The names that a line of the working is written with, longest first: a longer one holds a shorter one. */
const terms: readonly (readonly [name: string, words: () => string])[] = [
	['widest the pans keep even', m.term_widest_the_pans_keep_even],
	['in the course’s time', m.term_in_the_course_s_time],
	['mean of the repeats', m.term_mean_of_the_repeats],
	['in the tank before', m.term_in_the_tank_before],
	['in the plot’s time', m.term_in_the_plot_s_time],
	['from one nozzle', m.term_from_one_nozzle],
	['in the time of', m.term_in_the_time_of],
	['treated width', m.term_treated_width],
	['one side only', m.term_one_side_only],
	['ground speed', m.term_ground_speed],
	['usable share', m.term_usable_share],
	['wetted width', m.term_wetted_width],
	['spray volume', m.term_spray_volume],
	['all catches', m.term_all_catches],
	['row spacing', m.term_row_spacing],
	['as measured', m.term_as_measured],
	['mean catch', m.term_mean_catch],
	['catch time', m.term_catch_time],
	['nozzles on', m.term_nozzles_on],
	['row length', m.term_row_length],
	['mean time', m.term_mean_time],
	['places on', m.term_places_on],
	['as stated', m.term_as_stated],
	['as chosen', m.term_as_chosen],
	['one side', m.term_one_side],
	['read as', m.term_read_as],
	['spacing', m.term_spacing],
	['nozzles', m.term_nozzles],
	['course', m.term_course],
	['alleys', m.term_alleys],
	['length', m.term_length],
	['nozzle', m.term_nozzle],
	['caught', m.term_caught],
	['swath', m.term_swath],
	['speed', m.term_speed],
	['bands', m.term_bands],
	['alley', m.term_alley],
	['sides', m.term_sides],
	['width', m.term_width],
	['share', m.term_share],
	['block', m.term_block],
	['after', m.term_after],
	['catch', m.term_catch],
	['band', m.term_band],
	['edge', m.term_edge],
	['area', m.term_area],
	['used', m.term_used],
	['flow', m.term_flow],
	['plot', m.term_plot]
];
const known = new Map(terms.map(([name, words]) => [name, words]));
const pattern = new RegExp(`(?<![\\p{L}/])(?:${terms.map(([name]) => name).join('|')})(?![\\p{L}/])`, 'gu');

/** A rule or the figures of a line of the working, its names in the language that is read; units and signs as they stand. */
export const workingText = (line: string): string => line.replace(pattern, (name) => known.get(name)?.() ?? name);
