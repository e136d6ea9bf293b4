import type { Area, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Amount, Dose } from './sheet';

/**
 * Product for one load: dose × the load's area, or × its mix.
 *
 * area: m² that the load covers; mix: m³ in the load.
 * Source: dose times ground, or strength times mix.
 * @example
 * productAmount({ basis: 'liquidPerArea', dose: 2e-7 }, 33333, 0.6) // => {"kind":"volume","amount":0.0066666}
 * productAmount({ basis: 'shareDry', perVolume: 10 }, 33333, 0.6) // => {"kind":"mass","amount":6}
 */
export function productAmount(dose: Dose, area: Area, mix: Volume): Amount {
	switch (dose.basis) {
		case 'liquidPerArea':
			return { kind: 'volume', amount: si<'volume'>(dose.dose * area) };
		case 'dryPerArea':
			return { kind: 'mass', amount: si<'mass'>(dose.dose * area) };
		case 'shareLiquid':
			return { kind: 'volume', amount: si<'volume'>(dose.share * mix) };
		case 'shareDry':
			return { kind: 'mass', amount: si<'mass'>(dose.perVolume * mix) };
	}
}
