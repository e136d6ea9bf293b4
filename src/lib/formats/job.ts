import { z } from 'zod';
import { splits } from '../../core';
import { typedSchema } from './typed';

/** A job as a browser asks for it; what the blocks and labels say is the server's to fill in. */
export const askedJobSchema = z.strictObject({
	id: z.uuidv7(),
	day: z.iso.date('That is not a day. Write it like 2026-03-14.'),
	calibrationId: z.uuid(),
	blocks: z
		.array(z.strictObject({ id: z.uuid(), share: z.number().gt(0).max(1) }))
		.min(1, 'Pick the ground first.')
		.max(200),
	tank: typedSchema,
	products: z.array(z.strictObject({ id: z.uuid(), dose: typedSchema })).max(20),
	split: z.enum(splits),
	reason: z.string().trim().max(300),
	notes: z.string().trim().max(1000)
});
export type AskedJob = z.infer<typeof askedJobSchema>;
