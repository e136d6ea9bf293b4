import { z } from 'zod';
import type { AskedRecord, Boundary, JobBefore, Place, TypedJob } from '../../core/index';
import { skies, smokeTests, sprayActs, weatherDecisions, weatherTimes, longest } from '../../core/index';
import { askedRecordSchema } from './record';
import { passedStopSchema } from './passed-stops';
import type { AskedJob } from './job';
import { askedJobSchema } from './job';
import { typedSchema } from './typed';
import { momentSchema } from './moments';

const stamp = {
	id: z.uuidv7(),
	seq: z.int().min(0).max(100_000),
	at: momentSchema
};
const load = z.int().min(1).max(500);
const done = z.discriminatedUnion('by', [
	z.strictObject({ by: z.literal('rows'), rows: z.int().min(1).max(1_000_000) }),
	z.strictObject({ by: z.literal('area'), area: typedSchema })
]);

/** One thing that happened while a job was mixed and sprayed, as the device made it. */
export const runEntrySchema = z.discriminatedUnion('kind', [
	z.strictObject({
		...stamp,
		kind: z.literal('tick'),
		load,
		step: z.int().min(0).max(60),
		poured: typedSchema.nullable(),
		by: z.string().trim().max(longest.name).optional()
	}),
	z.strictObject({ ...stamp, kind: z.literal('twice'), tick: z.uuidv7() }),
	z.strictObject({
		...stamp,
		kind: z.literal('spray'),
		load,
		act: z.enum(sprayActs),
		blocks: z.array(z.string().max(60)).max(200).optional()
	}),
	z.strictObject({ ...stamp, kind: z.literal('pass'), ...passedStopSchema.shape }),
	z.strictObject({
		...stamp,
		kind: z.literal('progress'),
		load,
		done,
		left: typedSchema
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('weather'),
		when: z.enum(weatherTimes),
		source: z.enum(['hand', 'station']),
		weather: z.strictObject({
			from: z.string().trim().max(10),
			wind: typedSchema.nullable(),
			gust: typedSchema.nullable(),
			temperature: typedSchema.nullable(),
			humidity: z.string().trim().max(10),
			sky: z.enum(skies).nullable(),
			dew: z.boolean().nullable(),
			lastRain: z.string().trim().max(10),
			smoke: z.enum(smokeTests).nullable().optional()
		}),
		decision: z.enum(weatherDecisions).nullable(),
		reason: z.string().trim().max(longest.reason)
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('close'),
		done,
		left: typedSchema,
		remarks: z.string().trim().max(longest.remarks),
		ended: momentSchema.optional()
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('record'),
		asked: askedRecordSchema,
		passed: z.array(passedStopSchema).max(60)
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('rest'),
		from: load,
		fill: typedSchema.nullable(),
		ground: done.nullable(),
		doses: z.array(z.strictObject({ product: z.int().min(0).max(30), dose: typedSchema.nullable() })).max(30)
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('dye'),
		dye: z
			.strictObject({
				name: z.string().trim().min(1).max(longest.name),
				state: z.enum(['liquid', 'dry']),
				dose: typedSchema
			})
			.nullable()
	}),
	z.strictObject({ ...stamp, kind: z.literal('follow'), progress: z.uuidv7() }),
	z.strictObject({ ...stamp, kind: z.literal('strike'), entry: z.uuidv7() })
]);

/** What the outbox sends of a job: entries that the server has not acknowledged yet. */
export const runMessageSchema = z.strictObject({ entries: z.array(runEntrySchema).max(500) });

/** What the outbox sends of a job that was planned on a device. `begun`: work was done for it there, so that it has to stand. */
export const planMessageSchema = z.strictObject({ plan: askedJobSchema, begun: z.boolean() });

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
	/** Boundaries of its blocks, for drawing the wind on them; left out by devices of before. */
	readonly shapes?: readonly {
		readonly id: string;
		readonly boundary: Boundary | null;
		readonly altitude?: number | null;
	}[];
	/** Where it is, for the hours of the sun; null where nobody knows. */
	readonly place?: Place | null;
	/** Stops of its labels as the farm last knew them, which devices of before did not keep. */
	readonly before?: JobBefore;
	/** What its record is asked first, as far as the farm knows it: crop, stage, who writes it, the water. */
	readonly asked?: AskedRecord;
	/** As it was planned on this device: what the server is asked to keep. Left out where the server had it first. */
	readonly plan?: AskedJob;
}
