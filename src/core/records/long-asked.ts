import type { Issue } from '../quantity/issue';
import { longest, tooLong } from '../quantity/too-long';
import type { AskedField } from './record';
import { askedFields } from './record';

const own: Partial<Record<AskedField, number>> = { remarks: longest.remarks, condition: 300 };

/** Letters that a person may write in a field of a record. */
export const longestAsked = (name: AskedField): number => own[name] ?? 120;

/**
 * Fields of a record that are longer than it keeps.
 *
 * asked: what a person wrote, by field; one that is not there is empty.
 *
 * Errors: `too-long` at each such field.
 *
 * Source: what a record and its paper have room for; no trade rule.
 *
 * @example
 * longAsked({ operator: 'A. Sample' }).length // => 0
 */
export const longAsked = (asked: Readonly<Partial<Record<string, string>>>): Issue[] =>
	askedFields.flatMap((name) => tooLong(name, asked[name] ?? '', longestAsked(name)));
