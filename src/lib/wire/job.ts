import { m } from '$words';
import { z } from 'zod';
import { dilutions, doseAreas, dropletClasses, splits, longest } from '../../core/index';
import { passedStopSchema } from './passed-stops';
import { typedSchema } from './typed';

const share = z.number().gt(0).max(1);
const row = z.int().min(1).max(100_000);
const clock = z.string().max(5);

const part = z.discriminatedUnion('by', [
	z.strictObject({ by: z.literal('share'), share }),
	z.strictObject({ by: z.literal('rows'), from: row, to: row }),
	z.strictObject({ by: z.literal('strips'), width: typedSchema, length: typedSchema })
]);

/** A job as a browser asks for it; what the blocks, labels and sprayers say is the server's to fill in. */
export const askedJobSchema = z.strictObject({
	id: z.uuidv7(),
	/** The job that this one is an edit of: it is taken off when this one is kept. */
	replaces: z.uuid().optional(),
	day: z.iso.date({ error: () => m.that_is_not_a_day_write() }),
	basis: z.discriminatedUnion('by', [
		z.strictObject({ by: z.literal('calibration') }),
		z.strictObject({ by: z.literal('trial'), used: typedSchema, patch: typedSchema }),
		z.strictObject({ by: z.literal('timed-trial'), time: typedSchema, patch: typedSchema }),
		z.strictObject({ by: z.literal('surface'), volume: typedSchema })
	]),
	calibrationId: z.uuid().nullable(),
	/** Calibrations of people who spray it together. */
	team: z.array(z.uuid()).min(2).max(60).optional(),
	blocks: z
		.array(z.strictObject({ id: z.uuid(), part }))
		.min(1, { error: () => m.pick_the_ground_first() })
		.max(200),
	sprayed: share,
	tank: typedSchema,
	products: z
		.array(
			z.strictObject({
				id: z.uuid(),
				dose: typedSchema,
				per: z.enum(doseAreas).optional(),
				dilution: z.enum(dilutions).optional()
			})
		)
		.max(20),
	dilute: typedSchema.nullable().default(null),
	drops: z.enum(dropletClasses).nullable().default(null),
	passed: z.array(passedStopSchema).max(60).default([]),
	split: z.enum(splits),
	harvest: z.iso.date({ error: () => m.that_is_not_a_day_write() }).nullable(),
	pace: z
		.strictObject({
			efficiency: share,
			fill: typedSchema,
			drive: typedSchema,
			start: clock,
			end: clock,
			oneWay: z.boolean().optional()
		})
		.nullable(),
	reason: z.string().trim().max(longest.reason),
	notes: z.string().trim().max(longest.remarks)
});
export type AskedJob = z.input<typeof askedJobSchema>;
