import { z } from 'zod';
import { mostInTank, tankMixInputSchema } from './tank-mix';

/** What a job is begun with where it comes from one full tank or from a tank plan: carried in the address of its page. */
const jobStartSchema = z.strictObject({
	calibration: z.uuid().optional(),
	/** Texts as they were typed. */
	tank: z.string().max(60).optional(),
	area: z.string().max(60).optional(),
	products: tankMixInputSchema.shape.products.min(0).max(mostInTank)
});
export type JobStart = z.infer<typeof jobStartSchema>;

/** Nothing where an address carries none, or one that was cut short on its way. */
export function readJobStart(text: string | null): JobStart | null {
	if (text === null) return null;
	try {
		const read = jobStartSchema.safeParse(JSON.parse(text));
		return read.success ? read.data : null;
	} catch {
		return null;
	}
}
