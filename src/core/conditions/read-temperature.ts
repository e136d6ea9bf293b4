import type { Result } from '../quantity/issue';
import { bad, good, inSign } from '../quantity/issue';
import { readNumber } from '../quantity/read-number';
import { tidyText } from '../quantity/tidy-text';
import type { Typed } from '../quantity/typed';

const limits = { min: -20, max: 50 };

/**
 * Reads a temperature, °C: `18`, `18 °C`, `64 F`. Below zero it has a minus. It is not one of the quantities: no formula
 * multiplies it.
 *
 * Errors: `empty`, `unreadable`, `comma`; `too-small` and `too-large` outside of −20 to 50 °C.
 * @example
 * readTemperature({ text: '64.4 F', unit: 'C', gallon: 'US' }, '').value.toFixed(6) // => "18.000000"
 * readTemperature({ text: '-3', unit: 'C', gallon: 'US' }, '').value // => -3
 */
export const readTemperature = (typed: Typed, path: string): Result<number> =>
	inSign(temperatureOf(typed, path), typed.comma);

function temperatureOf({ text, unit, comma }: Typed, path: string): Result<number> {
	const wanted = 'temperature';
	const tidy = tidyText(text);
	if (tidy === '') return bad({ code: 'empty', path, wanted });
	const match = /^([-−]?) ?([\d.,]+) ?(?:°|deg(?:rees?)?)? ?(c|f)?(?:elsius|ahrenheit)?$/i.exec(tidy);
	if (!match) return bad({ code: 'unreadable', path, text, wanted });
	const number = readNumber(match[2]!, comma ?? false);
	if (typeof number === 'string') return bad({ code: number, path, text, wanted });
	const told = match[1] === '' ? number : -number;
	const fahrenheit = (match[3] ?? unit).toUpperCase() === 'F';
	const value = fahrenheit ? ((told - 32) * 5) / 9 : told;
	const bound = (celsius: number) => (fahrenheit ? `${(celsius * 9) / 5 + 32} °F` : `${celsius} °C`);
	if (value < limits.min) return bad({ code: 'too-small', path, text, wanted, bound: bound(limits.min) });
	if (value > limits.max) return bad({ code: 'too-large', path, text, wanted, bound: bound(limits.max) });
	return good(value);
}
