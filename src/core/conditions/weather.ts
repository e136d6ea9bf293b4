export const skies = ['clear', 'partly', 'overcast'] as const;
export type Sky = (typeof skies)[number];

/** The weather at one time and place; what is not known is null. */
export interface Weather {
	/** Where the wind comes from, degrees from north. */
	readonly from: number | null;
	/** m/s. */
	readonly wind: number | null;
	readonly gust: number | null;
	/** °C. */
	readonly temperature: number | null;
	/** %. */
	readonly humidity: number | null;
	readonly sky: Sky | null;
	/** Leaves wet with dew. */
	readonly dew: boolean | null;
	/** Hours since the last rain, and until the next one that is forecast. */
	readonly sinceRain: number | null;
	readonly untilRain: number | null;
	/** Hours to the nearer of sunrise and sunset, whichever way. */
	readonly toSun: number | null;
}

/** Limits that a farm, and the labels of a job, set. m/s, °C, hours. */
export interface WeatherLimits {
	readonly windLow: number;
	readonly windHigh: number;
	readonly deltaLow: number;
	readonly deltaHigh: number;
	/** Over this a Delta-T is poor; between it and `deltaHigh` it is marginal. */
	readonly deltaMost: number;
	/** Longest rain-free time that a label of the job asks for; 0 without any. */
	readonly rainFree: number;
	/** The windHigh is a label's own, so that it is the label that is passed. */
	readonly windByLabel: boolean;
}

const kmh = 1 / 3.6;

/** The usual figures of the trade, until a farm or a label says otherwise. */
export const usualLimits: WeatherLimits = {
	windLow: 3 * kmh,
	windHigh: 15 * kmh,
	deltaLow: 2,
	deltaHigh: 8,
	deltaMost: 10,
	rainFree: 0,
	windByLabel: false
};
