import { m } from '$words';
import type { Finding } from '../../core';
import { factor, showDecimals, showFigure, usualSpeeds } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import { methodWords } from './methods';
import type { NozzleNames } from './nozzle-names';
import { boomNames } from './nozzle-names';

export interface FindingWords {
	readonly title: string;
	readonly body: string;
	/** How loud: `look` asks for a look or an action, `stop` says that the reading should not be used as it is. */
	readonly tone: 'look' | 'stop';
}

const cleaning = () => m.clean_it_with_a_soft_brush();

/** Figures of a finding in a farm's own measures and sign; both measures where no farm is asked for, as on the command line. */
function figuresOf(settings: FarmSettings | null) {
	const comma = settings?.decimalComma ?? false;
	const units = settings && fieldUnits(settings);
	const figure = (value: number, digits: number) => showFigure(value, digits, comma);
	const one = (kind: 'length' | 'pressure', value: number, unit: string) =>
		`${figure(value / factor(kind, unit), 3)} ${unit}`;
	return {
		percent: (share: number) => {
			const p = Math.abs(share) * 100;
			return `${showDecimals(p, p < 9.95 ? 1 : 0, comma)} %`.replace(/[.,]0 %/, ' %');
		},
		seconds: (time: number) => `${figure(time, 3)} s`,
		/** One speed, or the two ends of a range. */
		speed: (...speeds: readonly number[]) => {
			const told = (unit: 'km/h' | 'mph') =>
				speeds.map((v) => `${showDecimals(v / factor('speed', unit), 1, comma)} ${unit}`).join(m.to_spaced());
			if (units) return told(units.speed === 'mph' ? 'mph' : 'km/h');
			return `${told('km/h')} (${told('mph')})`;
		},
		/** Along the ground: a course, a swath. */
		course: (length: number) => {
			const unit = units?.course ?? 'm';
			const value = length / factor('length', unit);
			return `${showDecimals(value, 1, comma).replace(/[.,]0$/, '')} ${unit}`;
		},
		/** A height, or another small length. */
		height: (length: number) =>
			units ? one('length', length, units.spacing) : `${one('length', length, 'm')} (${one('length', length, 'ft')})`,
		pressure: (pressure: number) =>
			units
				? one('pressure', pressure, units.pressure)
				: `${one('pressure', pressure, 'bar')} (${one('pressure', pressure, 'psi')})`,
		/** 100 ft or 30 m, and what is better. */
		shortCourse: !units
			? ['30 m (100 ft)', '60 m (200 ft)']
			: units.course === 'ft'
				? ['100 ft', '200 ft']
				: ['30 m', '60 m']
	};
}

/**
 * A finding in words: what, how much, why Fallow thinks so, and what to do. `names`: what the sprayer's nozzles and sections
 * are called; by number along a boom when left out. `settings`: the farm's, for its measures and its decimal sign.
 */
export function wordFinding(
	finding: Finding,
	names: NozzleNames = boomNames,
	settings: FarmSettings | null = null
): FindingWords {
	const f = figuresOf(settings);
	const sentence = sentences[finding.code] as (finding: Finding, means: Means) => FindingWords;
	return sentence(finding, { f, names, percent: f.percent });
}

/** What a sentence is made with: the farm's figures, and what its nozzles are called. */
interface Means {
	readonly f: ReturnType<typeof figuresOf>;
	readonly names: NozzleNames;
	readonly percent: (share: number) => string;
}

const sentences: {
	[Code in Finding['code']]: (finding: Extract<Finding, { code: Code }>, means: Means) => FindingWords;
} = {
	'nozzle-low': (finding, { names, percent }) => ({
		tone: 'look',
		title: m.is_nozzle({
			nozzle: names.nozzle(finding.nozzle),
			share: percent(finding.share),
			which: finding.by ? m.under_its_rated_flow() : m.low_inline()
		}),
		body: finding.neighbours
			? m.its_neighbours_are_even_so_this({ cleaning: cleaning() })
			: m.look_at_its_filter_and_mouth({ cleaning: cleaning() })
	}),
	'nozzle-blocked': (finding, { names }) => ({
		tone: 'stop',
		title: m.is_blocked({ nozzle: names.nozzle(finding.nozzle) }),
		body: m.it_gives_under_a_tenth_of({ cleaning: cleaning() })
	}),
	'nozzle-high': (finding, { names, percent }) => ({
		tone: 'look',
		title: m.is_nozzle({
			nozzle: names.nozzle(finding.nozzle),
			share: percent(finding.share),
			which: finding.by ? m.over_its_rated_flow() : m.high_inline()
		}),
		body: m.it_is_worn_cracked_or_the()
	}),
	'section-low': (finding, { names, percent }) => ({
		tone: 'look',
		title: m.is_low_as_a_whole({ section: names.section(finding.section), share: percent(finding.share) }),
		body: m.all_of_its_nozzles_to_are({ first: finding.nozzles[0] ?? '', last: finding.nozzles.at(-1) ?? '' })
	}),
	'two-sizes': (finding, { names, percent }) => ({
		tone: 'look',
		title: m.give_less_than_the_others({
			small: listed(finding.small, names),
			share: percent(finding.share),
			count: finding.small.length
		}),
		body: m.that_looks_like_two_sizes_of()
	}),
	'third-out': (finding) => ({
		tone: 'stop',
		title: m.of_nozzles_are_out_of_the({ out: finding.out, caught: finding.caught }),
		body: m.more_than_a_third_of_the()
	}),
	'set-over-rated': (finding, { percent }) => ({
		tone: 'look',
		title: m.more_than_rated({ group: setName(finding.group), share: percent(finding.share) }),
		body: m.over_10_the_nozzles_are_worn()
	}),
	'set-under-rated': (finding, { percent }) => ({
		tone: 'look',
		title: m.less_than_rated({ group: setName(finding.group), share: percent(finding.share) }),
		body: m.all_are_low_alike_the_gauge()
	}),
	'run-apart': (finding, { percent }) => ({
		tone: 'look',
		title: m.run_is_than_the_others({
			run: finding.run,
			share: percent(finding.share),
			which: finding.share > 0 ? m.slower_inline() : m.faster_inline()
		}),
		body: m.that_is_more_than_a_stopwatch()
	}),
	'catch-apart': (finding, { names, percent }) => ({
		tone: 'look',
		title: m.was_caught_twice_apart({ nozzle: names.nozzle(finding.nozzle), share: percent(finding.share) }),
		body: m.two_catches_of_one_nozzle_should()
	}),
	'speed-unusual': (finding, { f }) => {
		const [low, high] = usualSpeeds[finding.rig];
		const whose = {
			boom: m.a_boom(),
			tractor: m.a_boom_on_a_tractor(),
			atv: m.a_small_boom(),
			'self-propelled': m.a_self_propelled_boom(),
			boomless: m.a_boomless_sprayer(),
			airblast: m.an_airblast_sprayer(),
			'on foot': m.a_walk()
		};
		return {
			tone: 'look',
			title: m.is_for({
				speed: f.speed(finding.speed),
				which: finding.slow ? m.slow() : m.fast(),
				whose: whose[finding.rig]
			}),
			body: m.usual_is_check_the_course_length({ low: f.speed(low, high) })
		};
	},
	'swath-passed-by': (finding, { f, percent }) => ({
		tone: 'look',
		title: m.a_swath_would_be_even_too({ width: f.course(finding.width) }),
		body: m.its_cv_is_but_the_next({ cv: percent(finding.cv) })
	}),
	'course-short': (finding, { f }) => ({
		tone: 'look',
		title: m.a_course_of_is_short({ course: f.course(finding.course) }),
		body: m.under_the_thumb_on_the_stopwatch({ shortCourse: f.shortCourse[0] ?? '', longer: f.shortCourse[1] ?? '' })
	}),
	'catch-too-short': (finding, { f, percent }) => ({
		tone: 'look',
		title: m.a_catch_is_good_to({ time: f.seconds(finding.time), good: percent(finding.good) }),
		body: m.that_is_too_coarse_to_judge({ needed: finding.needed })
	}),
	'falling-from-feed': (finding, { percent }) => ({
		tone: 'look',
		title: m.the_catches_fall_away_from({
			share: percent(finding.share),
			which:
				finding.from === 'centre' ? m.the_middle() : m.the({ from: finding.from === 'left' ? m.left() : m.right() })
		}),
		body: m.they_fall_steadily_nozzle_by_nozzle()
	}),
	'sides-apart': (finding, { percent }) => ({
		tone: 'look',
		title: m.the_side_gives_more_than_the({
			which: finding.share > 0 ? m.right() : m.left(),
			percent: percent(finding.share > 0 ? finding.share : 1 / (1 + finding.share) - 1),
			which2: finding.share > 0 ? m.left() : m.right()
		}),
		body: m.more_than_5_between_the_sides()
	}),
	'used-apart': (finding, { percent }) => ({
		tone: 'look',
		title: m.tank_reading_is_the_others({
			reading: finding.reading,
			share: percent(finding.share),
			which: finding.share > 0 ? m.over() : m.under()
		}),
		body: m.repeats_should_agree_within_5_if()
	}),
	'swath-none-even': (finding, { percent }) => ({
		tone: 'look',
		title: m.no_swath_from_these_pans_is(),
		body: m.no_width_that_can_be_driven({ limit: percent(finding.limit) })
	}),
	'methods-apart': (finding, { percent }) => ({
		tone: 'look',
		title: m.says({
			name: methodWords[finding.method].name,
			share: percent(finding.share),
			which: finding.share > 0 ? m.more() : m.less()
		}),
		body: m.the_two_ways_may_differ_by({ joint: percent(finding.joint) })
	}),
	'height-outside': (finding, { f }) => ({
		tone: 'look',
		title: m.nozzles_at_are({
			height: f.height(finding.height),
			which: finding.height < finding.low ? m.low_inline() : m.high_inline()
		}),
		body: m.the_maker_gives_to_outside_of({ low: f.height(finding.low), high: f.height(finding.high) })
	}),
	'pressure-outside': (finding, { f }) => ({
		tone: 'look',
		title: m.is_the_sprayers_range({
			pressure: f.pressure(finding.pressure),
			which: finding.pressure < finding.low ? m.under() : m.over()
		}),
		body: m.it_is_made_for_to_below({ low: f.pressure(finding.low), high: f.pressure(finding.high) })
	}),
	'caught-together': (finding, { names }) => ({
		tone: 'look',
		title: m.were_caught_together({ nozzles: listed(finding.nozzles, names) }),
		body: m.their_total_counts_a_blocked_nozzle()
	}),
	'sample-of-one': (finding) => ({
		tone: 'look',
		title: m.one_nozzle_stands_for({ nozzles: finding.nozzles }),
		body: m.nothing_is_known_about_the_others()
	})
};

/** Nozzles by name, the first three of them. */
const listed = (numbers: readonly number[], names: NozzleNames) =>
	`${numbers.slice(0, 3).map(names.nozzle).join(', ')}${numbers.length > 3 ? m.and_more_count({ count: numbers.length - 3 }) : ''}`;

const setName = (group: string) => (group === '' ? m.the_set_gives() : m.the_nozzles_give({ group }));
