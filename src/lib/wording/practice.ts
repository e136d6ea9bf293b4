import { m } from '$words';
import type { ActionKind, Claim, ErrorSource, Exercise, FaultKind, TapedThing, YardAction } from '$core';
import { atNozzle, atSection, factor, practiceSprayers } from '$core';
import { namesOf } from './nozzle-names';

const titles: Readonly<Record<string, () => string>> = {
	'boom-1': m.yard_boom_1,
	'boom-2': m.yard_boom_2,
	'boom-3': m.yard_boom_3,
	'boom-4': m.yard_boom_4,
	'boom-5': m.yard_boom_5,
	'boom-6': m.yard_boom_6,
	'boom-7': m.yard_boom_7,
	'boom-8': m.yard_boom_8,
	'boom-9': m.yard_boom_9,
	'thrower-1': m.yard_thrower_1,
	'thrower-2': m.yard_thrower_2,
	'thrower-3': m.yard_thrower_3,
	'thrower-4': m.yard_thrower_4,
	'blower-1': m.yard_blower_1,
	'blower-2': m.yard_blower_2,
	'blower-3': m.yard_blower_3,
	'blower-4': m.yard_blower_4,
	'blower-5': m.yard_blower_5,
	'knapsack-1': m.yard_knapsack_1,
	'knapsack-2': m.yard_knapsack_2,
	'knapsack-3': m.yard_knapsack_3,
	'knapsack-4': m.yard_knapsack_4,
	'mist-1': m.yard_mist_1,
	'mist-2': m.yard_mist_2
};

/** What an exercise is called. */
export const exerciseTitle = (exercise: Pick<Exercise, 'id'>): string => {
	const free = exercise.id.startsWith('free-');
	const title = titles[free ? exercise.id.slice('free-'.length) : exercise.id]?.() ?? exercise.id;
	return free ? m.yard_free({ title }) : title;
};

export const levelWords: Readonly<Record<Exercise['level'], string>> = {
	get 1() {
		return m.yard_level_1();
	},
	get 2() {
		return m.yard_level_2();
	},
	get 3() {
		return m.yard_level_3();
	},
	get 4() {
		return m.yard_level_4();
	}
};

const faultWords: Readonly<Record<FaultKind, () => string>> = {
	'nozzle-blocked': m.fault_nozzle_blocked,
	'nozzle-worn': m.fault_nozzle_worn,
	'nozzle-larger': m.fault_nozzle_larger,
	'nozzle-smaller': m.fault_nozzle_smaller,
	'set-worn': m.fault_set_worn,
	'section-filter': m.fault_section_filter,
	'main-filter': m.fault_main_filter,
	hose: m.fault_hose,
	'gauge-high': m.fault_gauge_high,
	'gauge-low': m.fault_gauge_low,
	'dial-fast': m.fault_dial_fast,
	'dial-slow': m.fault_dial_slow,
	'revs-high': m.fault_revs_high,
	'revs-low': m.fault_revs_low,
	'jug-high': m.fault_jug_high,
	'jug-low': m.fault_jug_low,
	'course-long': m.fault_course_long,
	'course-short': m.fault_course_short,
	'height-low': m.fault_height_low,
	'height-high': m.fault_height_high,
	'sight-high': m.fault_sight_high,
	'sight-low': m.fault_sight_low
};

/** What a kind of fault is called, without its place. */
export const faultName = (kind: FaultKind): string => faultWords[kind]();

/** A fault with its place: `Nozzle 9: partly blocked`. */
export function faultText({ kind, at }: Claim, exercise: Pick<Exercise, 'sprayer'>): string {
	if (at === null) return faultName(kind);
	const names = namesOf(practiceSprayers[exercise.sprayer].sprayer);
	const place = atNozzle(kind) ? names.nozzle(at) : atSection(kind) ? names.section(at - 1) : '';
	return place === '' ? faultName(kind) : m.fault_at({ place, what: faultName(kind) });
}

/** What is taped, in words. */
export const tapedWords: Readonly<Record<TapedThing, () => string>> = {
	course: m.yard_tape_course,
	ground: m.yard_tape_ground,
	spacing: m.yard_tape_spacing,
	height: m.yard_tape_height
};

const tools: Readonly<Record<ActionKind, () => string>> = {
	set: m.yard_set,
	drive: m.yard_drive,
	catch: m.yard_catch,
	pans: m.yard_pans,
	wet: m.yard_wet,
	park: m.yard_park,
	cover: m.yard_cover,
	dip: m.yard_dip,
	fill: m.yard_fill,
	tape: m.yard_tape_course,
	'test-gauge': m.yard_test_gauge,
	'count-revs': m.yard_count_revs,
	'check-jug': m.yard_check_jug,
	'check-sight': m.yard_check_sight,
	'open-filter': m.yard_open_main_filter,
	brush: m.yard_brush,
	replace: m.yard_replace,
	'replace-hose': m.yard_replace_hose,
	'read-stamp': m.yard_read_stamp,
	'look-fans': m.yard_look_fans
};

/** What one does, in words: `Tape the course`, `Brush nozzle 4`. */
export function toolText(action: YardAction, exercise: Pick<Exercise, 'sprayer'>): string {
	const names = namesOf(practiceSprayers[exercise.sprayer].sprayer);
	switch (action.do) {
		case 'tape':
			return tapedWords[action.what]();
		case 'open-filter':
			return action.section === null
				? tools['open-filter']()
				: m.yard_open_section_filter({ section: names.section(action.section - 1).toLowerCase() });
		case 'brush':
		case 'read-stamp':
			return m.yard_tool_at({ tool: tools[action.do](), place: names.nozzle(action.nozzle).toLowerCase() });
		case 'replace':
			return action.nozzle === null
				? m.yard_replace_all()
				: m.yard_tool_at({ tool: tools.replace(), place: names.nozzle(action.nozzle).toLowerCase() });
		case 'catch':
			return action.nozzles.length === 1
				? m.yard_tool_at({ tool: tools.catch(), place: names.nozzle(action.nozzles[0]!).toLowerCase() })
				: tools.catch();
		default:
			return tools[action.do]();
	}
}

const sources: Readonly<Record<ErrorSource, { readonly name: () => string; readonly why: () => string }>> = {
	watch: { name: m.source_watch, why: m.source_watch_why },
	pace: { name: m.source_pace, why: m.source_pace_why },
	course: { name: m.source_course, why: m.source_course_why },
	width: { name: m.source_width, why: m.source_width_why },
	'jug-marks': { name: m.source_jug_marks, why: m.source_jug_marks_why },
	'jug-reading': { name: m.source_jug_reading, why: m.source_jug_reading_why },
	hold: { name: m.source_hold, why: m.source_hold_why },
	ground: { name: m.source_ground, why: m.source_ground_why },
	'tank-reading': { name: m.source_tank_reading, why: m.source_tank_reading_why },
	'parked-time': { name: m.source_parked_time, why: m.source_parked_time_why },
	stated: { name: m.source_stated, why: m.source_stated_why },
	'changed-since': { name: m.source_changed, why: m.source_changed_why },
	rest: { name: m.source_rest, why: m.source_rest_why }
};

/** Where an error came from, and why that is one. */
export const sourceText = (source: ErrorSource): { readonly name: string; readonly why: string } => ({
	name: sources[source].name(),
	why: sources[source].why()
});

/** Minutes and seconds of yard time: `4 min 20 s`, `45 s`. */
export function yardTime(seconds: number): string {
	const whole = Math.round(seconds);
	const minutes = Math.floor(whole / factor('time', 'min'));
	const rest = whole - minutes * factor('time', 'min');
	if (minutes === 0) return m.yard_seconds({ rest });
	return rest === 0 ? m.yard_minutes({ minutes }) : m.yard_minutes_seconds({ minutes, rest });
}
