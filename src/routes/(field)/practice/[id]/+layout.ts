import { m } from '$words';
import { error } from '@sveltejs/kit';
import type { LayoutLoad } from './$types';
import { exerciseOf } from '$lib/practice/exercise-of';
import { practiceDevice } from '$lib/practice/practice-device';
import { practiceSettings } from '$lib/practice/practice-settings';

/** A yard from the practice's own memory: nothing is asked of the server. */
export const load: LayoutLoad = async ({ params }) => {
	const device = practiceDevice();
	const kept = await device.open(params.id);
	const exercise = kept && exerciseOf(kept.yard.head);
	if (!kept || !exercise) error(404, { message: m.practice_not_here() });
	const farm = await device.farm();
	return { kept, exercise, settings: practiceSettings(exercise, farm?.settings ?? null) };
};
