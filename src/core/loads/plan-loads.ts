import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { loadCount, loadVolumes } from './load-volumes';
import type { Amount } from './product-amount';
import { productAmount } from './product-amount';
import type { PlanSheet } from './sheet';

export interface Load {
	readonly mix: Volume;
	readonly area: Area;
	/** Water to put in: the mix less the liquid products, which take up room in the tank. */
	readonly water: Volume;
	/** In the order of the sheet's products. */
	readonly products: readonly Amount[];
}

export interface LoadPlan {
	readonly area: Area;
	readonly mix: Volume;
	readonly loads: readonly Load[];
	/** In the order of the sheet's products. */
	readonly totals: readonly Amount[];
}

/** More loads than anyone drives: a wrong unit, not a plan. */
const mostLoads = 500;

/**
 * What goes in the tank: `mix = area × spray volume`, split into loads, with product, water and area in each. Nothing
 * is rounded here.
 *
 * Errors: `too-many-loads` (over 500), `products-fill-tank` (liquid products leave no room for water).
 */
export function planLoads(sheet: PlanSheet): Result<LoadPlan> {
	const mix = si<'volume'>(sheet.area * sheet.rate);
	const count = loadCount(mix, sheet.tank);
	if (count > mostLoads) return bad({ code: 'too-many-loads', path: 'tank', text: `${count}`, bound: `${mostLoads}` });
	const loads = loadVolumes(mix, sheet.tank, sheet.split).map((volume): Load => {
		const area = si<'area'>(volume / sheet.rate);
		const products = sheet.products.map((p) => productAmount(p.dose, area, volume));
		const liquid = products.reduce((sum, p) => sum + (p.kind === 'volume' ? p.amount : 0), 0);
		return { mix: volume, area, water: si<'volume'>(volume - liquid), products };
	});
	const issues: Issue[] = loads.some((load) => load.water <= 0)
		? [{ code: 'products-fill-tank', path: 'products' }]
		: [];
	if (issues.length > 0) return bad(...issues);
	const totals = sheet.products.map((p) => productAmount(p.dose, sheet.area, mix));
	return good({ area: sheet.area, mix, loads, totals });
}
