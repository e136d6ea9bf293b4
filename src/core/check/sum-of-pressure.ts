import type { Pressure, VolumePerArea } from '../quantity/quantity';
import type { Sum } from './sum';

/**
 * The sum behind another pressure: the measured volume times the square root of the pressures' ratio.
 *
 * rate: measured, m³/m², at `before`; relativeU95: 2u of it as a share; unit: that people work it in.
 * Source: q = k √P.
 * @example
 * sumOfPressure(2e-5, 0.03, 4e5, 1e5, 'L/ha').answer // => 0.00001
 */
export const sumOfPressure = (
	rate: VolumePerArea,
	relativeU95: number,
	before: Pressure,
	after: Pressure,
	unit: string
): Sum => ({
	parts: [{ name: 'volume', kind: 'volumePerArea', value: rate, unit, power: 1 }],
	answer: rate * Math.sqrt(after / before),
	kind: 'volumePerArea',
	relativeU95,
	aside: { pressureRatio: after / before }
});
