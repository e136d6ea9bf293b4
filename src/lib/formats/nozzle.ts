import { z } from 'zod';
import { dropletClasses, mostPoints, nozzleKinds } from '../../core';
import { typedSchema } from './typed';

/** A nozzle of the farm's table as typed; what the numbers mean is for the core's `readNozzle` to judge. */
export const nozzleSchema = z.strictObject({
	name: z.string().trim().min(1).max(80),
	kind: z.enum(nozzleKinds),
	size: z.string().trim().max(12),
	angle: z.number().nullable(),
	range: z.strictObject({ low: typedSchema, high: typedSchema }).optional(),
	points: z.array(z.strictObject({ pressure: typedSchema, flow: typedSchema })).max(mostPoints),
	classes: z.array(z.strictObject({ pressure: typedSchema, drops: z.enum(dropletClasses) })).max(mostPoints)
});
