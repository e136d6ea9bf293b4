import type { WindHeight } from './weather';

/** Wind at 10 m over that at 2 m, over short crop. */
const tenOverTwo = 1.4;

/**
 * A wind as it would be told at another height: at 10 m, where forecasts have it, about 1.4 times as much as at 2 m.
 *
 * wind: any unit of speed. Source: the usual log profile over short crop.
 * @example
 * windAt(14, 10, 2) // => 10
 * windAt(3, 2, 2) // => 3
 */
export const windAt = (wind: number, told: WindHeight, wanted: WindHeight): number =>
	told === wanted ? wind : told === 10 ? wind / tenOverTwo : wind * tenOverTwo;
