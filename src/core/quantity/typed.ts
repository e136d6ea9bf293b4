import type { Result } from './issue';
import type { Kind } from './quantity';
import type { ReadQuantity } from './read-quantity';
import { readQuantity } from './read-quantity';
import type { Gallon } from './units';

/**
 * A reading as it was typed, with all that is needed to read it again the same way on any day by any machine: the
 * field's unit for a bare number, whose gallon, and whether the comma was the decimal sign.
 */
export interface Typed {
	readonly text: string;
	readonly unit: string;
	readonly gallon: Gallon;
	readonly comma?: boolean | undefined;
}

/**
 * Reads a typed reading again. A bare `oz` is fluid wherever a volume may be meant, unless the field's unit was picked as the
 * ounce of weight: a unit that was picked is never guessed again.
 */
export const readTyped = <K extends Kind>(typed: Typed, kinds: readonly K[], path: string): Result<ReadQuantity<K>> =>
	readQuantity(
		typed.text,
		{
			kinds,
			unit: typed.unit,
			gallon: typed.gallon,
			decimalComma: typed.comma ?? false,
			oz: typed.unit === 'oz' ? 'weight' : 'fluid'
		},
		path
	);
