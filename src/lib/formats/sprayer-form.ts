import { z } from 'zod';

/** A sprayer's form as text; what the text means is for the core to judge, so that it comes back with words. */
const text = (longest: number) => z.string().max(longest).default('');

export const sprayerFormSchema = z.object({
	name: text(80),
	tank: text(60),
	nozzles: text(10),
	spacing: text(60),
	sections: text(400),
	nozzle: text(40),
	ratedFlow: text(60),
	ratedAt: text(60)
});
