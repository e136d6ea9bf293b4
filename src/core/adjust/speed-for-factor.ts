import type { Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * The speed that changes the spray volume by a factor with the flow left alone, `v' = v / k`: by gear at the same rpm,
 * since on a PTO-driven pump other turns change the pressure too.
 *
 * speed: m/s, over 0. factor: wanted over measured, over 0.
 * Source: at one flow, volume goes as one over speed.
 * @example
 * speedForFactor(8, 1.25) // => 6.4
 */
export const speedForFactor = (speed: Speed, factor: number): Speed => si<'speed'>(speed / factor);
