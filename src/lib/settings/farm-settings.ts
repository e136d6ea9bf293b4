import { m } from '$words';
import { z } from 'zod';
import type { MeasuringSkill } from '../../core/index';
import { requirable, sprayerChecks, schools, usualSkill } from '../../core/index';
import { rateUnits } from './rate-units';
import { isZone, machineZone } from './farm-time';
import { mostMeasures } from './limits';
import { typedSchema } from '../wire/typed';

const skillNames = Object.keys(usualSkill) as [keyof MeasuringSkill, ...(keyof MeasuringSkill)[]];

/** MM-DD. */
const monthDay = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/);

/** How a farm measures and wants to be told. Everything has a default, so that an older row still reads. */
export const farmSettingsSchema = z.object({
	rateUnit: z.enum(rateUnits).default('L/ha'),
	gallon: z.enum(['US', 'Imperial']).default('US'),
	school: z.enum(schools).default('600'),
	/** Which of the two rules of evenness a nozzle's words go by; both figures are shown. */
	evenRule: z.enum(['average', 'rated']).default('average'),
	/** Which of pressure and speed is reached for first where a volume has to change. */
	adjustFirst: z.enum(['pressure', 'speed']).default('pressure'),
	decimalComma: z.boolean().default(false),
	/** Times as 2:20 pm instead of 14:20. */
	hour12: z.boolean().default(false),
	/** IANA name of the farm's own time zone: its days begin there. Until it is told, that of the machine. */
	timeZone: z
		.string()
		.refine(isZone, { error: () => m.no_time_zone_has_that_name() })
		.default(machineZone),
	/** When this farm calibrates a sprayer again; null is not at all by that rule. */
	due: z
		.object({
			/** MM-DD. */
			seasonStart: monthDay.nullable().default(null),
			days: z.number().int().min(1).max(3660).nullable().default(365),
			hours: z.number().gt(0).max(10_000).nullable().default(50),
			area: typedSchema.nullable().default(null),
			abrasiveHours: z.number().gt(0).max(10_000).nullable().default(20)
		})
		.prefault({}),
	/** Jugs and scales, with what one mark is and what they hold; as typed. */
	measures: z
		.array(z.strictObject({ name: z.string().trim().min(1).max(40), mark: typedSchema, holds: typedSchema }))
		.max(mostMeasures)
		.default([]),
	/** Least and most wind that this farm sprays in; null is as usual. A label that allows less stands above it. */
	windLow: typedSchema.nullable().default(null),
	windHigh: typedSchema.nullable().default(null),
	/** The same of a Delta-T, °C. */
	deltaLow: z.number().min(0).max(25).nullable().default(null),
	deltaHigh: z.number().min(0).max(25).nullable().default(null),
	/** Height that the limits of the wind are meant at, m. */
	windHeight: z.union([z.literal(2), z.literal(10)]).default(2),
	/** Where the farm is, for the hours of the sun; a block's own boundary stands above it. */
	place: z
		.strictObject({ latitude: z.number().min(-90).max(90), longitude: z.number().min(-180).max(180) })
		.nullable()
		.default(null),
	/** MM-DD on which the season of the labels' limits begins; null: the twelve months around a day. */
	cropSeason: monthDay.nullable().default(null),
	/** Who is called when something goes wrong, and what has to stand at hand. */
	emergency: z.string().trim().max(60).default(''),
	poison: z.string().trim().max(60).default(''),
	eyewash: z.string().trim().max(120).default(''),
	/** What a record of this farm has to have besides its operator. */
	recordFields: z.array(z.enum(requirable)).default([]),
	/** Checks that this farm does not make, and those that it adds in its own words. */
	droppedChecks: z.array(z.enum(sprayerChecks)).default([]),
	ownChecks: z.array(z.string().trim().min(1).max(80)).max(20).default([]),
	/** How well this farm measures, where it is not as usual; 1-sigma, SI. */
	skill: z.partialRecord(z.enum(skillNames), z.number().gt(0).max(1000)).default({})
});
export type FarmSettings = z.infer<typeof farmSettingsSchema>;

export const defaultSettings: FarmSettings = farmSettingsSchema.parse({});

/** The farm's own page: its name and how it measures. */
export const farmFormSchema = farmSettingsSchema
	.omit({
		skill: true,
		measures: true,
		windLow: true,
		windHigh: true,
		deltaLow: true,
		deltaHigh: true,
		windHeight: true,
		place: true,
		cropSeason: true,
		emergency: true,
		poison: true,
		eyewash: true,
		recordFields: true,
		droppedChecks: true,
		ownChecks: true,
		due: true
	})
	.extend({
		name: z
			.string()
			.trim()
			.min(1, { error: () => m.a_farm_needs_a_name_like() })
			.max(120, { error: () => m.that_name_is_over_120_letters() })
	});
