import { relativeU } from '$core';
import { shownRate } from '$lib/show/answer';
import type { CalibrationState } from './calibration.svelte';

/** The spray volume so far in the farm's unit, with its ±; null while nothing follows from the readings. */
export const shownAnswer = ({ answer, settings }: Pick<CalibrationState, 'answer' | 'settings'>) =>
	answer && shownRate(answer.rate.value, 2 * relativeU(answer.rate), settings.rateUnit, settings.decimalComma);
