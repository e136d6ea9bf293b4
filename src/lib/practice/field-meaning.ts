import { m } from '$words';
import type { Area } from '$core';
import { factor, fields, readField, readNumber, readTyped } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import { wordIssue } from '$lib/wording/issues';

export interface TypedMeaning {
	readonly area: string;
	readonly dose: string;
	/** Money for one unit of the product, as the dose has it: a litre of `2 L/ha`. */
	readonly price: string;
}

export type Meaning =
	| {
			readonly ok: true;
			readonly area: Area;
			readonly dose: {
				/** m³/m² or kg/m². */
				readonly value: number;
				readonly kind: 'volume' | 'mass';
				/** Unit of the product alone. */
				readonly unit: string;
			};
			/** Money for a m³ or a kg; null where nobody said. */
			readonly price: number | null;
	  }
	| { readonly ok: false; readonly problems: Readonly<Record<keyof TypedMeaning, string>> };

/** Reads what somebody typed of a field: nothing is said of what is empty, and nothing is worked out before area and dose stand there. */
export function meaningOf({ area, dose, price }: TypedMeaning, settings: FarmSettings): Meaning {
	const units = fieldUnits(settings);
	const ground = readField(fields.area, typed(area, units.area, settings), 'area');
	const product = readTyped(typed(dose, units.dose, settings), ['volumePerArea', 'massPerArea'], 'dose');
	const money = price.trim() === '' ? null : readNumber(price.trim(), settings.decimalComma);
	const bad = typeof money === 'string';
	if (!ground.ok || !product.ok || bad) {
		const words = (text: string, read: typeof ground | typeof product) =>
			read.ok || text.trim() === '' ? '' : wordIssue(read.issues[0]!);
		return {
			ok: false,
			problems: {
				area: words(area, ground),
				dose: words(dose, product),
				price: bad ? m.reveal_price_bad({ price }) : ''
			}
		};
	}
	const { kind, unit, value } = product.value;
	const own = kind === 'volumePerArea' ? ('volume' as const) : ('mass' as const);
	const alone = unit.slice(0, unit.lastIndexOf('/'));
	return {
		ok: true,
		area: ground.value.value as Area,
		dose: { value, kind: own, unit: alone },
		price: money === null ? null : money / factor(own, alone)
	};
}
