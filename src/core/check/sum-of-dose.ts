import type { Amount, Dose } from '../loads/sheet';
import type { Area, Volume } from '../quantity/quantity';
import type { Sum } from './sum';
import type { SumUnits } from './sum-of-sheet';

/**
 * The sum behind a product in a tank: its dose × the ground that the tank covers, or × the mix. Nothing of it is judged by a
 * ±: the ground is what the tank is made up for.
 *
 * doseUnit: the unit that the dose was typed in. area: m²; mix: m³; amount: what it comes to.
 * Source: `productAmount`.
 * @example
 * const mine = { tank: 'L', catch: 'ml', length: 'm', speed: 'km/h', area: 'ha' };
 * sumOfDose({ basis: 'liquidPerArea', dose: 2e-7 }, 'L/ha', 50000, 1, { kind: 'volume', amount: 0.01 }, mine).parts.map((p) => p.name) // => ["dose","area"]
 * sumOfDose({ basis: 'shareLiquid', share: 0.01 }, '', 50000, 1, { kind: 'volume', amount: 0.01 }, mine).aside.percent // => 0.01
 */
export function sumOfDose(
	dose: Dose,
	doseUnit: string,
	area: Area,
	mix: Volume,
	{ kind, amount }: Amount,
	units: SumUnits
): Sum {
	const tank = { name: 'tank', kind: 'volume', value: mix, unit: units.tank, power: 1 } as const;
	const ground = { name: 'area', kind: 'area', value: area, unit: units.area, power: 1 } as const;
	const sum = { answer: amount, kind, relativeU95: 0 } as const;
	switch (dose.basis) {
		case 'liquidPerArea':
			return {
				...sum,
				parts: [{ name: 'dose', kind: 'volumePerArea', value: dose.dose, unit: doseUnit, power: 1 }, ground]
			};
		case 'dryPerArea':
			return {
				...sum,
				parts: [{ name: 'dose', kind: 'massPerArea', value: dose.dose, unit: doseUnit, power: 1 }, ground]
			};
		case 'shareLiquid':
			return { ...sum, parts: [tank], aside: { percent: dose.share } };
		case 'shareDry':
			return { ...sum, parts: [tank] };
	}
}
