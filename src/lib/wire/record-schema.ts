import { z } from 'zod';
import { askedFields, skies, smokeTests, stops, weatherDecisions } from '../../core/index';
import { typedSchema } from './typed';
import { daySchema, momentSchema } from './moments';

const text = (most: number) => z.string().max(most);
const number = z.number().min(0).max(1e12);

const weather = {
	from: text(20),
	wind: typedSchema.nullable(),
	gust: typedSchema.nullable(),
	temperature: typedSchema.nullable(),
	humidity: text(20),
	sky: z.enum(skies).nullable(),
	dew: z.boolean().nullable(),
	lastRain: text(20),
	smoke: z.enum(smokeTests).nullable().exactOptional(),
	at: momentSchema
};

const part = z.discriminatedUnion('by', [
	z.strictObject({ by: z.literal('share'), share: z.number().gt(0).max(1) }),
	z.strictObject({ by: z.literal('rows'), from: z.number().int(), to: z.number().int() }),
	z.strictObject({ by: z.literal('strips'), width: typedSchema, length: typedSchema })
]);

const product = z.strictObject({
	id: text(60),
	name: z.string().trim().min(1).max(120),
	registration: text(200),
	group: text(200),
	dose: typedSchema,
	laterDoses: z
		.array(z.strictObject({ load: z.int().min(1).max(500), dose: typedSchema.nullable() }))
		.max(500)
		.exactOptional(),
	dye: z.literal(true).exactOptional(),
	kind: z.enum(['volume', 'mass']),
	total: number,
	perGround: number,
	entryHours: number.nullable(),
	harvestDays: number.nullable(),
	plantBack: z
		.array(z.strictObject({ crop: z.string().min(1).max(80), days: z.number().min(0).max(1500) }))
		.max(40)
		.exactOptional(),
	actives: z
		.array(z.strictObject({ name: text(120), perGround: number }))
		.max(20)
		.exactOptional(),
	poured: z.boolean().exactOptional()
});

/** A record as `fallow-record/1` keeps it. */
export const recordSchema = z.strictObject({
	format: z.literal('fallow-record/1'),
	day: daySchema,
	startedAt: momentSchema.nullable(),
	endedAt: momentSchema.nullable(),
	blocks: z
		.array(
			z.strictObject({
				id: text(60),
				name: z.string().trim().min(1).max(120),
				area: z.number().gt(0).max(1e12),
				share: z.number().gt(0).max(1),
				part: part.nullable(),
				endedAt: momentSchema.exactOptional(),
				lastDay: daySchema.exactOptional()
			})
		)
		.min(1)
		.max(500),
	area: z.number().gt(0).max(1e12),
	products: z.array(product).max(40),
	plannedVolume: number,
	trueVolume: number.nullable(),
	mix: z.number().min(-1).max(1e9),
	sprayer: text(120),
	calibrationId: text(60).nullable(),
	takenIn: z.literal(true).exactOptional(),
	rig: z
		.strictObject({
			setting: text(120),
			nozzles: text(300),
			gear: text(60),
			rpm: number.nullable(),
			pressure: number.nullable(),
			typedPressure: typedSchema.exactOptional(),
			calibrated: daySchema
		})
		.exactOptional(),
	passed: z
		.array(z.strictObject({ code: z.enum(stops), about: text(200), reason: text(400) }))
		.max(100)
		.exactOptional(),
	speed: number.nullable(),
	weather: z.strictObject({
		before: z.strictObject({ ...weather, decision: z.enum(['', ...weatherDecisions]), reason: text(400) }).nullable(),
		end: z.strictObject(weather).nullable()
	}),
	...(Object.fromEntries(askedFields.map((name) => [name, text(2000)])) as Record<
		(typeof askedFields)[number],
		z.ZodString
	>)
});

/** What was added to a record later. */
export const amendmentSchema = z.strictObject({
	format: z.literal('fallow-amendment/1'),
	by: z.string().trim().min(1).max(120),
	at: momentSchema,
	text: z.string().trim().min(1).max(4000)
});
