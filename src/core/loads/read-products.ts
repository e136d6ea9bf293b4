import type { DoseArea, LabelNumbers } from '../products/label';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { fieldDose } from './field-dose';
import { readDose } from './read-dose';
import type { PlannedProduct } from './sheet';
import type { Typed } from '../quantity/typed';

/** A product as it is typed, with its dose. */
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

/** What a label tells of a product besides its dose; nothing where the product is only a name. */
export type KnownLabel = Pick<LabelNumbers, 'packet' | 'actives' | 'density' | 'max' | 'packs'>;

/**
 * Reads products with their doses as they were typed; each that is wrong is told, not only the first.
 *
 * treated: share of the ground that bands treat, over 0 to 1. labels: in the order of the products, null where none is known.
 *
 * Errors: those of the doses; `no-state` where a per cent does not say of what; `dose-area` where a dose on bands does not
 * say what it is of.
 * @example
 * const ochre = { name: 'Sample Ochre', dose: { text: '2 L/ha', unit: 'L/ha', gallon: 'US' }, state: 'liquid' };
 * readProducts([ochre], 1).value[0].dose // => {"basis":"liquidPerArea","dose":2e-7}
 * readProducts([ochre], 0.5).issues[0].code // => "dose-area"
 */
export function readProducts(
	products: readonly TypedProduct[],
	treated: number,
	labels: readonly (KnownLabel | null)[] = []
): Result<PlannedProduct[]> {
	const issues: Issue[] = [];
	const read = products.flatMap((product, i): PlannedProduct[] => {
		const { text, unit, gallon, comma } = product.dose;
		const label = labels[i] ?? null;
		const dose = readDose(
			text,
			{
				gallon,
				unit: unit || undefined,
				state: product.state,
				decimalComma: comma ?? false,
				...(label && { packet: label.packet ?? undefined, actives: label.actives }),
				...(label?.density != null && { density: label.density })
			},
			`products.${i}.dose`
		);
		if (!dose.ok) {
			issues.push(...dose.issues);
			return [];
		}
		const perArea = dose.value.basis === 'liquidPerArea' || dose.value.basis === 'dryPerArea';
		if (product.state === undefined && percentOfWhat.test(text))
			issues.push({ code: 'no-state', path: `products.${i}.dose`, text });
		if (treated < 1 && perArea && product.per === undefined)
			issues.push({ code: 'dose-area', path: `products.${i}.per`, text });
		return [
			{
				name: product.name,
				dose: product.per === 'field' ? fieldDose(dose.value, treated) : dose.value,
				...(label?.max && { max: label.max }),
				...(label?.packs.length && { packs: label.packs })
			}
		];
	});
	return issues.length > 0 ? bad(...issues) : good(read);
}
