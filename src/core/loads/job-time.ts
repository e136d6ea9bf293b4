import type { Area, Time, WorkRate } from '../quantity/quantity';
import { si } from '../quantity/quantity';

export interface JobTime {
	readonly spraying: Time;
	/** Filling, mixing and driving to water and back, of all loads. */
	readonly between: Time;
	readonly total: Time;
}

/**
 * How long a job takes, `area / work rate + loads × (fill + mix + drive)`.
 *
 * workRate: m²/s with turns and stops already in it. each: s for one load's fill, mix and drive.
 * Source: ground over the rate of work, and a round trip for each load.
 * @example
 * jobTime(60000, 5, 2, 1200) // => {"spraying":12000,"between":2400,"total":14400}
 */
export function jobTime(area: Area, workRate: WorkRate, loads: number, each: Time): JobTime {
	const spraying = area / workRate;
	const between = loads * each;
	return { spraying: si<'time'>(spraying), between: si<'time'>(between), total: si<'time'>(spraying + between) };
}
