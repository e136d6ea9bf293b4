import { fields, readField } from '../quantity/fields';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { FullTank } from './full-tank';
import { fullTank } from './full-tank';
import type { KnownLabel, TypedProduct } from './read-products';
import { readProducts } from './read-products';
import type { PlanSheet } from './sheet';
import type { TankReach } from './tank-reach';
import { tankReach } from './tank-reach';

/** One tank as it is asked for: so much mix, and products with their doses. */
export interface TypedFullTank {
	readonly mix: Typed;
	/** Of the tank that is made up, over 0 to 1: half of it is 0.5. */
	readonly share: number;
	readonly products: readonly TypedProduct[];
}

export interface ReadFullTank {
	readonly tank: FullTank;
	/** Ground that is treated; on bands the field is wider. */
	readonly reach: TankReach;
	/** The same as a plan of one load, for telling it by jugs and containers. */
	readonly sheet: PlanSheet;
}

/**
 * What one tank does, from what was typed, without any area.
 *
 * rate: spray volume on what is treated, m³/m². relativeU95: its 2u as a share. treated: share of the ground that bands treat.
 *
 * Errors: those of its fields and doses; `products-fill-tank`.
 * @example
 * const mix = { text: '300 gal', unit: 'US gal', gallon: 'US' };
 * readFullTank({ mix, share: 0.5, products: [] }, 2e-5, 0).value.reach.area.toFixed(1) // => "28390.6"
 */
export function readFullTank(
	asked: TypedFullTank,
	rate: VolumePerArea,
	relativeU95: number,
	treated = 1,
	labels: readonly (KnownLabel | null)[] = []
): Result<ReadFullTank> {
	const amount = readField(fields.tank, asked.mix, 'mix');
	const products = readProducts(asked.products, treated, labels);
	if (!amount.ok || !products.ok)
		return bad(...(amount.ok ? [] : amount.issues), ...(products.ok ? [] : products.issues));
	const mix = si<'volume'>(amount.value.value * asked.share);
	const tank = fullTank(rate, mix, products.value);
	if (!tank.ok) return tank;
	return good({
		tank: tank.value,
		reach: tankReach(rate, relativeU95, mix),
		sheet: { area: tank.value.area, rate, tank: mix, split: 'full-then-part', products: products.value }
	});
}
