import { z } from 'zod';
import { mostNozzles } from '../../core';
import { typedSchema } from './typed';

/** A boom sprayer as its owner typed it; what the numbers mean is for the core's `readRig` to judge. */
export const rigSchema = z.strictObject({
	kind: z.literal('boom'),
	name: z.string().trim().min(1).max(80),
	tank: typedSchema,
	nozzles: z.int().min(1).max(mostNozzles),
	spacing: typedSchema,
	sections: z.array(z.int().min(1)).min(1).max(mostNozzles),
	nozzle: z.string().trim().max(40),
	rated: z.strictObject({ flow: typedSchema, at: typedSchema }).nullable()
});
