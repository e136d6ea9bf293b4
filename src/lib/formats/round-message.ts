import { z } from 'zod';
import { catchReasons, rigChecks } from '../../core';
import { rigSchema } from './rig';
import { typedSchema } from './typed';

const stamp = {
	id: z.uuidv7(),
	seq: z.int().min(0).max(100_000),
	at: z.iso.datetime({ offset: true })
};
const nozzle = z.int().min(1).max(400);
const short = z.string().trim().max(80);

/** One thing that happened in a round, as the device made it. */
export const entrySchema = z.discriminatedUnion('kind', [
	z.strictObject({ ...stamp, kind: z.literal('tick'), check: z.enum(rigChecks), done: z.boolean() }),
	z.strictObject({ ...stamp, kind: z.literal('course'), length: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('run'), time: typedSchema, by: z.enum(['stopwatch', 'typed']) }),
	z.strictObject({ ...stamp, kind: z.literal('strike'), entry: z.uuidv7() }),
	z.strictObject({ ...stamp, kind: z.literal('dial'), speed: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('sections'), off: z.array(z.int().min(0)).max(144) }),
	z.strictObject({ ...stamp, kind: z.literal('jug'), graduation: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('catch-time'), time: typedSchema.nullable() }),
	z.strictObject({
		...stamp,
		kind: z.literal('catch'),
		nozzle,
		amount: typedSchema,
		why: z.enum(catchReasons)
	}),
	z.strictObject({ ...stamp, kind: z.literal('not-caught'), nozzle }),
	z.strictObject({ ...stamp, kind: z.literal('gauge'), pressure: typedSchema }),
	z.strictObject({
		...stamp,
		kind: z.literal('sign-off'),
		person: short.min(1),
		day: z.iso.date(),
		pressure: typedSchema,
		gear: short,
		rpm: z.int().min(0).max(10_000).nullable(),
		remarks: z.string().trim().max(1000)
	})
]);

/** What the outbox sends: the round's head, and entries that the server has not acknowledged yet. */
export const roundMessageSchema = z.strictObject({
	round: z.strictObject({
		id: z.uuidv7(),
		sprayerId: z.uuid(),
		startedAt: z.iso.datetime({ offset: true }),
		rig: rigSchema
	}),
	entries: z.array(entrySchema).max(500)
});
export type RoundMessage = z.infer<typeof roundMessageSchema>;
export type RoundHead = RoundMessage['round'];
