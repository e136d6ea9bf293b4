import { m } from '$words';
import type { Amount, ReadFullTank, Typed, TypedProduct } from '../../core/index';
import { factor, planLoads, showFigure } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import { typedText } from '../settings/typed-text';
import { loadAtMark, packsOf } from './at-mark';
import { show, showAmount, shownIn } from './show';
import type { Shown } from './show';

interface TankProduct {
	readonly name: string;
	/** As it was typed. */
	readonly dose: string;
	/** The exact amount. */
	readonly amount: Shown;
	/** What the farm's jug or scale shows of it, where that is another figure. */
	readonly mark: string;
	readonly coarse: boolean;
	readonly perMix: string;
	/** What the ± of the volume makes of a dose per area; empty where there is none. */
	readonly onGround: string;
}

export interface ShownTank {
	readonly area: Shown;
	/** The same bare, in the unit of the area. */
	readonly reach: { readonly least: number; readonly area: number; readonly most: number };
	/** Between what the tank runs dry; empty where the volume has no ±. */
	readonly range: string;
	readonly working: string;
	readonly mix: Shown;
	readonly water: Shown;
	readonly products: readonly TankProduct[];
}

/** Product in the unit of the jug for a litre or a gallon of mix: `1.81 fl oz per gallon of mix`. */
function perMixOf(kind: Amount['kind'], perMix: number, settings: FarmSettings): string {
	const { tank } = fieldUnits(settings);
	const metric = tank === 'L';
	const unit = kind === 'mass' ? (metric ? 'g' : 'oz') : metric ? 'ml' : tank.replace('gal', 'fl oz');
	const figure = (perMix * factor('volume', tank)) / factor(kind, unit);
	return m.per_of_mix({
		text: shownIn(showFigure(figure, 3, settings.decimalComma), unit).text,
		which: metric ? m.litre() : m.gallon()
	});
}

/** One full tank in words and figures: in the farm's measures, each dose in the unit that it was typed in. */
export function shownTank(
	{ tank, reach, sheet }: ReadFullTank,
	products: readonly TypedProduct[],
	{
		relativeU95,
		settings,
		tank: typed
	}: { readonly relativeU95: number; readonly settings: FarmSettings; readonly tank: Typed }
): ShownTank {
	const comma = settings.decimalComma;
	const area =
		relativeU95 > 0
			? show('area', reach.area, settings, { u95: relativeU95 })
			: show('area', reach.area, settings, { digits: 3 });
	const unit = factor('area', area.unit.replace('²', '2'));
	const inUnit = (value: number, digits = 3) => showFigure(value / unit, digits, comma);
	const mix = show('tank', tank.mix, settings, { digits: 4, typed });
	const own = show('tank', tank.mix, settings, { digits: 4 });
	const plan = planLoads(sheet);
	const load = plan.ok ? plan.value.loads[0] : undefined;
	return {
		area,
		reach: { least: reach.least / unit, area: reach.area / unit, most: reach.most / unit },
		range:
			relativeU95 <= 0
				? ''
				: Number.isFinite(reach.most)
					? m.to_least({ least: inUnit(reach.least), most: inUnit(reach.most), unit: area.unit })
					: m.or_more({ least: inUnit(reach.least), unit: area.unit }),
		// One digit more than the volume is shown with, so that it can be done again by hand.
		working: `${own.text} ÷ ${show('rate', sheet.rate, settings, { digits: 4 }).text}`,
		mix,
		water: show('tank', tank.water, settings, { digits: 4, typed }),
		products: products.map(({ name, dose }, index): TankProduct => {
			const made = tank.products[index]!;
			const planned = sheet.products[index]!;
			const amount = showAmount(made, settings, dose);
			const packs = packsOf(planned, made.kind);
			const at =
				load && made.amount > 0 ? loadAtMark({ sheet, load, last: false, index, packs }, [1], settings, dose) : null;
			const thing =
				planned.dose.basis === 'dryPerArea' ? 'dryDose' : planned.dose.basis === 'liquidPerArea' ? 'dose' : null;
			const value = (planned.dose as { readonly dose?: number }).dose ?? 0;
			const ends = [1 - relativeU95, 1 + relativeU95].map(
				(f) => thing && show(thing, value * f, settings, { typed: dose, digits: 3 })
			);
			return {
				name,
				dose: typedText(dose),
				amount,
				mark: at && at.text !== amount.text ? at.text : '',
				coarse: at?.coarse ?? false,
				perMix: perMixOf(made.kind, tank.perMix[index]!, settings),
				onGround:
					thing && relativeU95 > 0 && relativeU95 < 1
						? m.to_on_the_ground({ figure: ends[0]!.figure, text: ends[1]!.text })
						: ''
			};
		})
	};
}
