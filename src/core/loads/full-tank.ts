import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { productAmount } from './product-amount';
import type { Amount, PlannedProduct } from './sheet';

export interface FullTank {
	readonly mix: Volume;
	/** Ground that it covers at the spray volume. */
	readonly area: Area;
	readonly water: Volume;
	/** In the order of the products. */
	readonly products: readonly Amount[];
	/** Of each product in a cubic metre of mix: m³ of a liquid, kg of a dry one. */
	readonly perMix: readonly number[];
}

/**
 * One full tank, without any area: what it covers (`mix ÷ spray volume`) and what goes in.
 *
 * rate: m³/m², over 0. tank: m³ that is made up, over 0.
 *
 * Errors: `products-fill-tank` where liquid products leave no room for water.
 * Source: the definition of the spray volume, mix over area.
 * @example
 * fullTank(18e-6, 0.6, [{ name: 'Ochre', dose: { basis: 'liquidPerArea', dose: 2e-7 } }]).value.area.toFixed(3) // => "33333.333"
 * fullTank(18e-6, 0.6, [{ name: 'Ochre', dose: { basis: 'liquidPerArea', dose: 2e-5 } }]).issues[0].code // => "products-fill-tank"
 */
export function fullTank(
	rate: VolumePerArea,
	tank: Volume,
	products: readonly Pick<PlannedProduct, 'name' | 'dose'>[]
): Result<FullTank> {
	const area = si<'area'>(tank / rate);
	const made = products.map(({ dose }) => productAmount(dose, area, tank));
	const liquid = made.reduce((sum, p) => sum + (p.kind === 'volume' ? p.amount : 0), 0);
	if (liquid >= tank) return bad({ code: 'products-fill-tank', path: 'products' });
	return good({
		mix: tank,
		area,
		water: si<'volume'>(tank - liquid),
		products: made,
		perMix: made.map(({ amount }) => amount / tank)
	});
}
