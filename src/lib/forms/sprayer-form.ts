import { z } from 'zod';
import { carried, carriers, drives, sprayerTexts, sprayerKinds } from '../../core/index';
import type { SprayerText } from '../../core/index';

/** A sprayer's form as text; what the text means is for the core to judge, so that it comes back with words. */
const text = z.string().max(400).default('');
const texts = Object.fromEntries(sprayerTexts.map((name) => [name, text])) as Record<SprayerText, typeof text>;

export const sprayerFormSchema = z.object({
	...texts,
	kind: z.enum(sprayerKinds).default('boom'),
	drive: z.enum(['', ...drives]).default(''),
	carrier: z.enum(['', ...carriers]).default(''),
	carried: z.enum(['', ...carried]).default('')
});
