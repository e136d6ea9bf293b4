import { m } from '$words';
import { z } from 'zod';

/** Why a signed calibration is withdrawn, and by whom. */
export const withdrawFormSchema = z.object({
	get by() {
		return z
			.string()
			.trim()
			.min(1, m.type_your_name_or_initials())
			.max(80, m.that_name_is_over_80_letters())
			.default('');
	},
	get reason() {
		return z
			.string()
			.trim()
			.min(1, m.type_why_such_as_the_jug())
			.max(400, m.that_reason_is_over_400_letters())
			.default('');
	}
});
