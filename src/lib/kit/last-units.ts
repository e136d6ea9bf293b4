import type { UnitChoice } from '$lib/settings/unit-lists';

const place = 'fallow-last-units';

/** Units as they were last picked on this device, by the field's own unit. A device that keeps nothing forgets them. */
function kept(): Record<string, string> {
	try {
		return JSON.parse(localStorage.getItem(place) ?? '{}') as Record<string, string>;
	} catch {
		return {};
	}
}

/** The units of a field with the last one that was picked first. */
export function lastFirst(own: string, units: readonly UnitChoice[]): readonly UnitChoice[] {
	const last = units.find((u) => u.value === kept()[own]);
	return last ? [last, ...units.filter((u) => u !== last)] : units;
}

export function rememberUnit(own: string, picked: string): void {
	try {
		localStorage.setItem(place, JSON.stringify({ ...kept(), [own]: picked }));
	} catch {
		// Nothing rests on it.
	}
}
