import { z } from 'zod';
import { blockKinds } from '../../core/index';
import { boundarySchema } from '../ground/boundary';
import { labelSchema } from './product-files';
import { anchorSchema } from '../wire/anchor';
import { typedSprayerSchema, settingSchema } from '../wire/sprayer';
import { entrySchema } from '../wire/calibration-message';
import { runEntrySchema } from '../wire/run-message';
import { tankMixInputSchema } from '../wire/tank-mix';
import { tankPlanInputSchema } from '../wire/tank-plan';
import { daySchema, momentSchema } from '../wire/moments';

/**
 * `fallow-farm/1`: a whole farm as JSON lines. The first line tells what it is, the last how many rows of each table there
 * are; each between is one row, in an order in which what a row rests on comes before it.
 */
export const farmFileFormat = 'fallow-farm/1';

/** Tables in the order in which they come; all that is computed from others stays out. */
export const farmTables = [
	'worker',
	'sprayer',
	'setting',
	'sprayer_event',
	'nozzle',
	'shed_nozzle',
	'product',
	'tank_mix',
	'block',
	'round',
	'round_entry',
	'calibration',
	'tank_plan',
	'job',
	'job_entry',
	'record'
] as const;
export type FarmTableName = (typeof farmTables)[number];

export const farmHeadSchema = z.strictObject({
	format: z.literal(farmFileFormat),
	/** The newest migration of the database that it came from. */
	migration: z.string().max(80),
	at: momentSchema,
	name: z.string().trim().min(1).max(120),
	settings: z.record(z.string(), z.unknown())
});
export const farmRowSchema = z.strictObject({
	table: z.enum(farmTables),
	row: z.record(z.string(), z.unknown())
});
export const farmEndSchema = z.strictObject({
	end: z.record(z.string(), z.number().int().min(0)),
	/** Of its records as they were; files of before have none. */
	anchor: anchorSchema.optional()
});

const id = z.uuid();
const body = <T extends z.ZodType>(schema: T) => z.looseObject({ id, body: schema });

/** What a row of each table has to be besides what the database itself asks of its columns. */
export const farmRowSchemas: Readonly<Record<FarmTableName, z.ZodType>> = {
	worker: z.looseObject({ id, name: z.string().min(1).max(80) }),
	sprayer: z.looseObject({ id, rig: typedSprayerSchema }),
	setting: body(settingSchema),
	sprayer_event: z.looseObject({ id, what: z.string().max(40), note: z.string().max(400) }),
	nozzle: body(z.looseObject({ kind: z.string(), name: z.string().min(1).max(120) })),
	shed_nozzle: z.looseObject({ nozzle_key: z.string().max(120) }),
	product: body(labelSchema),
	tank_mix: body(tankMixInputSchema),
	block: body(
		z.looseObject({ name: z.string().min(1).max(80), kind: z.enum(blockKinds), boundary: boundarySchema.nullable() })
	),
	round: z.looseObject({ id, rig: typedSprayerSchema, setting: settingSchema.nullable() }),
	round_entry: body(entrySchema),
	calibration: z.looseObject({ id }),
	tank_plan: z.looseObject({ id, input: tankPlanInputSchema }),
	job: body(z.looseObject({ day: daySchema, blocks: z.array(z.unknown()), products: z.array(z.unknown()) })),
	job_entry: body(runEntrySchema),
	record: z.looseObject({ id, place: z.union([z.number(), z.string()]), canonical: z.string(), hash: z.string() })
};
