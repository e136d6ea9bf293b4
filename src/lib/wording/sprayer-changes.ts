import { m } from '$words';
import type { TypedSprayer, Typed } from '../../core';
import { typedText } from '../settings/typed-text';

/** What a correction of a sprayer can touch that a calibration goes by, in words. */
const names: Partial<Record<keyof TypedSprayer, string>> = {
	get name() {
		return m.name_inline();
	},
	get nozzles() {
		return m.nozzles_inline();
	},
	get sections() {
		return m.sections_inline();
	},
	get spacing() {
		return m.nozzle_spacing_inline();
	},
	get sectionNames() {
		return m.names_of_sections();
	},
	get stacked() {
		return m.nozzles_at_each_place_inline();
	},
	get groups() {
		return m.which_nozzle_is_which_inline();
	},
	get nozzle() {
		return m.stamped_on_the_nozzle_inline();
	},
	tank: 'tank',
	get rowSpacing() {
		return m.row_spacing_inline();
	},
	get drive() {
		return m.what_turns_the_pump_inline();
	},
	get carrier() {
		return m.what_carries_it_inline();
	},
	get carried() {
		return m.how_it_is_carried_inline();
	}
};

const isTyped = (value: unknown): value is Typed => typeof value === 'object' && value !== null && 'text' in value;
function text(sprayer: TypedSprayer, key: keyof TypedSprayer): string {
	const value = sprayer[key];
	if (key === 'nozzles' && sprayer.uncounted) return m.not_counted();
	if (value === undefined || value === null || value === '') return m.none();
	if (isTyped(value)) return typedText(value);
	return Array.isArray(value)
		? value.join(', ')
		: typeof value === 'string' || typeof value === 'number'
			? `${value}`
			: '';
}

/** What differs between two states of a sprayer: `nozzles 12 → 14`; all else, such as ratings and pressures, in one word. */
export function sprayerChanges(before: TypedSprayer, after: TypedSprayer): readonly string[] {
	const differs = (key: keyof TypedSprayer) =>
		JSON.stringify(before[key] ?? null) !== JSON.stringify(after[key] ?? null);
	const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof TypedSprayer)[];
	const changed = keys.filter((key) => key !== 'uncounted' && differs(key));
	const told = changed.flatMap((key) => {
		const name = names[key];
		return name ? [`${name} ${text(before, key)} → ${text(after, key)}`] : [];
	});
	return told.length < changed.length ? [...told, m.ratings_pressures_or_other_figures()] : told;
}
