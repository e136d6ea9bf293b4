import { m } from '$words';
import { z } from 'zod';
import type { PassedStop } from '../../core/index';
import { longest, shortestReason, stops } from '../../core/index';

/** A stop that was passed, with its reason. */
export const passedStopSchema = z.strictObject({
	code: z.enum(stops),
	about: z.string().max(200),
	reason: z
		.string()
		.trim()
		.min(shortestReason, { error: () => m.write_the_reason_in_a_few_words() })
		.max(longest.reason)
});

const stopSchema = passedStopSchema.omit({ reason: true });

/** Stops and their reasons as the fields of a form bring them; one without a reason is left out. Null: they do not fit together. */
export function readPassed(told: readonly string[], reasons: readonly string[]): PassedStop[] | null {
	if (told.length !== reasons.length || told.length > 60) return null;
	const passed: PassedStop[] = [];
	for (const [i, text] of told.entries()) {
		let stop: unknown;
		try {
			stop = JSON.parse(text);
		} catch {
			return null;
		}
		const read = stopSchema.safeParse(stop);
		if (!read.success) return null;
		const one = passedStopSchema.safeParse({ ...read.data, reason: reasons[i] });
		if (one.success) passed.push(one.data);
	}
	return passed;
}
