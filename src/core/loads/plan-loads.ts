import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { loadCount, loadVolumes } from './load-volumes';
import type { OverMax } from './over-max';
import { overMax } from './over-max';
import { packLoads } from './pack-loads';
import { packsOpened } from './packs-opened';
import { productAmount } from './product-amount';
import { rowLoads } from './row-loads';
import type { Amount, PlanSheet } from './sheet';
import { strength } from './strength';

export interface Load {
	readonly mix: Volume;
	/** Ground that the load covers; what cannot be sprayed out covers none. */
	readonly area: Area;
	/** Water to put in: the mix less the liquid products, which take up room in the tank. */
	readonly water: Volume;
	/** In the order of the sheet's products. */
	readonly products: readonly Amount[];
	/** Rows that it does, where loads end at row ends. */
	readonly rows: number | null;
	/** Containers of the leading product, where loads use whole ones. */
	readonly packs: number | null;
}

export interface LoadPlan {
	readonly area: Area;
	/** All that is made up: for the ground, and what cannot be sprayed out. */
	readonly mix: Volume;
	/** Part of the mix that cannot be sprayed out. */
	readonly leftover: Volume;
	readonly loads: readonly Load[];
	/** In the order of the sheet's products. */
	readonly totals: readonly Amount[];
	/** Containers opened of each product; null where its container is not known. */
	readonly packs: readonly (number | null)[];
	/** How far each product passes its label's most per area; null where it does not. */
	readonly overMax: readonly (OverMax | null)[];
}

/** More loads than anyone drives: a wrong unit, not a plan. */
export const mostLoads = 500;

interface Part {
	readonly mix: Volume;
	readonly rows: number | null;
	readonly packs: number | null;
}

/**
 * What goes in the tank: `mix = area × share sprayed × spray volume + dead volume`, split into loads, with product, water
 * and area in each. Nothing is rounded here.
 *
 * Errors: `dead-over-tank`; `too-many-loads` (over 500); `products-fill-tank` (liquid products leave no room for water);
 * `row-over-tank` and `pack-over-tank` where one row or one container takes more than a tank; `missing` rows or packs where
 * a split needs them.
 *
 * Source: product in proportion to ground; what a tank cannot spray out is made up at the same strength.
 * @example
 * const products = [{ name: 'Sample Ochre', dose: { basis: 'liquidPerArea', dose: 3e-7 } }];
 * const plan = planLoads({ area: 1e5, rate: 2e-5, tank: 0.8, split: 'full-then-part', products }).value;
 * plan.loads.map((load) => load.water) // => [0.788,0.788,0.394]
 */
export function planLoads(sheet: PlanSheet): Result<LoadPlan> {
	const { area, rate, tank, products } = sheet;
	const share = sheet.sprayedShare ?? 1;
	const dead = sheet.dead ?? si<'volume'>(0);
	if (dead >= tank) return bad({ code: 'dead-over-tank', path: 'dead' });
	const mix = si<'volume'>(area * share * rate + dead);
	const count = loadCount(mix, tank);
	if (count > mostLoads) return bad({ code: 'too-many-loads', path: 'tank', text: `${count}`, bound: `${mostLoads}` });
	const parts = partsOf(sheet, mix, dead);
	if (!parts.ok) return parts;
	if (parts.value.length > mostLoads)
		return bad({ code: 'too-many-loads', path: 'split', text: `${parts.value.length}`, bound: `${mostLoads}` });
	const perGround = rate * share;
	const last = parts.value.length - 1;
	const loads = parts.value.map((part, i): Load => {
		const made = products.map((p) => productAmount(p.dose, si<'area'>(part.mix / rate), part.mix));
		const liquid = made.reduce((sum, p) => sum + (p.kind === 'volume' ? p.amount : 0), 0);
		return {
			...part,
			area: si<'area'>((i === last ? part.mix - dead : part.mix) / perGround),
			water: si<'volume'>(part.mix - liquid),
			products: made
		};
	});
	const issues: Issue[] = loads.some((load) => load.water <= 0)
		? [{ code: 'products-fill-tank', path: 'products' }]
		: [];
	if (issues.length > 0) return bad(...issues);
	const totals = products.map((p) => productAmount(p.dose, si<'area'>(mix / rate), mix));
	return good({
		area,
		mix,
		leftover: dead,
		loads,
		totals,
		packs: products.map(({ pack }, i) =>
			pack && pack.kind === totals[i]!.kind ? packsOpened(totals[i]!.amount, pack.amount) : null
		),
		overMax: products.map(({ dose, max }) =>
			max ? overMax(strength(dose, rate), rate, share, max.perArea, max.kind === 'mass') : null
		)
	});
}

/** Volumes of the loads by the way of splitting. */
function partsOf(sheet: PlanSheet, mix: Volume, dead: Volume): Result<Part[]> {
	const { tank, rate, split, rows } = sheet;
	switch (split) {
		case 'full-then-part':
		case 'equal':
			return good(loadVolumes(mix, tank, split, dead).map((v) => ({ mix: v, rows: null, packs: null })));
		case 'whole-rows': {
			if (!rows) return bad({ code: 'missing', path: 'rows' });
			const row = si<'volume'>((mix - dead) / rows.count);
			const each = rowLoads(rows.count, row, tank, dead);
			if (!each) return bad({ code: 'row-over-tank', path: 'rows' });
			return good(
				each.map((count, i) => ({
					mix: si<'volume'>(count * row + (i === each.length - 1 ? dead : 0)),
					rows: count,
					packs: null
				}))
			);
		}
		case 'whole-packs': {
			const leading = sheet.products.find((p) => p.pack);
			if (!leading?.pack) return bad({ code: 'missing', path: 'pack' });
			const perPack = si<'volume'>(leading.pack.amount / strength(leading.dose, rate));
			const made = packLoads(mix, tank, perPack, dead);
			if (!made) return bad({ code: 'pack-over-tank', path: 'pack', text: leading.name });
			return good(made.map((m) => ({ ...m, rows: null })));
		}
	}
}
