import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { bounds, within } from '../quantity/within';
import { fields, readField } from '../quantity/fields';
import type { DoseArea } from '../products/label';
import { fieldDose } from './field-dose';
import { readDose } from './read-dose';
import type { PlanSheet, PlannedProduct, Split } from './sheet';

/** Ground by its area, or by length × width, as typed. */
export type TypedArea =
	| { readonly by: 'area'; readonly area: Typed }
	| { readonly by: 'sides'; readonly length: Typed; readonly width: Typed };

export interface TypedProduct {
	readonly name: string;
	readonly dose: Typed;
	/** Left out where nobody said: then the dose has to tell it by itself. */
	readonly state?: 'liquid' | 'dry' | undefined;
	/** On bands: what the dose is of. */
	readonly per?: DoseArea | undefined;
}

/** A per cent of a liquid is litres in 100 L of mix, of a dry product kilograms; with `v/v` or `w/v` the label says which. */
const percentOfWhat = /(?:%|per ?cent)\s*$/i;

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
	const products = plan.products.flatMap((product, i): PlannedProduct[] => {
		const { text, unit, gallon, comma } = product.dose;
		const reading = { gallon, unit: unit || undefined, state: product.state, decimalComma: comma ?? false };
		const dose = readDose(text, reading, `products.${i}.dose`);
		if (!dose.ok) {
			issues.push(...dose.issues);
			return [];
		}
		const perArea = dose.value.basis === 'liquidPerArea' || dose.value.basis === 'dryPerArea';
		if (product.state === undefined && percentOfWhat.test(text))
			issues.push({ code: 'no-state', path: `products.${i}.dose`, text });
		if (treated < 1 && perArea && product.per === undefined)
			issues.push({ code: 'dose-area', path: `products.${i}.per`, text });
		return [{ name: product.name, dose: product.per === 'field' ? fieldDose(dose.value, treated) : dose.value }];
	});
	if (issues.length > 0 || !area.ok || !tank.ok) return bad(...issues);
	const share = treated < 1 ? { sprayedShare: treated } : {};
	return good({ area: area.value, rate, tank: tank.value.value, split: plan.split, ...share, products });
}
