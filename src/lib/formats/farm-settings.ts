import { z } from 'zod';
import { rateUnits } from './rate-units';

/** How a farm measures and wants to be told. Everything has a default, so that an older row still reads. */
export const farmSettingsSchema = z.object({
	rateUnit: z.enum(rateUnits).default('L/ha'),
	gallon: z.enum(['US', 'Imperial']).default('US'),
	school: z.enum(['units', '5940', '600']).default('600'),
	/** Which of the two rules of evenness a nozzle's words go by; both figures are shown. */
	evenRule: z.enum(['average', 'rated']).default('average'),
	decimalComma: z.boolean().default(false)
});
export type FarmSettings = z.infer<typeof farmSettingsSchema>;

export const defaultSettings: FarmSettings = farmSettingsSchema.parse({});

/** The farm's own page: its name and how it measures. */
export const farmFormSchema = farmSettingsSchema.extend({
	name: z
		.string()
		.trim()
		.min(1, 'A farm needs a name, like Quillet Farm.')
		.max(120, 'That name is over 120 letters long.')
});
