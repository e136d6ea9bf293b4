import type { Length, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Wetted width of boomless nozzles at a pressure and a height: a jet leaves with the root of the pressure and falls for a time that
 * goes with the root of its height, so the throw goes with the root of both.
 *
 * width: m, at a pressure (Pa) and a height (m). Source: path of a thrown body without drag; `v = √(2 P / ρ)`.
 * @example
 * throwWidth({ width: 8, pressure: 250000, height: 1 }, 250000, 1) // => 8
 * throwWidth({ width: 8, pressure: 400000, height: 1 }, 100000, 1) // => 4
 */
export const throwWidth = (
	known: { readonly width: Length; readonly pressure: Pressure; readonly height: Length },
	pressure: Pressure,
	height: Length
): Length => si<'length'>(known.width * Math.sqrt((pressure / known.pressure) * (height / known.height)));
