import type { Load } from '../loads/plan-loads';
import type { Area, Volume } from '../quantity/quantity';

/**
 * What has gone on the ground of each product, m³/m² or kg/m²: all of the loads so far, less what is still in the tank of
 * the last of them, at that load's strength.
 *
 * loads: those so far, the one in the tank last. left: in the tank, m³. area: done, m², over 0.
 * Source: balance of the tank for each product.
 * @example
 * productSoFar([{ mix: 0.6, products: [{ kind: 'volume', amount: 0.006 }] }, { mix: 0.6, products: [{ kind: 'volume', amount: 0.012 }] }], 0.3, 40000)[0].toPrecision(6) // => "3.00000e-7"
 */
export function productSoFar(
	loads: readonly Pick<Load, 'mix' | 'products'>[],
	left: Volume,
	area: Area
): readonly number[] {
	const last = loads[loads.length - 1];
	return (last?.products ?? []).map((inTank, i) => {
		const poured = loads.reduce((sum, load) => sum + (load.products[i]?.amount ?? 0), 0);
		return (poured - (left / last!.mix) * inTank.amount) / area;
	});
}
