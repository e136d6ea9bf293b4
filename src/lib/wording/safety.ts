import type { Stop, StopCode } from '../../core';

/** What stops the work, in words that stand before its reason. */
export const stopWords: Readonly<Record<StopCode, string>> = {
	'inversion-hours': 'Inversion hours: cold air may lie on the ground',
	'smoke-hangs': 'Smoke hangs or drifts in a layer',
	'wind-over': 'Wind over the limit',
	'wind-under': 'Wind under the label’s least',
	'gust-over': 'Gusts over the label’s limit',
	'downwind-forbidden': 'The wind blows toward what the label forbids',
	'delta-t-over': 'Delta-T over the limit',
	'temperature-outside': 'Temperature outside the label’s range',
	'humidity-outside': 'Humidity outside the label’s range',
	'rain-coming': 'Rain within the label’s rain-free time',
	'over-max': 'Over the label maximum',
	'over-season': 'Over the season maximum',
	'too-many-applications': 'More applications than the label allows',
	'too-few-days': 'Too few days since the last application',
	'volume-under': 'Spray volume under the label’s range',
	'volume-over': 'Spray volume over the label’s range',
	'before-harvest': 'Inside the pre-harvest interval',
	'finer-drops': 'Drops finer than the label allows',
	'not-concentrate': 'The label does not allow concentrate spraying',
	'poured-over-max': 'More poured than the label maximum'
};

/** Intervals of a label that nobody entered. */
export const notEnteredWords = (what: readonly ('entry' | 'harvest')[]): string =>
	what.map((w) => (w === 'entry' ? 'Re-entry interval' : 'Pre-harvest interval')).join(', ');

/** The intervals of a label in words; one that nobody entered says so. */
export const intervalWords = (label: {
	readonly entryHours: number | null;
	readonly harvestDays: number | null;
}): readonly string[] => [
	`re-entry interval ${label.entryHours === null ? 'not entered: read the label' : `${label.entryHours} h`}`,
	`pre-harvest interval ${
		label.harvestDays === null
			? 'not entered: read the label'
			: `${label.harvestDays} ${label.harvestDays === 1 ? 'day' : 'days'}`
	}`
];

/** A stop with whose it is. */
export const stopTitle = ({ code, about }: Stop): string =>
	about === '' ? stopWords[code] : `${about}: ${stopWords[code]}`;

/** A stop that nobody passed, told where something is refused for it. */
export const stopMessage = (stop: Stop): string =>
	`Stop. ${stopTitle(stop)}. Change the job, or write the reason for going on.`;
