import { m } from '$words';
import { dayText } from '../settings/day-text';
import type { JobBlock, JobState, LabelFinding, RunLoad, Split } from '../../core';
import { factor, showFigure } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, longUnit, shortUnit } from '../settings/field-units';
import { typedText } from '../settings/typed-text';
import { timeAt } from '../settings/farm-time';
import { dropletWords } from './nozzles';

export const splitWords: Readonly<Record<Split, { readonly name: string; readonly why: string }>> = {
	'full-then-part': {
		get name() {
			return m.full_then_a_part();
		},
		get why() {
			return m.full_tanks_and_what_is_left();
		}
	},
	equal: {
		get name() {
			return m.equal_loads();
		},
		get why() {
			return m.every_load_alike_one_note_for();
		}
	},
	'whole-rows': {
		get name() {
			return m.whole_rows();
		},
		get why() {
			return m.each_load_ends_at_a_rows();
		}
	},
	'whole-packs': {
		get name() {
			return m.whole_containers();
		},
		get why() {
			return m.each_load_empties_the_containers_that();
		}
	}
};

export const jobStates: Readonly<Record<JobState, string>> = {
	get planned() {
		return m.planned_title();
	},
	get 'under-way'() {
		return m.under_way();
	},
	get sprayed() {
		return m.sprayed();
	},
	get closed() {
		return m.closed();
	}
};

/** How far a load is. */
export const runActWords: Readonly<Record<RunLoad['state'], string>> = {
	get dry() {
		return m.to_mix();
	},
	get mixing() {
		return m.mixing_now();
	},
	get mixed() {
		return m.mixed();
	},
	get spraying() {
		return m.spraying();
	},
	get paused() {
		return m.paused();
	},
	get out() {
		return m.load_state_out();
	}
};

/** A block of a job with the part of it that is sprayed. */
export function partWords({ name, share, part }: JobBlock): string {
	if (part?.by === 'rows') return m.rows_to_name({ name, from: part.from, to: part.to });
	if (part?.by === 'strips') return m.strips_of({ name, width: typedText(part.width) });
	return share === 1 ? name : m.of_round({ figure: Math.round(share * 100), name });
}

interface Means {
	readonly settings: FarmSettings;
	readonly comma: boolean;
	readonly percent: (share: number) => string;
	/** How much over: in percent, or how many times. */
	readonly times: (ratio: number) => string;
	readonly factorOf: (ratio: number) => string;
	readonly volume: (v: number) => string;
}
interface LabelWords {
	readonly title: string;
	readonly body: string;
}
/** The findings of one code; several codes share a shape. */
type Of<C, F = LabelFinding> = F extends { readonly code: string } ? (C extends F['code'] ? F : never) : never;
type Sentences = { readonly [C in LabelFinding['code']]: (f: Of<C>, means: Means) => LabelWords };

const intervalNames = {
	get entry() {
		return m.re_entry_interval();
	},
	get harvest() {
		return m.pre_harvest_interval();
	}
} as const;
const sentences: Sentences = {
	'inside-entry': (f, { settings }) => ({
		title: m.of_the_re_entry_interval_may({ product: f.product, day: dayText(f.day) }),
		body:
			f.until === null
				? m.its_label_asks_for_h_they({ within: f.within })
				: m.keep_out_until_h_by_its({ timeZone: timeAt(settings, f.until * 1000), within: f.within })
	}),
	'harvest-runs': (f) => ({
		title: m.of_no_harvest_until({ product: f.product, day: dayText(f.day), until: dayText(f.until) }),
		body: m.its_pre_harvest_interval_still_runs()
	}),
	'interval-empty': (f) => ({
		title: m.not_entered_product({
			product: f.product,
			which: f.day === null ? '' : m.of_day({ day: dayText(f.day) }),
			list: f.what.map((w) => intervalNames[w]).join(m.and_spaced())
		}),
		body: m.read_the_label_and_enter_it()
	}),
	'over-max': (f, { percent, times }) => ({
		title: m.the_label_maximum({ product: f.product, ratio: times(f.ratio) }),
		body: m.within_it_lies_of_this_dose({
			percent: percent(1 / f.ratio),
			strength: percent(f.strength),
			share: percent(f.share)
		})
	}),
	'within-max': (f, { comma, settings }) => {
		const units = fieldUnits(settings);
		const unit = f.kind === 'volume' ? units.dose : units.dryDose;
		const told = (v: number) =>
			showFigure(v / factor(f.kind === 'volume' ? 'volumePerArea' : 'massPerArea', unit), 2, comma);
		return {
			title: m.of_product({ product: f.product, on: told(f.on), most: told(f.most), unit: shortUnit(unit) }),
			body: m.what_this_spot_work_puts_on()
		};
	},
	'over-season': (f, { percent }) => ({
		title: m.over_the_season_maximum({
			product: f.product,
			which: f.active === '' ? '' : m.of_active({ active: f.active })
		}),
		body:
			f.within === 0
				? m.the_season_maximum_is_used_up({ which: f.active === '' ? '' : m.counted_over_all_products_that_hold() })
				: m.with_the_other_applications_of_this({
						ratio: percent(f.ratio),
						which: f.active === '' ? '' : m.counted_over_all_products_that_hold()
					})
	}),
	'too-many-applications': (f) => ({
		title: m.more_applications_than_the_label_allows({ product: f.product }),
		body: m.the_label_allows_in_a_season({ within: f.within, figure: Math.round(f.ratio * Math.max(1, f.within)) })
	}),
	'too-few-days': (f) => ({
		title: m.days_from_of({
			product: f.product,
			figure: Math.round(f.ratio * f.within),
			other: f.other,
			day: dayText(f.day)
		}),
		body: m.the_label_asks_for_days_between({ within: f.within })
	}),
	'volume-under': (f, { volume }) => ({
		title: m.too_little_water_for_its_label({ product: f.product }),
		body: m.the_label_asks_for_or_more({ within: volume(f.within) })
	}),
	'volume-over': (f, { volume }) => ({
		title: m.too_much_water_for_its_label({ product: f.product }),
		body: m.the_label_allows_up_to_adjust({ within: volume(f.within) })
	}),
	'finer-drops': (f) => ({
		title: m.drops({ product: f.product, dropletWords: dropletWords[f.drops] }),
		body: m.the_label_asks_for_or_coarser({ dropletWords: dropletWords[f.least] })
	}),
	'drops-unknown': (f) => ({
		title: m.drop_size_not_known({ product: f.product }),
		body: m.the_label_asks_for_or_coarser_look({ dropletWords: dropletWords[f.least] })
	}),
	'not-concentrate': (f, { factorOf }) => ({
		title: m.concentrate_is_not_allowed({ product: f.product, factor: factorOf(f.factor) }),
		body: m.the_label_does_not_allow_concentrate()
	}),
	'concentrate-unknown': (f, { factorOf }) => ({
		title: m.sprayed_concentrate({ product: f.product, factor: factorOf(f.factor) }),
		body: m.read_the_label_not_every_label()
	}),
	'over-run-off': (f, { percent }) => ({
		title: m.more_volume_than_the_canopy_holds({ product: f.product }),
		body: m.you_spray_of_the_volume_to({ percent: percent(1 / f.factor) })
	}),
	'bags-with-oil': (f) => ({
		title: m.bags_do_not_dissolve_with_oil({ product: f.product }),
		body: m.never_put_water_soluble_bags_in()
	}),
	'before-harvest': (f) => ({
		title: m.inside_the_pre_harvest_interval({ product: f.product }),
		body: m.it_asks_for_days_before_harvest({ within: f.within })
	}),
	'dose-under': (f, { percent }) => ({
		title: m.under_the_lowest_label_rate({ product: f.product, percent: percent(1 - f.ratio) }),
		body: m.less_than_that_can_fail_to()
	}),
	'dose-over': (f, { percent }) => ({
		title: m.over_the_highest_label_rate({ product: f.product, percent: percent(f.ratio - 1) }),
		body: m.check_it_against_the_label_in()
	})
};

/** What a job does against a label, with the figure that would be within. */
export function wordLabelFinding(f: LabelFinding, settings: FarmSettings): LabelWords {
	const comma = settings.decimalComma;
	const percent = (share: number) => `${showFigure(Math.abs(share) * 100, 3, comma)} %`;
	const sentence = sentences[f.code] as (f: LabelFinding, means: Means) => LabelWords;
	return sentence(f, {
		settings,
		comma,
		percent,
		times: (ratio) =>
			ratio < 2
				? m.over_percent({ percent: percent(ratio - 1) })
				: m.times_ratio({ ratio: showFigure(ratio, 3, comma) }),
		factorOf: (ratio) => `${showFigure(ratio, 3, comma)} ×`,
		volume: (v) =>
			`${showFigure(v / factor('volumePerArea', settings.rateUnit), 3, comma)} ${longUnit(settings.rateUnit)}`
	});
}
