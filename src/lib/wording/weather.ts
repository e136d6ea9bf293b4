import { m } from '$words';
import type { RuleFinding, Sky, SmokeTest, WeatherLimits, WeatherRule } from '../../core';
import { inUnit, showDecimals, si } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import { compassWords, neighbourWords } from './ground';

export const ruleNames: Readonly<Record<WeatherRule, string>> = {
	get wind() {
		return m.wind();
	},
	get gust() {
		return m.gusts_title();
	},
	get inversion() {
		return m.inversion();
	},
	get drift() {
		return m.downwind();
	},
	get 'delta-t'() {
		return m.delta_t();
	},
	get temperature() {
		return m.air();
	},
	get humidity() {
		return m.humidity_title();
	},
	get rain() {
		return m.rain();
	},
	get dew() {
		return m.dew_title();
	}
};

export const skyWords: Readonly<Record<Sky, string>> = {
	get clear() {
		return m.clear();
	},
	get partly() {
		return m.part_cloud();
	},
	get overcast() {
		return m.overcast();
	}
};

export const smokeWords: Readonly<Record<SmokeTest, string>> = {
	get mixes() {
		return m.smoke_mixes();
	},
	get hangs() {
		return m.smoke_hangs();
	}
};

/** To a tenth, where it has one: a limit is told as it was set. */
const tenths = (v: number, comma: boolean) => showDecimals(v, Math.round(v * 10) % 10 === 0 ? 0 : 1, comma);
const hours = (h: number, comma: boolean) => `${showDecimals(h, h < 10 && h % 1 !== 0 ? 1 : 0, comma)} h`;
/** A difference of temperatures, as a farm sets its limits. */
const difference = (v: number, comma: boolean) => `${tenths(v, comma)} °C`;

/** One rule in words: its figure, and what it means. */
export function wordRule(
	f: RuleFinding,
	limits: WeatherLimits,
	settings: FarmSettings
): { readonly figure: string; readonly text: string } {
	const comma = settings.decimalComma;
	const unit = fieldUnits(settings).speed;
	const speed = (v: number) => `${showDecimals(inUnit('speed', si<'speed'>(v), unit), 1, comma)} ${unit}`;
	const degrees = (v: number) => (unit === 'mph' ? `${tenths((v * 9) / 5 + 32, comma)} °F` : `${tenths(v, comma)} °C`);
	return { figure: figureOf(f, { speed, degrees, comma }), text: texts[f.why](f, limits, { speed, degrees, comma }) };
}

interface Shows {
	readonly speed: (v: number) => string;
	readonly degrees: (v: number) => string;
	readonly comma: boolean;
}

function figureOf({ rule, figure }: RuleFinding, { speed, degrees, comma }: Shows): string {
	if (figure === null) return '';
	switch (rule) {
		case 'wind':
		case 'gust':
			return speed(figure);
		case 'delta-t':
			return `${showDecimals(figure, 1, comma)} °C`;
		case 'temperature':
			return degrees(figure);
		case 'humidity':
			return `${showDecimals(figure, 0, comma)} %`;
		case 'rain':
			return figure >= 96 ? m.none_in_sight() : m.in_word({ figure: hours(figure, comma) });
		case 'inversion':
		case 'drift':
		case 'dew':
			return '';
	}
}

const ends = (low: number | null, high: number | null, shown: (v: number) => string) =>
	low === null
		? m.up_to({ shown: shown(high!) })
		: high === null
			? m.from_low({ low: shown(low) })
			: m.to_low({ low: shown(low), high: shown(high) });
const named = ({ toward }: RuleFinding) =>
	toward
		.map(({ what, side, note }) => {
			const told = { what: neighbourWords[what].toLowerCase(), side: compassWords[side] };
			return note ? m.in_the_noted({ ...told, note }) : m.in_the(told);
		})
		.join(', ');

type Words = (f: RuleFinding, limits: WeatherLimits, shows: Shows) => string;
const outside: Words = ({ rule }, { humidity, temperature }, { degrees, comma }) =>
	rule === 'humidity'
		? m.the_label_allows_stop({ low: ends(humidity.low, humidity.high, (v) => `${tenths(v, comma)} %`) })
		: m.the_label_allows_stop({ low: ends(temperature.low, temperature.high, degrees) });

/** What is good about a rule that holds, where it is more than that it lies within the limits. */
const holds: Partial<Record<WeatherRule, Words>> = {
	'delta-t': () => m.good_sentence(),
	inversion: () => m.the_air_mixes(),
	rain: (_, { rainFree }, { comma }) =>
		rainFree > 0 ? m.the_label_asks_for_without_rain({ rainFree: hours(rainFree, comma) }) : m.within_the_limits()
};

const texts: Readonly<Record<RuleFinding['why'], Words>> = {
	unknown: ({ rule }) => (rule === 'inversion' ? m.not_known_it_takes_the_wind() : m.not_known_look_and_enter_it()),
	strong: ({ byLabel, state }, { windHigh }, { speed }) =>
		m.over_limit_of({
			which: byLabel ? m.the_labels() : m.the_farms(),
			windHigh: speed(windHigh),
			which2: state === 'stop' ? m.stop_inline() : m.look_again()
		}),
	'under-least': (_, { windLeast }, { speed }) => m.under_the_labels_least_wind_of({ windLeast: speed(windLeast) }),
	still: (_, { windLow }, { speed }) => m.under_drops_can_hang_and_wander({ windLow: speed(windLow) }),
	'inversion-hours': (_, __, { comma }) => m.from_before_sunset_to_2_h({ hours: hours(1.5, comma) }),
	'smoke-hangs': () => m.smoke_hangs_or_drifts_in_a_layer(),
	'smoke-mixes': () => m.the_smoke_test_says_that_the(),
	'wet-air': (_, { deltaLow }, { comma }) =>
		m.under_drops_hardly_dry_they_stay({ deltaLow: difference(deltaLow, comma) }),
	'dry-air': (_, { deltaHigh }, { comma }) =>
		m.over_drops_dry_fast_coarser_drops({ deltaHigh: difference(deltaHigh, comma) }),
	'very-dry-air': (_, { deltaMost }, { comma }) =>
		m.over_poor_wait_for_cooler_or({ deltaMost: difference(deltaMost, comma) }),
	'no-verdict': () => m.below_freezing_no_rule_tells_what(),
	low: outside,
	high: outside,
	'rain-coming': (_, { rainFree }, { comma }) =>
		m.the_label_asks_for_without_rain_stop({ rainFree: hours(rainFree, comma) }),
	toward: (f) => m.the_wind_blows_toward({ f: named(f) }),
	forbidden: (f) => m.the_wind_blows_toward_a_label({ f: named(f) }),
	away: () => m.the_wind_blows_toward_nothing_that(),
	dew: () => m.leaves_are_wet_spray_can_run(),
	within: (...all) => holds[all[0].rule]?.(...all) ?? m.within_the_limits()
};
