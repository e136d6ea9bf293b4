import type { Field } from './fields';
import { readField } from './fields';
import type { Result } from './issue';
import type { Kind, Quantity } from './quantity';
import type { ReadQuantity } from './read-quantity';
import type { Typed } from './typed';

/**
 * A reading that has entered: as it was typed, and the quantity with its unit that it was read as, once. What is computed takes
 * the quantity; what is shown again or sent takes what was typed. Neither stands for the other, so that nothing is read twice.
 */
export interface Entered<K extends Kind = Kind> {
	readonly typed: Typed;
	readonly read: Result<ReadQuantity<K>>;
}

/**
 * Takes a typed reading in: reads it by the field that it was typed into.
 *
 * Errors stand in its `read`, with an empty path: who asks for the reading knows its place.
 * @example
 * quantityOf(entered({ kinds: ['length'], bounds: {} }, { text: '100', unit: 'm', gallon: 'US' })) // => 100
 */
export const entered = <K extends Kind>(field: Field<K>, typed: Typed): Entered<K> => ({
	typed,
	read: readField(field, typed, '')
});

/** The same where there may be none. */
export const mayEnter = <K extends Kind>(field: Field<K>, typed: Typed | null | undefined): Entered<K> | null =>
	typed ? entered(field, typed) : null;

/** What a reading comes to, SI; null where there is none or it cannot be read. */
export const quantityOf = <K extends Kind>(reading: Entered<K> | null | undefined): Quantity<K> | null =>
	reading?.read.ok ? reading.read.value.value : null;
