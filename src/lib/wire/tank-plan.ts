import { z } from 'zod';
import { doseAreas } from '../../core/index';
import { typedSchema } from './typed';

/** A tank plan as it was typed on the screen. */
export const tankPlanInputSchema = z.strictObject({
	area: z.discriminatedUnion('by', [
		z.strictObject({ by: z.literal('area'), area: typedSchema }),
		z.strictObject({ by: z.literal('sides'), length: typedSchema, width: typedSchema })
	]),
	tank: typedSchema,
	split: z.enum(['full-then-part', 'equal']),
	products: z
		.array(
			z.strictObject({
				name: z.string().trim().min(1).max(80),
				dose: typedSchema,
				state: z.enum(['liquid', 'dry']).optional(),
				per: z.enum(doseAreas).optional()
			})
		)
		.max(20)
});
export type TankPlanInput = z.infer<typeof tankPlanInputSchema>;
