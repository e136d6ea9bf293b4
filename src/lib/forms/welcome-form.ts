import { m } from '$words';
import { z } from 'zod';
import { sprayerKinds } from '../../core/index';

/** The three answers of a new farm, and what it sprays with as text: what the tank means is for the sprayer's own form to judge. */
export const welcomeSchema = z.object({
	country: z
		.string()
		.regex(/^[A-Z]{2}$/, { error: () => m.pick_where_the_farm_is() })
		.default(''),
	/** Of the device. */
	zone: z.string().max(80).default(''),
	farm: z
		.string()
		.trim()
		.min(1, { error: () => m.a_farm_needs_a_name_like() })
		.max(120, { error: () => m.that_name_is_over_120_letters() })
		.default(''),
	kind: z.enum(sprayerKinds).default('boom'),
	name: z.string().max(400).default(''),
	tank: z.string().max(400).default(''),
	/** Where it goes from here. */
	next: z.enum(['calibrate', 'full-tank']).default('calibrate')
});
