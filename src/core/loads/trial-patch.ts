import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Volume per area when a patch is sprayed until it is wet, `V / A`.
 *
 * used: m³, patch: m², both over 0.
 * Source: volume over the ground it went on.
 * @example
 * trialPatch(0.002, 20) // => 0.0001
 */
export const trialPatch = (used: Volume, patch: Area): VolumePerArea => si<'volumePerArea'>(used / patch);
