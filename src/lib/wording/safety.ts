import { m } from '$words';
import type { Stop, StopCode } from '../../core';

/** What stops the work, in words that stand before its reason. */
export const stopWords: Readonly<Record<StopCode, string>> = {
	get 'inversion-hours'() {
		return m.inversion_hours_cold_air_may_lie();
	},
	get 'smoke-hangs'() {
		return m.smoke_hangs_or_drifts_in_a();
	},
	get 'wind-over'() {
		return m.wind_over_the_limit();
	},
	get 'wind-under'() {
		return m.wind_under_the_labels_least();
	},
	get 'gust-over'() {
		return m.gusts_over_the_labels_limit();
	},
	get 'downwind-forbidden'() {
		return m.the_wind_blows_toward_what_the();
	},
	get 'delta-t-over'() {
		return m.delta_t_over_the_limit();
	},
	get 'temperature-outside'() {
		return m.temperature_outside_the_labels_range();
	},
	get 'humidity-outside'() {
		return m.humidity_outside_the_labels_range();
	},
	get 'rain-coming'() {
		return m.rain_within_the_labels_rain_free();
	},
	get 'over-max'() {
		return m.over_the_label_maximum();
	},
	get 'over-season'() {
		return m.over_the_season_maximum_title();
	},
	get 'too-many-applications'() {
		return m.more_applications_than_the_label_allows_title();
	},
	get 'too-few-days'() {
		return m.too_few_days_since_the_last();
	},
	get 'volume-under'() {
		return m.spray_volume_under_the_labels_range();
	},
	get 'volume-over'() {
		return m.spray_volume_over_the_labels_range();
	},
	get 'before-harvest'() {
		return m.inside_the_pre_harvest_interval_title();
	},
	get 'finer-drops'() {
		return m.drops_finer_than_the_label_allows();
	},
	get 'not-concentrate'() {
		return m.the_label_does_not_allow_concentrate_spraying();
	},
	get 'poured-over-max'() {
		return m.more_poured_than_the_label_maximum();
	}
};

/** Intervals of a label that nobody entered. */
export const notEnteredWords = (what: readonly ('entry' | 'harvest')[]): string =>
	what.map((w) => (w === 'entry' ? m.re_entry_interval_title() : m.pre_harvest_interval_title())).join(', ');

/** The intervals of a label in words; one that nobody entered says so. */
export const intervalWords = (label: {
	readonly entryHours: number | null;
	readonly harvestDays: number | null;
}): readonly string[] => [
	m.re_entry_interval_which({
		which: label.entryHours === null ? m.not_entered_read_the_label_inline() : `${label.entryHours} h`
	}),
	m.pre_harvest_interval_which({
		which:
			label.harvestDays === null
				? m.not_entered_read_the_label_inline()
				: m.days_harvest_days({ harvestDays: label.harvestDays })
	})
];

/** A stop with whose it is. */
export const stopTitle = ({ code, about }: Stop): string =>
	about === '' ? stopWords[code] : `${about}: ${stopWords[code]}`;

/** A stop that nobody passed, told where something is refused for it. */
export const stopMessage = (stop: Stop): string => m.stop_change_the_job_or_write({ stop: stopTitle(stop) });
