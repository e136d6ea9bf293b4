import type { Rated } from '../calibration/sheet';
import type { Kind, Quantity } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { readTyped } from '../quantity/typed';
import { readSprayer } from '../sprayer/read-sprayer';
import type { SprayerNumbers } from '../sprayer/sprayer';
import type { PracticeSprayer } from './practice-sprayers';

/**
 * A figure of the yard's own tables as a quantity. They are the yard's, not a person's: one that does not read is a bug.
 * @example
 * yardQuantity('length', { text: '60', unit: 'm', gallon: 'US' }) // => 60
 */
export function yardQuantity<K extends Kind>(kind: K, typed: Typed): Quantity<K> {
	const read = readTyped(typed, [kind], '');
	if (!read.ok) throw new Error(`the yard has ${typed.text} ${typed.unit}, which is no ${kind}`);
	return read.value.value as Quantity<K>;
}

/**
 * The numbers of a practice sprayer, and what each of its nozzles should give.
 * @example
 * practiceNumbers(practiceSprayers['boom-us']).rated.length // => 12
 */
export function practiceNumbers(own: PracticeSprayer): {
	readonly numbers: SprayerNumbers;
	readonly rated: readonly Rated[];
} {
	const read = readSprayer(own.sprayer);
	if (!read.ok) throw new Error(`the yard's ${own.sprayer.name} does not read`);
	const numbers = read.value;
	const rated = Array.from({ length: numbers.nozzles }, (_, i) => {
		const one = numbers.rated ?? numbers.ratings?.[numbers.groups?.[i] ?? ''];
		if (!one) throw new Error(`the yard's ${own.sprayer.name} has a nozzle without a rating`);
		return one;
	});
	return { numbers, rated };
}
