import type { Gallon, Issue, Kind, ReadQuantity, Reading, Result } from '../../core/index';
import { bad, readQuantity, si } from '../../core/index';
import { z } from 'zod';

/** A quantity in a file: text as a person types it, or a bare number with its unit. */
export const quantityText = z
	.union([z.string().max(80), z.strictObject({ value: z.number().nonnegative(), unit: z.string().max(40) })])
	.meta({ id: 'Quantity', description: 'A quantity as typed ("2 gal 1 qt") or {"value", "unit"}.' });

export type QuantityText = z.infer<typeof quantityText>;

export const gallonWord = z.enum(['US', 'Imperial']);

/** Reads the quantities of one file with its gallon, and collects what is wrong with any of them. */
export class QuantityReader {
	readonly issues: Issue[] = [];
	constructor(readonly gallon: Gallon) {}

	read<K extends Kind>(
		text: QuantityText,
		kinds: readonly K[],
		path: string,
		options: Partial<Reading<K>> = {}
	): ReadQuantity<K> | undefined {
		const result = this.result(text, kinds, path, options);
		if (result.ok) return result.value;
		this.issues.push(...result.issues);
		return undefined;
	}

	/** How to read, by the list of kinds that is asked with: the same few lists, a hundred times a file. */
	readonly #readings = new Map<readonly Kind[], Reading<Kind>>();

	#reading<K extends Kind>(kinds: readonly K[], oz: Reading<K>['oz']): Reading<K> {
		const known = this.#readings.get(kinds);
		if (known && known.oz === oz) return known as Reading<K>;
		const made = { kinds, gallon: this.gallon, ...(oz ? { oz } : {}) };
		this.#readings.set(kinds, made);
		return made;
	}

	private result<K extends Kind>(
		text: QuantityText,
		kinds: readonly K[],
		path: string,
		options: Partial<Reading<K>>
	): Result<ReadQuantity<K>> {
		const reading =
			options.unit === undefined && options.decimalComma === undefined
				? this.#reading(kinds, options.oz)
				: { kinds, gallon: this.gallon, ...options };
		if (typeof text === 'string') return readQuantity(text, reading, path);
		// A number of many digits must not pass through decimal text, so one unit is read and scaled.
		const one = readQuantity(`1 ${text.unit}`, reading, `${path}.unit`);
		if (!one.ok) return bad(...one.issues.map((i) => ({ ...i, text: text.unit })));
		return {
			ok: true,
			value: { ...one.value, text: `${text.value} ${text.unit}`, value: si(one.value.value * text.value) }
		};
	}
}
