import { m } from '$words';
import { sumOfDose, sumOfTank } from '$core';
import type { FullTankState } from '$lib/job/tank/full-tank.svelte';
import { amountUnit } from '$lib/show/show';
import type { SumSource } from './check-sum.svelte';
import { sumUnits } from './check-sum.svelte';

/** What can be checked of one full tank: the ground that it covers, and each product in it. */
export function tankSums(state: FullTankState): SumSource[] {
	if (!state.read.ok || state.rate === null) return [];
	const { tank, sheet } = state.read.value;
	const { settings } = state.source;
	const units = sumUnits(settings);
	return [
		{
			name: m.ground_of_one_tank(),
			sum: sumOfTank(tank.mix, state.rate, state.relativeU95, units),
			unit: units.area
		},
		...tank.products.flatMap((amount, i): SumSource[] => {
			const typed = state.products[i]!.dose;
			if (!(amount.amount > 0)) return [];
			const { dose, name } = sheet.products[i]!;
			return [
				{
					name: m.in_it({ name }),
					sum: sumOfDose(dose, typed.unit, tank.area, tank.mix, amount, units),
					unit: amountUnit(amount, settings, typed)
				}
			];
		})
	];
}
