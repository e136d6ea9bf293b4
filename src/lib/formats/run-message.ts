import { z } from 'zod';
import { sprayActs } from '../../core';
import type { TypedJob } from '../../core';
import { typedSchema } from './typed';

const stamp = {
	id: z.uuidv7(),
	seq: z.int().min(0).max(100_000),
	at: z.iso.datetime({ offset: true })
};
const load = z.int().min(1).max(500);

/** One thing that happened while a job was mixed and sprayed, as the device made it. */
const runEntrySchema = z.discriminatedUnion('kind', [
	z.strictObject({
		...stamp,
		kind: z.literal('tick'),
		load,
		step: z.int().min(0).max(60),
		poured: typedSchema.nullable()
	}),
	z.strictObject({ ...stamp, kind: z.literal('spray'), load, act: z.enum(sprayActs) }),
	z.strictObject({
		...stamp,
		kind: z.literal('progress'),
		load,
		done: z.discriminatedUnion('by', [
			z.strictObject({ by: z.literal('rows'), rows: z.int().min(1).max(1_000_000) }),
			z.strictObject({ by: z.literal('area'), area: typedSchema })
		]),
		left: typedSchema
	}),
	z.strictObject({ ...stamp, kind: z.literal('follow'), progress: z.uuidv7() }),
	z.strictObject({ ...stamp, kind: z.literal('strike'), entry: z.uuidv7() })
]);

/** What the outbox sends of a job: entries that the server has not acknowledged yet. */
export const runMessageSchema = z.strictObject({ entries: z.array(runEntrySchema).max(500) });

/** A job as a device keeps it, to mix and spray with nobody there. */
export interface JobHead {
	readonly id: string;
	readonly job: TypedJob;
	/** Spray volume of its calibration, m³/m², with its relative interval; null without one. */
	readonly rate: number | null;
	readonly relativeU95: number | null;
	readonly signedDay: string | null;
	readonly calibrationId: string | null;
	/** Name; empty where the job has none. */
	readonly sprayer: string;
}
