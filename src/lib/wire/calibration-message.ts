import { z } from 'zod';
import {
	catchReasons,
	changedThings,
	mostNozzles,
	mostPans,
	notedThings,
	otherSides,
	sprayerChecks,
	calibrationMethods,
	swathSchools,
	tankReadings,
	trackSources,
	longest
} from '../../core/index';
import type { Entry, TypedSprayer } from '../../core/index';
import type { Setting } from './sprayer';
import { aimSchema, bandSchema, changeSchema, typedSprayerSchema, settingSchema } from './sprayer';
import { longestTrackName, mostTrackPoints } from './track-limit';
import { typedSchema } from './typed';
import { daySchema, momentSchema } from './moments';

const stamp = {
	id: z.uuidv7(),
	seq: z.int().min(0).max(100_000),
	at: momentSchema
};
/** Of the list, or one of the farm's own in its words. */
const anyCheck = z.union([z.enum(sprayerChecks), z.templateLiteral(['own:', z.string().trim().min(1).max(80)])]);
const nozzle = z.int().min(1).max(400);
const short = z.string().trim().max(longest.name);
const share = z.number().gt(0).max(1);
const timeBy = z.enum(['stopwatch', 'typed']);
const ground = z.discriminatedUnion('by', [
	z.strictObject({ by: z.literal('area'), area: typedSchema }),
	z.strictObject({ by: z.literal('sides'), length: typedSchema, width: typedSchema }),
	z.strictObject({ by: z.literal('row'), row: typedSchema }),
	z.strictObject({ by: z.literal('block'), block: typedSchema, share })
]);
const used = z.union([
	z.strictObject({ start: typedSchema, left: typedSchema }),
	z.strictObject({ added: typedSchema })
]);

const place = [z.number().min(0), z.number().min(-90).max(90), z.number().min(-180).max(180)] as const;
/** The fourth is the receiver's own speed, m/s, where it sends it. */
const point = z.union([z.tuple([...place]), z.tuple([...place, z.number().min(0).max(100)])]);
const seconds = z.number().min(0).max(100_000);

const catchBody = { kind: z.literal('catch'), nozzle, amount: typedSchema, why: z.enum(catchReasons) };
const notCaughtBody = { kind: z.literal('not-caught'), nozzle };
const catchTimeBody = { kind: z.literal('catch-time'), time: typedSchema.nullable() };

const plainEntries = [
	z.strictObject({ ...stamp, kind: z.literal('tick'), check: anyCheck, done: z.boolean() }),
	z.strictObject({ ...stamp, kind: z.literal('method'), method: z.enum(calibrationMethods) }),
	z.strictObject({ ...stamp, kind: z.literal('person'), name: short }),
	z.strictObject({ ...stamp, kind: z.literal('course'), length: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('run'), time: typedSchema, by: timeBy }),
	z.strictObject({ ...stamp, kind: z.literal('strike'), entry: z.uuidv7() }),
	z.strictObject({ ...stamp, kind: z.literal('discard') }),
	z.strictObject({ ...stamp, kind: z.literal('rig'), rig: typedSprayerSchema }),
	z.strictObject({ ...stamp, kind: z.literal('dial'), speed: typedSchema }),
	z.strictObject({
		...stamp,
		kind: z.literal('stated-speed'),
		speed: typedSchema.nullable(),
		checked: z.boolean(),
		correction: z.strictObject({ dial: typedSchema, measured: z.number().gt(0).max(100), day: daySchema }).optional()
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('track'),
		source: z.enum(trackSources),
		name: z.string().trim().max(longestTrackName),
		points: z.array(point).min(3).max(mostTrackPoints),
		from: seconds,
		to: seconds
	}),
	z.strictObject({ ...stamp, kind: z.literal('sections'), off: z.array(z.int().min(0)).max(144) }),
	z.strictObject({ ...stamp, kind: z.literal('wetted'), width: typedSchema, estimated: z.boolean().optional() }),
	z.strictObject({
		...stamp,
		kind: z.literal('school'),
		school: z.enum(swathSchools),
		share: share.optional(),
		length: typedSchema.optional()
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('pans'),
		spacing: typedSchema,
		count: z.int().min(3).max(mostPans),
		driving: z.enum(['back-and-forth', 'one-way']),
		maxCv: share
	}),
	z.strictObject({ ...stamp, kind: z.literal('pan'), pan: z.int().min(1).max(mostPans), amount: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('height'), height: typedSchema }),
	z.strictObject({
		...stamp,
		kind: z.literal('rows'),
		spacing: typedSchema,
		alleys: z.enum(['every', 'second']),
		otherSide: z.enum(otherSides).optional()
	}),
	z.strictObject({ ...stamp, kind: z.literal('band'), band: bandSchema.nullable() }),
	z.strictObject({
		...stamp,
		kind: z.literal('canopy'),
		canopy: z.strictObject({
			height: typedSchema,
			width: typedSchema,
			rowSpacing: typedSchema,
			coefficient: z.number().gt(0).max(10)
		})
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('canopy-shares'),
		shares: z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)])
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('groups'),
		groups: z.array(z.string().max(40)).min(1).max(mostNozzles).nullable()
	}),
	z.strictObject({ ...stamp, kind: z.literal('jug'), graduation: typedSchema }),
	z.strictObject({ ...stamp, ...catchTimeBody }),
	z.strictObject({ ...stamp, ...catchBody }),
	z.strictObject({
		...stamp,
		kind: z.literal('quick'),
		entry: z.discriminatedUnion('kind', [
			z.strictObject(catchBody),
			z.strictObject(notCaughtBody),
			z.strictObject(catchTimeBody)
		])
	}),
	z.strictObject({
		...stamp,
		kind: z.literal('bucket'),
		nozzles: z.array(nozzle).min(2).max(mostNozzles),
		amount: typedSchema,
		marked: typedSchema.optional()
	}),
	z.strictObject({ ...stamp, ...notCaughtBody }),
	z.strictObject({ ...stamp, kind: z.literal('gauge'), pressure: typedSchema }),
	z.strictObject({ ...stamp, kind: z.literal('plot'), ground }),
	z.strictObject({ ...stamp, kind: z.literal('plot-run'), time: typedSchema, by: timeBy }),
	z.strictObject({ ...stamp, kind: z.literal('tank-by'), how: z.enum(tankReadings) }),
	z.strictObject({ ...stamp, kind: z.literal('used'), reading: used }),
	z.strictObject({ ...stamp, kind: z.literal('parked-time'), time: typedSchema.nullable() }),
	z.strictObject({
		...stamp,
		kind: z.literal('noted'),
		what: z.enum(notedThings),
		text: z.string().trim().max(longest.noted)
	}),
	z.strictObject({ ...stamp, kind: z.literal('aim'), aim: aimSchema }),
	z.strictObject({ ...stamp, kind: z.literal('change'), change: changeSchema.nullable() }),
	z.strictObject({
		...stamp,
		kind: z.literal('sign-off'),
		person: short.min(1),
		day: daySchema,
		pressure: typedSchema.optional(),
		gear: short,
		rpm: z.int().min(0).max(10_000).nullable(),
		remarks: z.string().trim().max(longest.remarks)
	})
] as const;

/** SI. */
const amount = z.number().gt(0).max(1e9);

/** One thing that happened in a calibration, as the device made it. What is carried holds plain entries, never another carry. */
export const entrySchema = z.discriminatedUnion('kind', [
	...plainEntries,
	z.strictObject({
		...stamp,
		kind: z.literal('carry'),
		from: z.uuidv7(),
		day: daySchema,
		changed: z.array(z.enum(changedThings)).min(1).max(changedThings.length),
		entries: z.array(z.discriminatedUnion('kind', plainEntries)).max(4000),
		before: z
			.strictObject({
				rate: amount,
				relativeU95: z.number().min(0).max(10),
				pressure: amount.nullable(),
				speed: amount.nullable(),
				width: amount.nullable()
			})
			.optional()
	})
]);

/** What the outbox sends: the calibration's head, and entries that the server has not acknowledged yet. */
export const calibrationMessageSchema = z.strictObject({
	round: z.strictObject({
		id: z.uuidv7(),
		sprayerId: z.uuid(),
		startedAt: momentSchema,
		rig: typedSprayerSchema,
		/** Left out by a device that began the calibration before its sprayer had settings: the first one. */
		setting: settingSchema.optional()
	}),
	entries: z.array(entrySchema).max(500)
});
/** What begins a calibration, read-only as the core has it. */
export interface CalibrationHead {
	readonly id: string;
	readonly sprayerId: string;
	readonly startedAt: string;
	readonly rig: TypedSprayer;
	readonly setting?: Setting | undefined;
}
export interface CalibrationMessage {
	readonly round: CalibrationHead;
	readonly entries: readonly Entry[];
}
