import type { Result } from '../quantity/issue';
import { bad, good, inSign } from '../quantity/issue';
import { readNumber } from '../quantity/read-number';
import { tidyText } from '../quantity/tidy-text';
import { readQuantity } from '../quantity/read-quantity';
import type { Typed } from '../quantity/typed';

/** No liquid that is sprayed is heavier or lighter than this, kg/m³. */
const densities = { min: 500, max: 2500 };

/** `480 g/L`, `4 lb/gal`, `250 g per kg`: a weight in a volume or in a weight. */
const quotient = /^(.+?) ?(?:\/|\bper\b) ?(.+)$/i;
const percent = /^([\d.,/ ]+?) ?(?:%|per ?cent)(?: ?([wmv])\/([wmv]))?$/i;

interface Part {
	readonly kind: 'volume' | 'mass';
	readonly value: number;
}

function readPart(text: string, typed: Typed, oz: 'fluid' | 'weight', path: string): Result<Part> {
	const counted = /^\d/.test(text) ? text : `1 ${text}`;
	const reading = { kinds: ['mass', 'volume'] as const, gallon: typed.gallon, oz, decimalComma: typed.comma ?? false };
	const read = readQuantity(counted, reading, path);
	return read.ok ? good({ kind: read.value.kind, value: read.value.value }) : read;
}

/**
 * Reads the density of a liquid, kg/m³: `1.35 kg/L`, `11.3 lb/gal`, or a bare specific gravity, `1.35`.
 *
 * Errors: `empty`, `unreadable`; `too-small` and `too-large` outside of 0.5 to 2.5 kg/L.
 * @example
 * readDensity({ text: '1.35', unit: '', gallon: 'US' }, 'density').value // => 1350
 * readDensity({ text: '10 lb/gal', unit: '', gallon: 'US' }, 'density').value.toFixed(1) // => "1198.3"
 */
export const readDensity = (typed: Typed, path: string): Result<number> => inSign(densityOf(typed, path), typed.comma);

function densityOf(typed: Typed, path: string): Result<number> {
	const tidy = tidyText(typed.text);
	const wanted = 'density';
	if (tidy === '') return bad({ code: 'empty', path, wanted });
	const unreadable = bad({ code: 'unreadable', path, text: typed.text, wanted });
	let value: number;
	const parts = quotient.exec(tidy);
	if (parts && !/^[\d.,/ ]+$/.test(tidy)) {
		const mass = readPart(parts[1]!, typed, 'weight', path);
		const volume = readPart(parts[2]!, typed, 'fluid', path);
		if (!mass.ok || !volume.ok || mass.value.kind !== 'mass' || volume.value.kind !== 'volume') return unreadable;
		value = mass.value.value / volume.value.value;
	} else {
		const gravity = readNumber(tidy, typed.comma ?? false);
		if (typeof gravity === 'string') return unreadable;
		value = gravity * 1000;
	}
	if (!(value >= densities.min)) return bad({ code: 'too-small', path, text: typed.text, wanted, bound: '0.5 kg/L' });
	if (!(value <= densities.max)) return bad({ code: 'too-large', path, text: typed.text, wanted, bound: '2.5 kg/L' });
	return good(value);
}

/**
 * Reads how much of an active ingredient a product holds: kg/m³ of a liquid (`480 g/L`, `4 lb/gal`, `48 % w/v`), kg/kg of a
 * dry one (`75 %`, `750 g/kg`). A liquid's share by weight (`41 % w/w`) takes its density.
 *
 * density: of a liquid, kg/m³; null where it is not known.
 *
 * Errors: `empty`, `unreadable`; `weight-percent` for a liquid's percent that does not say of what; `no-density`;
 * `too-large` where the product would be more than all active.
 * @example
 * readContent({ text: '480 g/L', unit: '', gallon: 'US' }, 'liquid', null, '').value // => 480
 * readContent({ text: '75 %', unit: '', gallon: 'US' }, 'dry', null, '').value // => 0.75
 * readContent({ text: '41 % w/w', unit: '', gallon: 'US' }, 'liquid', 1170, '').value.toFixed(1) // => "479.7"
 */
export const readContent = (
	typed: Typed,
	state: 'liquid' | 'dry',
	density: number | null,
	path: string
): Result<number> => inSign(contentOf(typed, state, density, path), typed.comma);

function contentOf(typed: Typed, state: 'liquid' | 'dry', density: number | null, path: string): Result<number> {
	const { text } = typed;
	const tidy = tidyText(text);
	const wanted = 'content';
	if (tidy === '') return bad({ code: 'empty', path, wanted });
	const unreadable = bad({ code: 'unreadable', path, text, wanted });
	const within = (value: number): Result<number> => {
		if (!(value > 0)) return bad({ code: 'zero', path, text, wanted });
		const most = state === 'dry' ? 1 : densities.max;
		return value <= most
			? good(value)
			: bad({ code: 'too-large', path, text, wanted, bound: state === 'dry' ? '100 %' : '2500 g/L' });
	};
	const share = percent.exec(tidy);
	if (share) {
		const number = readNumber(share[1]!.trim(), typed.comma ?? false);
		if (typeof number === 'string') return unreadable;
		const [above, below] = [share[2]?.toLowerCase(), share[3]?.toLowerCase()];
		if (above === 'v') return unreadable;
		if (state === 'dry') return below === 'v' ? unreadable : within(number / 100);
		if (below === 'v') return within(number * 10);
		// A bare percent of a liquid is by weight on one label and by volume on the next.
		if (above === undefined) return bad({ code: 'weight-percent', path, text, wanted });
		return density === null ? bad({ code: 'no-density', path, text }) : within((number / 100) * density);
	}
	const parts = quotient.exec(tidy);
	if (!parts) return unreadable;
	const mass = readPart(parts[1]!, typed, 'weight', path);
	const below = readPart(parts[2]!, typed, state === 'dry' ? 'weight' : 'fluid', path);
	if (!mass.ok || !below.ok || mass.value.kind !== 'mass') return unreadable;
	const value = mass.value.value / below.value.value;
	if (state === 'dry') return below.value.kind === 'mass' ? within(value) : unreadable;
	if (below.value.kind === 'volume') return within(value);
	return density === null ? bad({ code: 'no-density', path, text }) : within(value * density);
}
