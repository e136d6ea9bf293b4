import type { Typed } from '../../core';
import type { FarmSettings } from './farm-settings';

/** A typed reading that reads the same on any day: a bare number gets its field's unit, and the farm's decimal sign. */
export function lastingText(t: Typed, settings: Pick<FarmSettings, 'decimalComma'>): string {
	const signed =
		(t.comma ?? false) === settings.decimalComma ? t.text : t.text.replace(/[.,]/, (s) => (s === ',' ? '.' : ','));
	return /^[\d.,\s/½¼¾]+$/.test(signed) ? `${signed} ${t.unit}` : signed;
}
