import { m } from '$words';
import type { CalibrationMethod, SprayerKind } from '$core';

type Step = 'ready' | 'speed' | 'swath' | 'plot' | 'flow' | 'tank' | 'volume' | 'adjust' | 'sign-off';

/** What to do in a step, in a sentence, in the words of its kind of sprayer. */
export function stepLead(step: Step, kind: SprayerKind, method: CalibrationMethod): string {
	switch (step) {
		case 'ready':
			return m.walk_round_it_once_tick_what();
		case 'speed':
			return kind === 'knapsack' ? m.tank_half_full_at_the_pace() : m.tank_half_full_in_the_gear();
		case 'swath':
			return {
				boom: m.nozzles_that_spray_their_spacing_switch(),
				boomless: m.on_dry_hard_ground_where_the(),
				airblast: m.what_one_pass_serves_row_spacing(),
				knapsack: m.the_strip_that_one_walk_wets()
			}[kind];
		case 'plot':
			return method === 'plot-catch' ? m.lay_it_out_spray_it_evenly() : m.a_known_piece_of_ground_sprayed();
		case 'flow':
			if (kind === 'airblast') return m.fan_off_pump_at_its_rpm();
			if (kind === 'knapsack') return m.clean_water_from_the_nozzle_into();
			return m.clean_water_from_every_nozzle_for();
		case 'tank':
			return method === 'parked-drop' ? m.park_level_run_at_the_same() : m.what_the_ground_took_read_the();
		case 'volume':
			return kind === 'knapsack' ? m.what_this_person_with_this_sprayer() : m.what_this_sprayer_puts_on_the();
		case 'adjust':
			return m.is_it_what_you_want_if();
		case 'sign-off':
			return m.whose_calibration_this_is_and_what();
	}
}
