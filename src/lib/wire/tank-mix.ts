import { z } from 'zod';
import { doseAreas, longest } from '../../core/index';
import { typedSchema } from './typed';

/** Most products that are mixed in one tank. */
export const mostInTank = 20;

/** A tank mix as it was typed: its name, and each product with its dose. */
export const tankMixInputSchema = z.strictObject({
	name: z.string().trim().min(1).max(longest.name),
	products: z
		.array(
			z.strictObject({
				/** The farm's product, where it is one of them. */
				product: z.uuid().optional(),
				name: z.string().trim().min(1).max(longest.name),
				dose: typedSchema,
				state: z.enum(['liquid', 'dry']).optional(),
				per: z.enum(doseAreas).optional()
			})
		)
		.min(1)
		.max(mostInTank)
});
export type TankMixInput = z.infer<typeof tankMixInputSchema>;
