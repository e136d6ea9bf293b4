import { si } from '../quantity/quantity';
import type { Dose } from './sheet';

/**
 * A dose per field area as it goes on the part of the field that bands treat: all of it there, `dose / share`. A share of the
 * mix goes where the mix goes, and stays what it is.
 *
 * treated: share of the field that is treated, over 0 to 1.
 * Source: all of a field’s dose goes on the part that bands treat.
 * @example
 * fieldDose({ basis: 'liquidPerArea', dose: 2e-7 }, 0.5) // => {"basis":"liquidPerArea","dose":4e-7}
 * fieldDose({ basis: 'shareLiquid', share: 0.01 }, 0.5) // => {"basis":"shareLiquid","share":0.01}
 */
export function fieldDose(dose: Dose, treated: number): Dose {
	switch (dose.basis) {
		case 'liquidPerArea':
			return { basis: dose.basis, dose: si<'volumePerArea'>(dose.dose / treated) };
		case 'dryPerArea':
			return { basis: dose.basis, dose: si<'massPerArea'>(dose.dose / treated) };
		case 'shareLiquid':
		case 'shareDry':
			return dose;
	}
}
