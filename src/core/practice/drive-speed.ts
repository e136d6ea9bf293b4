import type { Length, Speed } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * Speed over the ground in a gear: what the wheels roll, less what they slip. On a tractor the shaft and the wheels
 * turn together, so more revs are more speed and more water.
 *
 * perTurn: way of the wheels for one turn of the shaft in this gear, m. rpm: turns of the shaft a minute. slip: share.
 * Source: rolling of a wheel.
 * @example
 * driveSpeed(0.25, 540, 0.04).toFixed(9) // => "2.160000000"
 */
export const driveSpeed = (perTurn: Length, rpm: number, slip: number): Speed =>
	si<'speed'>(((perTurn * rpm) / 60) * (1 - slip));
