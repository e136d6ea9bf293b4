import { m } from '$words';
import type { AnyCheck, SprayerCheck, SprayerKind } from '$core';

/** What to do in the walk round the sprayer, and why. */
export const sprayerCheckWords: Record<SprayerCheck, { readonly title: string; readonly why: string }> = {
	clean: {
		get title() {
			return m.rinsed_and_clean();
		},
		get why() {
			return m.the_sprayer_has_held_pesticide_rinse();
		}
	},
	'half-full': {
		get title() {
			return m.half_full_of_clean_water();
		},
		get why() {
			return m.weight_sets_tyre_and_speed_calibrate();
		}
	},
	'no-leaks': {
		get title() {
			return m.no_leaks_above_working_pressure();
		},
		get why() {
			return m.run_it_a_little_higher_than();
		}
	},
	filters: {
		get title() {
			return m.filters_clean();
		},
		get why() {
			return m.a_choked_filter_looks_like_a();
		}
	},
	'same-nozzles': {
		get title() {
			return m.same_nozzle_everywhere();
		},
		get why() {
			return m.read_the_stamp_on_each_one();
		}
	},
	'fan-angle': {
		get title() {
			return m.fans_turned_a_few_degrees();
		},
		get why() {
			return m.fans_in_line_with_the_boom();
		}
	},
	patterns: {
		get title() {
			return m.patterns_whole_seen_from_behind();
		},
		get why() {
			return m.striped_bent_or_one_sided_clean();
		}
	},
	overlap: {
		get title() {
			return m.overlap_even_on_dry_pavement();
		},
		get why() {
			return m.spray_water_on_a_dry_yard();
		}
	},
	gauge: {
		get title() {
			return m.gauge_moves_and_rests_at_zero();
		},
		get why() {
			return m.the_calibration_checks_the_gauge_it();
		}
	},
	'nozzle-pressure': {
		get title() {
			return m.pressure_at_a_nozzle_read_once();
		},
		get why() {
			return m.over_a_tenth_less_than_at();
		}
	},
	agitation: {
		get title() {
			return m.agitation_and_bypass_as_for_spraying();
		},
		get why() {
			return m.what_they_take_of_the_pump();
		}
	},
	height: {
		get title() {
			return m.boom_level_at_working_height();
		},
		get why() {
			return m.the_height_that_you_spray_at();
		}
	},
	engine: {
		get title() {
			return m.engine_warm_at_full_throttle();
		},
		get why() {
			return m.a_cold_or_idling_blower_throws();
		}
	},
	shafts: {
		get title() {
			return m.pto_and_engine_speed_read();
		},
		get why() {
			return m.two_figures_the_pto_drives_the();
		}
	},
	hoses: {
		get title() {
			return m.hoses_and_clamps_sound();
		},
		get why() {
			return m.a_soft_or_cracked_hose_bursts();
		}
	},
	guards: {
		get title() {
			return m.pto_and_pump_guards_on();
		},
		get why() {
			return m.stop_the_engine_before_hands_go();
		}
	},
	'air-gap': {
		get title() {
			return m.air_gap_or_check_valve_on();
		},
		get why() {
			return m.a_hose_end_in_the_tank();
		}
	},
	kit: {
		get title() {
			return m.kit_to_hand();
		},
		get why() {
			return m.tape_flags_jug_marked_pesticide_only();
		}
	},
	gloves: {
		get title() {
			return m.gloves_eye_cover_and_boots_on();
		},
		get why() {
			return m.clean_water_does_not_make_the();
		}
	}
};

const own = 'own:';
const isOwn = (check: AnyCheck): check is `own:${string}` => check.startsWith(own);

/** The name of a check; one of the farm's own is its words. */
export const checkTitle = (check: AnyCheck): string =>
	isOwn(check) ? check.slice(own.length) : sprayerCheckWords[check].title;

/** Why a check is made, on a sprayer of a kind, in the farm's measures: heights are told for booms alone. */
export function sprayerCheckWhy(check: AnyCheck, kind: SprayerKind, metric: boolean): string {
	if (isOwn(check)) return m.a_check_of_this_farm();
	if (check === 'height' && kind === 'boom')
		return metric ? m.n110_at_50_cm_spacing_wants() : m.n110_at_20_in_spacing_wants();
	if (check === 'same-nozzles' && kind !== 'boom') return m.read_the_stamp_on_each_one_odd();
	return sprayerCheckWords[check].why;
}
