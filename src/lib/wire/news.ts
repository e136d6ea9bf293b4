import { z } from 'zod';

/** What was written on a farm: told to every open page of it, which then asks for what it shows. */
export const newsSchema = z.object({
	farm: z.uuid(),
	kind: z.enum(['calibration', 'job', 'record', 'product', 'block', 'sprayer']),
	id: z.string().max(60)
});
export type News = z.infer<typeof newsSchema>;
