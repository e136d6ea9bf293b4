import { z } from 'zod';
import { longest } from '../../core/index';

/** A reading as typed, with what it takes to read it again. */
export const typedSchema = z.strictObject({
	text: z.string().trim().min(1).max(longest.typed),
	unit: z.string().max(30),
	gallon: z.enum(['US', 'Imperial']),
	comma: z.boolean().optional()
});
