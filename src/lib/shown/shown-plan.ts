import type { Amount, Load, LoadPlan } from '$core';
import { inUnit, showDecimals, showFigure } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import { fieldUnits, measuresOf, shortUnit } from '$lib/formats/field-units';

/** An amount in the unit that a person would measure it in, to four digits. Nothing here is rounded for a jug. */
export function shownAmount(amount: Amount, settings: FarmSettings): { readonly value: string; readonly unit: string } {
	const measures = measuresOf(settings);
	const comma = settings.decimalComma;
	if (amount.kind === 'mass') {
		const kg = amount.amount as number;
		if (measures === 'metric')
			return kg < 1
				? { value: showFigure(kg * 1000, 4, comma), unit: 'g' }
				: { value: showFigure(kg, 4, comma), unit: 'kg' };
		const oz = inUnit('mass', amount.amount, 'oz');
		return oz < 32
			? { value: showFigure(oz, 4, comma), unit: 'oz (weight)' }
			: { value: showFigure(oz / 16, 4, comma), unit: 'lb' };
	}
	if (measures === 'metric') {
		const l = inUnit('volume', amount.amount, 'L');
		return l < 1
			? { value: showFigure(l * 1000, 4, comma), unit: 'ml' }
			: { value: showFigure(l, 4, comma), unit: 'L' };
	}
	const g = measures === 'US' ? 'US' : 'Imp';
	const oz = inUnit('volume', amount.amount, `${g} fl oz`);
	const gal = inUnit('volume', amount.amount, `${g} gal`);
	return gal < 2
		? { value: showFigure(oz, 4, comma), unit: 'fl oz' }
		: { value: showFigure(gal, 4, comma), unit: 'gal' };
}

export interface ShownLoad {
	readonly name: string;
	readonly part: boolean;
	readonly mix: string;
	readonly area: string;
	readonly water: string;
	readonly fill: number;
	readonly productFill: number;
	readonly products: readonly { readonly name: string; readonly value: string; readonly unit: string }[];
}

/** Loads as cards: words and figures in the farm's measures, and how full each tank is. */
export function shownLoads(
	plan: LoadPlan,
	tank: number,
	names: readonly string[],
	settings: FarmSettings
): ShownLoad[] {
	const units = fieldUnits(settings);
	const comma = settings.decimalComma;
	const volume = (v: Load['mix']) =>
		`${showFigure(inUnit('volume', v, units.tank), 4, comma)} ${shortUnit(units.tank)}`;
	return plan.loads.map((load, i): ShownLoad => {
		const liquid = load.products.reduce((s, p) => s + (p.kind === 'volume' ? p.amount : 0), 0);
		return {
			name: `Load ${i + 1}`,
			part: load.mix < tank * (1 - 1e-9),
			mix: volume(load.mix),
			area: `${showFigure(inUnit('area', load.area, units.area), 4, comma)} ${units.area}${load.rows === null ? '' : `, ${load.rows} ${load.rows === 1 ? 'row' : 'rows'}`}`,
			water: volume(load.water),
			fill: load.mix / tank,
			productFill: liquid / tank,
			products: load.products.map((p, j) => ({ name: names[j] ?? '', ...shownAmount(p, settings) }))
		};
	});
}

/** Loads that are alike are one card with a count: forty full tanks are told once. */
export function groupLoads(
	loads: readonly ShownLoad[]
): { readonly load: ShownLoad; readonly from: number; readonly to: number }[] {
	const groups: { load: ShownLoad; from: number; to: number }[] = [];
	loads.forEach((load, i) => {
		const last = groups.at(-1);
		const same = last && last.load.mix === load.mix && last.load.part === load.part;
		if (last && same && loads.length > 4) last.to = i + 1;
		else groups.push({ load, from: i + 1, to: i + 1 });
	});
	return groups;
}

export const percentOf = (share: number, comma: boolean): string => `${showDecimals(share * 100, 1, comma)} %`;
