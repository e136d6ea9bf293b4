import type { NeighbourKind } from '../ground/block';

export const skies = ['clear', 'partly', 'overcast'] as const;
export type Sky = (typeof skies)[number];

/** What smoke let off at the block did: it rose and mixed, or it hung and drifted in a layer. */
export const smokeTests = ['mixes', 'hangs'] as const;
export type SmokeTest = (typeof smokeTests)[number];

/** Heights at which a wind is told, m: at the spray, and where a forecast has it. */
export type WindHeight = 2 | 10;

/** The weather at one time and place; what is not known is null. */
export interface Weather {
	/** Where the wind comes from, degrees from north. */
	readonly from: number | null;
	/** m/s, at `height`. */
	readonly wind: number | null;
	readonly gust: number | null;
	readonly height: WindHeight;
	/** °C. */
	readonly temperature: number | null;
	/** %. */
	readonly humidity: number | null;
	/** Of the air, hPa. */
	readonly pressure: number;
	readonly sky: Sky | null;
	/** Leaves wet with dew. */
	readonly dew: boolean | null;
	readonly smoke: SmokeTest | null;
	/** Hours since the last rain, and until the next one that is forecast. */
	readonly sinceRain: number | null;
	readonly untilRain: number | null;
	/** From 1.5 h before sunset to 2 h after sunrise; null where the place is not known. */
	readonly inversionHours: boolean | null;
}

export interface Range {
	readonly low: number | null;
	readonly high: number | null;
}

/** Limits that a farm, and the labels of a job, set. m/s, °C, %, hours. */
export interface WeatherLimits {
	/** Under this the air is still. */
	readonly windLow: number;
	readonly windHigh: number;
	/** The windHigh is a label's own, so that it is the label that is passed: it counts for gusts too. */
	readonly windByLabel: boolean;
	/** Least wind that a label asks for; 0 without any. */
	readonly windLeast: number;
	/** Height that the wind's limits are meant at. */
	readonly windHeight: WindHeight;
	readonly deltaLow: number;
	readonly deltaHigh: number;
	/** Over this a Delta-T is poor; between it and `deltaHigh` it is marginal. */
	readonly deltaMost: number;
	/** Of the labels. */
	readonly temperature: Range;
	readonly humidity: Range;
	/** Longest rain-free time that a label of the job asks for; 0 without any. */
	readonly rainFree: number;
	/** What a label forbids the wind to blow toward. */
	readonly forbidden: readonly NeighbourKind[];
}

const kmh = 1 / 3.6;
const none: Range = { low: null, high: null };

/** The usual figures of the trade, until a farm or a label says otherwise. */
export const usualLimits: WeatherLimits = {
	windLow: 3 * kmh,
	windHigh: 15 * kmh,
	windByLabel: false,
	windLeast: 0,
	windHeight: 2,
	deltaLow: 2,
	deltaHigh: 8,
	deltaMost: 10,
	temperature: none,
	humidity: none,
	rainFree: 0,
	forbidden: []
};
