import type { Issue, IssueCode, Result } from './issue';
import { bad, good } from './issue';
import type { Kind, Quantity } from './quantity';
import { si } from './quantity';
import { numberPattern, readNumber } from './read-number';
import { tidyText } from './tidy-text';
import { lookUpUnit } from './unit-words';
import type { Gallon } from './units';
import { factor } from './units';

/** A quantity as it was typed: the text is kept, the value is SI, the unit is the first one that was written. */
export interface ReadQuantity<K extends Kind = Kind> {
	readonly text: string;
	readonly kind: K;
	readonly value: Quantity<K>;
	readonly unit: string;
}

export interface Reading<K extends Kind> {
	readonly kinds: readonly K[];
	/** The field's own unit, for a bare number; without it a bare number is refused. */
	readonly unit?: string | undefined;
	readonly gallon: Gallon;
	readonly oz?: 'fluid' | 'weight' | 'ask';
	readonly decimalComma?: boolean;
}

const simple = /^(\d+(?:\.\d+)?) ?([a-z/]+(?: oz)?)?$/i;
const clock = /^(?:(\d+):)?(\d+):([0-5]\d(?:[.,]\d+)?)$/;
/** Of a unit's name, in the languages that units are written in. */
const letter = 'a-záéíóúñ²';
const term = new RegExp(
	`^(${numberPattern}) ?((?:(?:us|u\\.s\\.|imp|imp\\.|imperial) )?[${letter}"'][${letter}]*2?(?: (?:oz|ounces?|av|m2?|ft2?|feet|l[ií]q(?:uidas?)?|cuadrados)(?![${letter}]))?(?: ?(?:\\/|\\b(?:per|por)\\b) ?(?:100 |1,?000 )?[${letter}]+2?)?|["'])?(?= |\\d|$)`,
	'i'
);

/**
 * Reads what a person writes for a quantity: `64 oz`, `2 gal 1 qt`, `1 1/2 pt`, `18'6"`, `0:55`, `3,420 ml`, `12.5`.
 *
 * Accepted range: any finite value of 0 or more; bounds of sense belong to the field that asks (see `within`).
 * Errors: `empty`, `unreadable`, `comma`, `no-unit`, `unknown-unit`, `wrong-kind`, `ambiguous-oz`, `negative`.
 * @example
 * readQuantity("18'6\"", { kinds: ['length'], gallon: 'US' }, '').value.value // => 5.6388
 * readQuantity('2 gal 1 qt', { kinds: ['volume'], gallon: 'US' }, '').value.value // => 0.008517176514
 * readQuantity('20 ft + 6 m', { kinds: ['length'], gallon: 'US' }, '').value.value // => 12.096
 * readQuantity('2/3 of 18 ft', { kinds: ['length'], gallon: 'US' }, '').value.value // => 3.6576
 * readQuantity('3 L', { kinds: ['length'], gallon: 'US' }, 'course').issues[0].code // => "wrong-kind"
 */
export function readQuantity<K extends Kind>(text: string, reading: Reading<K>, path: string): Result<ReadQuantity<K>> {
	const fast = simple.exec(text);
	// With a decimal comma a point may be a thousands mark: that wants the careful way.
	if (fast && !(reading.decimalComma && fast[1]!.includes('.')))
		return oneTerm(text, Number(fast[1]), fast[2], reading, path);
	const tidy = tidyText(text);
	if (tidy === '') return bad(issue('empty', path, text, reading));
	if (/^-/.test(tidy)) return bad(issue(/\d/.test(tidy) ? 'negative' : 'unreadable', path, text, reading));
	if (!/\d/.test(tidy)) return bad(issue('unreadable', path, text, reading));
	const time = clock.exec(tidy);
	if (time && (reading.kinds as readonly Kind[]).includes('time'))
		return good(clockTime(text, time) as ReadQuantity<K>);
	return /[+×*]|\dx|\d x| (?:of|de) /i.test(tidy)
		? sumOf(text, tidy, reading, path)
		: severalTerms(text, tidy, reading, path);
}

function issue(code: IssueCode, path: string, text: string, reading: Reading<Kind>): Issue {
	const sign = code === 'comma' ? { bound: reading.decimalComma ? ',' : '.' } : {};
	return { code, path, text, wanted: reading.kinds.join('|'), ...sign };
}

function oneTerm<K extends Kind>(
	text: string,
	value: number,
	word: string | undefined,
	reading: Reading<K>,
	path: string
): Result<ReadQuantity<K>> {
	const unit = word ?? reading.unit;
	if (unit === undefined) return bad(issue('no-unit', path, text, reading));
	const found = lookUpUnit(unit, reading);
	if (found.found === 'unit') {
		const kind = found.kind as K;
		return good({ text, kind, value: si<K>(value * factor(kind, found.unit)), unit: found.unit });
	}
	const code = { 'other-kind': 'wrong-kind', 'ambiguous-oz': 'ambiguous-oz', nothing: 'unknown-unit' } as const;
	return bad(issue(code[found.found], path, text, reading));
}

function clockTime(text: string, match: RegExpExecArray): ReadQuantity<'time'> {
	const seconds = Number(match[1] ?? 0) * 3600 + Number(match[2]) * 60 + Number(match[3]!.replace(',', '.'));
	return { text, kind: 'time', value: si<'time'>(seconds), unit: 's' };
}

const times = new RegExp(`^(${numberPattern}) ?(?:[x×*]|(?:of|de)(?= )) ?(.+)$`, 'i');

/** `20 ft + 6 m`, `3 × 12 in`, `2/3 of 18 ft`: each part with its unit, so that nothing is guessed of the others. */
function sumOf<K extends Kind>(text: string, tidy: string, reading: Reading<K>, path: string): Result<ReadQuantity<K>> {
	const fail = (code: IssueCode) => bad(issue(code, path, text, reading));
	const parts = tidy.split('+').map((part) => part.trim());
	const own: Reading<K> = parts.length > 1 ? { ...reading, unit: undefined } : reading;
	let first: ReadQuantity<K> | undefined;
	let sum = 0;
	for (const part of parts) {
		const product = times.exec(part);
		const count = product ? readNumber(product[1]!, reading.decimalComma ?? false) : 1;
		if (typeof count === 'string') return fail(count);
		if (part === '' || (product && times.test(product[2]!))) return fail('unreadable');
		const one = severalTerms(text, product?.[2] ?? part, own, path);
		if (!one.ok) return one;
		if (first && one.value.kind !== first.kind) return fail('unreadable');
		first ??= one.value;
		sum += count * one.value.value;
	}
	return first && Number.isFinite(sum) ? good({ ...first, value: si<K>(sum) }) : fail('unreadable');
}

/** `2 gal 1 qt`: terms of one kind, each with its unit, added. */
function severalTerms<K extends Kind>(
	text: string,
	tidy: string,
	reading: Reading<K>,
	path: string
): Result<ReadQuantity<K>> {
	const fail = (code: IssueCode) => bad(issue(code, path, text, reading));
	let rest = tidy;
	let sum = 0;
	let first: ReadQuantity<K> | undefined;
	let terms = 0;
	while (rest !== '') {
		const match = term.exec(rest);
		if (!match) return fail(terms === 0 && /^[\d.,/ ]+[a-záéíóúñ²"' /%]+$/i.test(rest) ? 'unknown-unit' : 'unreadable');
		const value = readNumber(match[1]!, reading.decimalComma ?? false);
		if (typeof value === 'string') return fail(value);
		rest = rest.slice(match[0].length).trim();
		const alone = terms === 0 && rest === '';
		if (match[2] === undefined && !alone) return fail('unreadable');
		const one = oneTerm(text, value, match[2], reading, path);
		if (!one.ok) return one;
		if (first && one.value.kind !== first.kind) return fail('unreadable');
		first ??= one.value;
		sum += one.value.value;
		terms += 1;
	}
	return first && Number.isFinite(sum) ? good({ ...first, value: si<K>(sum) }) : fail('unreadable');
}
