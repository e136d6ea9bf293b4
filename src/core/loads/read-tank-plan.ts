import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { bounds, within } from '../quantity/within';
import { fields, readField } from '../quantity/fields';
import type { TypedProduct } from './read-products';
import { readProducts } from './read-products';
import type { PlanSheet, Split } from './sheet';

/** Ground by its area, or by length × width, as typed. */
export type TypedArea =
	| { readonly by: 'area'; readonly area: Typed }
	| { readonly by: 'sides'; readonly length: Typed; readonly width: Typed };

/** What is asked for a tank plan, as typed; the spray volume comes from the calibration. */
export interface TypedTankPlan {
	readonly area: TypedArea;
	readonly tank: Typed;
	readonly split: Split;
	readonly products: readonly TypedProduct[];
}

/**
 * Reads the ground of a plan, m². Errors: those of its fields; an area under 0.1 m² or over 100,000 ha.
 * @example
 * readArea({ by: 'sides', length: { text: '420', unit: 'm', gallon: 'US' }, width: { text: '150', unit: 'm', gallon: 'US' } }).value // => 63000
 */
export function readArea(ground: TypedArea): Result<Area> {
	if (ground.by === 'area') {
		const area = readField(fields.area, ground.area, 'area');
		return area.ok ? good(area.value.value) : area;
	}
	const length = readField(fields.side, ground.length, 'length');
	const width = readField(fields.side, ground.width, 'width');
	if (!length.ok || !width.ok) return bad(...(length.ok ? [] : length.issues), ...(width.ok ? [] : width.issues));
	const value = si<'area'>(length.value.value * width.value.value);
	const kept = within(
		{ text: `${length.value.text} × ${width.value.text}`, kind: 'area', unit: 'm2', value },
		bounds.area,
		'length'
	);
	return kept.ok ? good(value) : kept;
}

/**
 * Reads a whole tank plan into quantities; every field that is wrong is told, not only the first.
 *
 * rate: spray volume on what is treated, m³/m². treated: share of the ground that bands treat, over 0 to 1.
 *
 * Errors: those of its fields and doses; `dose-area` where a dose on bands does not say what it is of.
 */
export function readTankPlan(plan: TypedTankPlan, rate: VolumePerArea, treated = 1): Result<PlanSheet> {
	const issues: Issue[] = [];
	const area = readArea(plan.area);
	if (!area.ok) issues.push(...area.issues);
	const tank = readField(fields.tank, plan.tank, 'tank');
	if (!tank.ok) issues.push(...tank.issues);
	const products = readProducts(plan.products, treated);
	if (!products.ok) issues.push(...products.issues);
	if (!area.ok || !tank.ok || !products.ok) return bad(...issues);
	const share = treated < 1 ? { sprayedShare: treated } : {};
	return good({
		area: area.value,
		rate,
		tank: tank.value.value,
		split: plan.split,
		...share,
		products: products.value
	});
}
