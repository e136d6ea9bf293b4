import { m } from '$words';
import type { AnySheet, CalibrationMethod, SprayerKind } from '../../core';

/** What a way of measuring is called, and what it asks for. */
export const methodWords: Readonly<Record<AnySheet['method'], { readonly name: string; readonly asks: string }>> = {
	'speed-width-flow': {
		get name() {
			return m.speed_width_and_flow();
		},
		get asks() {
			return m.time_a_course_measure_the_width();
		}
	},
	'course-catch': {
		get name() {
			return m.course_and_catch();
		},
		get asks() {
			return m.time_a_course_then_catch_parked();
		}
	},
	'plot-catch': {
		get name() {
			return m.plot_and_catch();
		},
		get asks() {
			return m.spray_a_plot_evenly_then_catch();
		}
	},
	refill: {
		get name() {
			return m.refill();
		},
		get asks() {
			return m.spray_a_known_piece_of_ground();
		}
	},
	'parked-drop': {
		get name() {
			return m.parked_drop();
		},
		get asks() {
			return m.time_a_course_run_parked_as();
		}
	}
};

/** The same for picking, in the words of each kind of sprayer. */
export function methodName(method: CalibrationMethod, kind: SprayerKind): string {
	if (method === 'speed-width-flow') return kind === 'knapsack' ? m.speed_width_flow() : m.each_nozzle();
	if (method === 'refill') return kind === 'airblast' ? m.row_refill() : m.refill();
	return methodWords[method].name;
}
