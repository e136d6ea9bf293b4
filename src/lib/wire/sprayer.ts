import { z } from 'zod';
import type { FlowPoint } from '../../core/index';
import {
	carried,
	carriers,
	drives,
	mostNozzles,
	mostPoints,
	otherSides,
	calibrationMethods,
	sprayerKinds
} from '../../core/index';
import { typedSchema } from './typed';
import { daySchema } from './moments';

const rated = z.strictObject({ flow: typedSchema, at: typedSchema });
const group = z.string().trim().min(1).max(40);
const range = z.strictObject({ low: typedSchema, high: typedSchema });
const count = z.int().min(1).max(400);

/** Bands or directed spraying. */
export const bandSchema = z.strictObject({ band: typedSchema, bands: count, rowSpacing: typedSchema, rows: count });

/** A sprayer as its owner typed it; what the numbers mean is for the core's `readSprayer` to judge. */
export const typedSprayerSchema = z.strictObject({
	kind: z.enum(sprayerKinds),
	name: z.string().trim().min(1).max(80),
	tank: typedSchema,
	nozzles: z.int().min(1).max(mostNozzles),
	sections: z.array(z.int().min(1)).min(1).max(mostNozzles),
	sectionNames: z.array(group).max(mostNozzles).optional(),
	stacked: z.int().min(1).max(12).optional(),
	tips: z
		.array(z.strictObject({ name: group, rated: rated.nullable() }))
		.max(12)
		.optional(),
	uncounted: z.literal(true).optional(),
	nozzle: z.string().trim().max(40),
	rated: rated.nullable(),
	spacing: typedSchema.optional(),
	groups: z.array(group).max(mostNozzles).optional(),
	ratings: z.record(group, rated).optional(),
	drive: z.enum(drives).optional(),
	carrier: z.enum(carriers).optional(),
	carried: z.enum(carried).optional(),
	agitation: typedSchema.optional(),
	dead: typedSchema.optional(),
	pressures: range.optional(),
	fan: z.strictObject({ angle: z.number(), height: typedSchema }).optional(),
	band: bandSchema.optional(),
	rowSpacing: typedSchema.optional(),
	makerSwath: typedSchema.optional(),
	makerHeights: range.optional(),
	pump: typedSchema.optional(),
	stir: typedSchema.optional(),
	speeds: range.optional()
});

const flowPoints = z
	.array(z.strictObject({ pressure: z.number().gt(0).max(1e8), flow: z.number().gt(0).max(1) }))
	.min(1)
	.max(mostPoints)
	// SI already: the table's own points, which the core reads as quantities.
	.transform((points) => points as unknown as readonly FlowPoint[]);

/** What is wanted of a spray volume. */
export const aimSchema = z.strictObject({
	wanted: z.discriminatedUnion('by', [
		z.strictObject({ by: z.literal('volume'), volume: typedSchema }),
		z.strictObject({ by: z.literal('range'), low: typedSchema, high: typedSchema }),
		z.strictObject({ by: z.literal('tank'), area: typedSchema })
	]),
	perArea: z.boolean(),
	specificGravity: z.number().min(0.5).max(2.5)
});

const changed = {
	speed: typedSchema.optional(),
	pace: z.number().min(0.05).max(20).optional(),
	dial: typedSchema.optional(),
	pressure: typedSchema.optional(),
	nozzle: z.strictObject({ name: z.string().trim().min(1).max(80), rated, points: flowPoints }).optional(),
	set: z.strictObject({ groups: z.array(group).min(1).max(mostNozzles), ratings: z.record(group, rated) }).optional()
};

/** What is changed on a sprayer after a calibration. */
export const changeSchema = z.strictObject(changed);

/** The same as a setting keeps it, with what it is predicted to bring. */
const madeChange = z.strictObject({
	...changed,
	after: z.uuid(),
	day: daySchema,
	aim: aimSchema,
	predicted: z.number().gt(0),
	sure: z.number().gte(0),
	carried: z
		.strictObject({
			method: z.enum(calibrationMethods).optional(),
			course: typedSchema.optional(),
			rows: z.strictObject({ spacing: typedSchema, alleys: z.enum(['every', 'second']) }).optional(),
			otherSide: z.enum(otherSides).optional(),
			off: z.array(z.int().min(0)).max(mostNozzles)
		})
		.optional()
});

/**
 * One way of using a sprayer: what is on, and what it is set to. A calibration keeps the setting as it was when the calibration began.
 */
export const settingSchema = z.strictObject({
	id: z.uuid(),
	name: z.string().trim().min(1).max(60),
	/** Sections that are off, from 0. */
	off: z.array(z.int().min(0)).max(mostNozzles),
	gear: z.string().trim().max(40),
	rpm: z.int().min(1).max(10_000).nullable(),
	pressure: typedSchema.nullable(),
	/** Orifice, dial, strokes: what belongs to the setting and has no field of its own. */
	note: z.string().trim().max(200),
	/** The tip that is turned down, of bodies that hold several. */
	tip: z.string().trim().max(40).optional(),
	/** With one side of an arc open: whether the other side of the row gets a pass of its own. */
	otherSide: z.enum(otherSides).optional(),
	/** What was changed since its last calibration, until the next one has checked it. */
	change: madeChange.optional()
});
export type Setting = z.infer<typeof settingSchema>;
