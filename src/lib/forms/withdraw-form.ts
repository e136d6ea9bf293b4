import { m } from '$words';
import { z } from 'zod';

/** Why a signed calibration is withdrawn, and by whom. */
export const withdrawFormSchema = z.object({
	by: z
		.string()
		.trim()
		.min(1, { error: () => m.type_your_name_or_initials() })
		.max(80, { error: () => m.that_name_is_over_80_letters() })
		.default(''),
	reason: z
		.string()
		.trim()
		.min(1, { error: () => m.type_why_such_as_the_jug() })
		.max(400, { error: () => m.that_reason_is_over_400_letters() })
		.default('')
});
