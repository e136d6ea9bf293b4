import type { Rig, Typed } from '../../core';
import { typedText } from '../settings/typed-text';

/** What a correction of a sprayer can touch that a calibration goes by, in words. */
const names: Partial<Record<keyof Rig, string>> = {
	name: 'name',
	nozzles: 'nozzles',
	sections: 'sections',
	spacing: 'nozzle spacing',
	sectionNames: 'names of sections',
	stacked: 'nozzles at each place',
	groups: 'which nozzle is which',
	nozzle: 'stamped on the nozzle',
	tank: 'tank',
	rowSpacing: 'row spacing',
	drive: 'what turns the pump',
	carrier: 'what carries it',
	carried: 'how it is carried'
};

const isTyped = (value: unknown): value is Typed => typeof value === 'object' && value !== null && 'text' in value;
function text(rig: Rig, key: keyof Rig): string {
	const value = rig[key];
	if (key === 'nozzles' && rig.uncounted) return 'not counted';
	if (value === undefined || value === null || value === '') return 'none';
	if (isTyped(value)) return typedText(value);
	return Array.isArray(value)
		? value.join(', ')
		: typeof value === 'string' || typeof value === 'number'
			? `${value}`
			: '';
}

/** What differs between two states of a sprayer: `nozzles 12 → 14`; all else, such as ratings and pressures, in one word. */
export function rigChanges(before: Rig, after: Rig): readonly string[] {
	const differs = (key: keyof Rig) => JSON.stringify(before[key] ?? null) !== JSON.stringify(after[key] ?? null);
	const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof Rig)[];
	const changed = keys.filter((key) => key !== 'uncounted' && differs(key));
	const told = changed.flatMap((key) => {
		const name = names[key];
		return name ? [`${name} ${text(before, key)} → ${text(after, key)}`] : [];
	});
	return told.length < changed.length ? [...told, 'ratings, pressures or other figures'] : told;
}
