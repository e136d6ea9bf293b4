import { z } from 'zod';
import { skies } from '../../core/index';
import { daySchema, momentSchema } from './moments';

const sample = z.object({
	at: momentSchema,
	windFromDeg: z.number().min(0).max(360).nullable(),
	windKmh: z.number().min(0).max(300).nullable(),
	gustKmh: z.number().min(0).max(400).nullable(),
	temperatureC: z.number().min(-60).max(60).nullable(),
	humidityPercent: z.number().min(0).max(100).nullable(),
	sky: z.enum(skies).nullable(),
	rainMm: z.number().min(0).nullable(),
	dew: z.boolean().nullable()
});
export type WeatherSample = z.infer<typeof sample>;

/** What a weather station says now: `fallow-weather/1`. */
export const stationSchema = sample.extend({
	format: z.literal('fallow-weather/1'),
	lastRainAt: momentSchema.nullable()
});
export type StationReading = z.infer<typeof stationSchema>;

/** What a forecast says, hour by hour, with the sun of each day. */
export const forecastSchema = z.object({
	format: z.literal('fallow-weather/1'),
	issued: momentSchema,
	hours: z.array(sample).max(400),
	days: z
		.array(
			z.object({
				day: daySchema,
				sunrise: momentSchema,
				sunset: momentSchema
			})
		)
		.max(20)
});
export type Forecast = z.infer<typeof forecastSchema>;

/** What the farm's server passes on; each is null where it cannot be had. */
export const weatherAnswerSchema = z.object({
	present: z.boolean(),
	station: stationSchema.nullable(),
	forecast: forecastSchema.nullable(),
	/** Why one of them is not there, in words. */
	problem: z.string()
});
export type WeatherAnswer = z.infer<typeof weatherAnswerSchema>;
