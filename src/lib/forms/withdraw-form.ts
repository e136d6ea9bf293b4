import { z } from 'zod';

/** Why a signed calibration is withdrawn, and by whom. */
export const withdrawFormSchema = z.object({
	by: z.string().trim().min(1, 'Type your name or initials.').max(80, 'That name is over 80 letters long.').default(''),
	reason: z
		.string()
		.trim()
		.min(1, 'Type why, such as “the jug was read in the wrong unit”.')
		.max(400, 'That reason is over 400 letters long.')
		.default('')
});
