import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { readNumber } from '../quantity/read-number';
import { tidyText } from '../quantity/tidy-text';

const longest = 300;
const token = /\s*(?:(\d[\d.,]*|[.,]\d+)|([-+*/×x÷:()√²])|([^\d\s()+*/×÷:√²-]+))/y;

type Token = { readonly n: number } | { readonly sign: string };

/**
 * What a sum comes to as a person writes it: `12 × 5940 / (5 mph × 20 in)`. Numbers, + − × ÷, brackets, √ and ²; words and units
 * beside the numbers are passed over.
 *
 * Errors: `unreadable` where it is no sum.
 * @example
 * readWorking('0.2 gal/min × 5940 / (5 mph × 20 in)', false).value // => 11.88
 * readWorking('17,7 × √(35/40)', true).value.toFixed(3) // => "16.557"
 * readWorking('12 ×', false).issues[0].code // => "unreadable"
 */
export function readWorking(text: string, decimalComma: boolean): Result<number> {
	const wrong = bad({ code: 'unreadable', path: 'working', text, wanted: 'working' });
	const tokens = tokensOf(withoutUnits(tidyText(text)), decimalComma);
	if (tokens === null || text.length > longest) return wrong;
	let at = 0;
	const sign = (...signs: readonly string[]): string | null => {
		const next = tokens[at];
		if (!next || !('sign' in next) || !signs.includes(next.sign)) return null;
		at += 1;
		return next.sign;
	};
	const factor = (): number => {
		if (sign('√')) return Math.sqrt(factor());
		if (sign('-')) return -factor();
		let value = NaN;
		const next = tokens[at];
		if (sign('(')) {
			value = sum();
			if (!sign(')')) return NaN;
		} else if (next && 'n' in next) {
			at += 1;
			value = next.n;
		}
		return sign('²') ? value * value : value;
	};
	const product = (): number => {
		let value = factor();
		for (let by = sign('*', '/'); by; by = sign('*', '/')) value = by === '*' ? value * factor() : value / factor();
		return value;
	};
	const sum = (): number => {
		let value = product();
		for (let by = sign('+', '-'); by; by = sign('+', '-')) value = by === '+' ? value + product() : value - product();
		return value;
	};
	const value = sum();
	return at === tokens.length && Number.isFinite(value) ? good(value) : wrong;
}

/** A unit such as gal/min or L/ha is no division. */
const withoutUnits = (text: string): string => text.replace(/\p{L}+(?:\s?(?:\/|per)\s?\p{L}+[²2]?)+/gu, ' ');

function tokensOf(text: string, decimalComma: boolean): Token[] | null {
	const found: Token[] = [];
	token.lastIndex = 0;
	while (token.lastIndex < text.trimEnd().length) {
		const match = token.exec(text);
		if (!match) return null;
		const [, figure, signed, word] = match;
		if (figure !== undefined) {
			const n = readNumber(figure, decimalComma);
			if (typeof n !== 'number') return null;
			found.push({ n });
		} else if (signed !== undefined) found.push({ sign: { '×': '*', x: '*', '÷': '/', ':': '/' }[signed] ?? signed });
		// A letter x between two figures is a times sign; any other word is a unit.
		else if (word === undefined) return null;
	}
	return found;
}
