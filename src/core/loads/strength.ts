import type { VolumePerArea } from '../quantity/quantity';
import type { Dose } from './sheet';

/**
 * Product in a cubic metre of finished mix: m³ of a liquid, kg of a dry one. A dose per area over the spray volume; a
 * share of the mix as it is.
 *
 * rate: spray volume, m³/m², over 0.
 * Source: dose over spray volume.
 * @example
 * strength({ basis: 'liquidPerArea', dose: 2e-7 }, 1.8e-5).toFixed(7) // => "0.0111111"
 * strength({ basis: 'shareDry', perVolume: 10 }, 1.8e-5) // => 10
 */
export function strength(dose: Dose, rate: VolumePerArea): number {
	switch (dose.basis) {
		case 'liquidPerArea':
		case 'dryPerArea':
			return dose.dose / rate;
		case 'shareLiquid':
			return dose.share;
		case 'shareDry':
			return dose.perVolume;
	}
}
