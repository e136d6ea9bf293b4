import type { Mass, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Density of water at 20 °C, kg/m³. */
export const waterDensity = 998.2;

/**
 * Volume of a weighed catch of clean water at 20 °C.
 *
 * Source: density of water at 20 °C.
 * @example
 * waterVolume(0.735) // => 0.0007363253856942496
 */
export const waterVolume = (mass: Mass): Volume => si<'volume'>(mass / waterDensity);
