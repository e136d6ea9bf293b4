import { m } from '$words';
import { showDecimals } from '$core';

/** A time that was stopped, as a person types it: `45.2 s`; a long one `12 min 30 s`. */
export function timeText(seconds: number, long: boolean, decimalComma: boolean): string {
	if (!long) return `${showDecimals(seconds, 1, decimalComma)} s`;
	const whole = Math.round(seconds);
	const minutes = Math.floor(whole / 60);
	return minutes === 0 ? `${whole} s` : m.min_s({ minutes, whole: whole % 60 });
}
