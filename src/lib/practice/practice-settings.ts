import type { Exercise } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { defaultSettings } from '$lib/settings/farm-settings';

/** A yard measures in its exercise's own units, whatever the farm's are; how a figure is written stays the farm's. */
export function practiceSettings(exercise: Pick<Exercise, 'goal'>, farm: FarmSettings | null): FarmSettings {
	const metric = exercise.goal.unit === 'L/ha';
	return {
		...defaultSettings,
		rateUnit: metric ? 'L/ha' : 'US gal/ac',
		school: metric ? '600' : '5940',
		gallon: 'US',
		...(farm && { decimalComma: farm.decimalComma, timeZone: farm.timeZone, hour12: farm.hour12 })
	};
}
