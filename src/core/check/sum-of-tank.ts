import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Sum } from './sum';
import type { SumUnits } from './sum-of-sheet';

/**
 * The sum behind the ground of a tank, `mix ÷ spray volume`.
 *
 * mix: m³, rate: m³/m², both over 0. relativeU95: 2u of the rate as a share.
 * Source: the definition of the spray volume.
 * @example
 * sumOfTank(1, 2e-5, 0.02, { tank: 'L', catch: 'ml', length: 'm', speed: 'km/h', area: 'ha' }).answer // => 50000
 */
export function sumOfTank(mix: Volume, rate: VolumePerArea, relativeU95: number, units: SumUnits): Sum {
	return {
		parts: [
			{ name: 'tank', kind: 'volume', value: mix, unit: units.tank, power: 1 },
			{ name: 'volume', kind: 'volumePerArea', value: rate, unit: `${units.tank}/${units.area}`, power: -1 }
		],
		answer: si<'area'>(mix / rate) satisfies Area,
		kind: 'area',
		relativeU95
	};
}
