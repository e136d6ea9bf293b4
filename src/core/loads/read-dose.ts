import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { readNumber, tidyText } from '../quantity/read-number';
import { readQuantity } from '../quantity/read-quantity';
import type { Gallon } from '../quantity/units';
import { bounds, within } from '../quantity/within';
import type { Amount, Dose } from './sheet';

export interface DoseReading {
	readonly gallon: Gallon;
	/** Whether the product is a liquid or dry; unset, a bare `oz` is asked about. */
	readonly state?: 'liquid' | 'dry' | undefined;
	readonly decimalComma?: boolean;
	/** The field's own unit, for a bare number. */
	readonly unit?: string | undefined;
	/** What one packet holds, for doses in packets. */
	readonly packet?: Amount | undefined;
	/** Row to row, for doses by the length of row. */
	readonly rowSpacing?: Length | undefined;
}

/** `100 ml/100 L`, `2 fl oz per gal`: what comes after is a volume, with or without a number before it. */
const perVolume =
	/^(.+?) ?(?:\/|\bper\b) ?((?:[\d.,]+ ?)?(?:(?:us|imp) )?(?:l|ml|lit(?:re|er)s?|gal(?:lons?)?|qt|pt))$/i;
/** `60 ml in 5 L`, made up to so much. */
const inTotal = /^(.+?) ?\bin\b ?(.+)$/i;
const packets = /^(.+?) ?(?:packets?|packs?|sachets?|bags?) ?(?:\/|\bper\b) ?(.+)$/i;
const perRow = /^(.+?) ?(?:\/|\bper\b) ?((?:[\d.,]+ ?)?(?:m|ft|yd|metres?|meters?|feet)) ?(?:of )?row$/i;

/**
 * Reads a dose as labels write it: per area (`2 L/ha`, `14 oz/ac`, `2 fl oz/1000 ft2`, `2 packets/ac`), a percent of the
 * finished mix (`0.1 %`; a dry product's percent is kg in 100 L), per volume of finished mix (`100 ml/100 L`), a ratio
 * (`60 ml in 5 L`, made up), or by the length of row (`30 ml/100 m row`).
 *
 * Errors: those of `readQuantity`; `ambiguous-oz` for a bare oz without a state; `wrong-kind` for a weight of a liquid
 * or a volume of a dry product; `too-large` from 50 % of the mix on; `no-packet` and `no-rows` where a dose needs them.
 * @example
 * readDose('0.1 %', { gallon: 'US' }, '').value // => {"basis":"shareLiquid","share":0.001}
 * readDose('60 ml in 5 L', { gallon: 'US' }, '').value.share.toFixed(6) // => "0.012000"
 * readDose('14 oz/ac', { gallon: 'US' }, 'dose').issues[0].code // => "ambiguous-oz"
 */
export function readDose(text: string, reading: DoseReading, path: string): Result<Dose> {
	const tidy = tidyText(text);
	const percent = /^(\S.*?) ?(%|per ?cent)$/i.exec(tidy);
	if (percent) return readPercent(text, percent[1]!, reading, path);
	const row = perRow.exec(tidy);
	if (row) return readPerRow(text, row[1]!, row[2]!, reading, path);
	const packed = packets.exec(tidy);
	if (packed) return readPackets(text, packed[1]!, packed[2]!, reading, path);
	const mixed = perVolume.exec(tidy) ?? inTotal.exec(tidy);
	if (mixed) return readRatio(text, mixed[1]!, mixed[2]!, reading, path);
	const kinds =
		reading.state === 'dry'
			? (['massPerArea', 'volumePerArea'] as const)
			: reading.state === 'liquid'
				? (['volumePerArea', 'massPerArea'] as const)
				: (['volumePerArea', 'massPerArea'] as const);
	const oz = reading.state === 'dry' ? 'weight' : reading.state === 'liquid' ? 'fluid' : 'ask';
	const read = readQuantity(
		text,
		{ kinds, gallon: reading.gallon, oz, decimalComma: reading.decimalComma ?? false, unit: reading.unit },
		path
	);
	if (!read.ok) return read;
	const { kind, value } = read.value;
	const wanted = reading.state === 'dry' ? 'massPerArea' : 'volumePerArea';
	if (reading.state && kind !== wanted) return bad({ code: 'wrong-kind', path, text, wanted });
	const limits = kind === 'massPerArea' ? bounds.dosePerAreaDry : bounds.dosePerAreaLiquid;
	const kept = within(read.value, limits, path);
	if (!kept.ok) return kept;
	return good(
		kind === 'massPerArea'
			? { basis: 'dryPerArea', dose: si<'massPerArea'>(value) }
			: { basis: 'liquidPerArea', dose: si<'volumePerArea'>(value) }
	);
}

/** An amount of product as a label tells it: a volume of a liquid, a weight of a dry one. */
export function readAmount(text: string, reading: DoseReading, path: string): Result<Amount> {
	const oz = reading.state === 'dry' ? 'weight' : reading.state === 'liquid' ? 'fluid' : 'ask';
	const { gallon, decimalComma = false, unit } = reading;
	const read = readQuantity(text, { kinds: ['volume', 'mass'], gallon, oz, decimalComma, unit }, path);
	if (!read.ok) return read;
	const { kind, value } = read.value;
	const wanted = reading.state === 'dry' ? 'mass' : 'volume';
	if (reading.state && kind !== wanted) return bad({ code: 'wrong-kind', path, text, wanted });
	if (value === 0) return bad({ code: 'zero', path, text, wanted: kind });
	return good(kind === 'mass' ? { kind, amount: si<'mass'>(value) } : { kind: 'volume', amount: si<'volume'>(value) });
}

/** A quantity that may come without a number: `L` is one of them. */
function readPer<K extends 'volume' | 'length' | 'area'>(
	text: string,
	kind: K,
	reading: DoseReading,
	path: string
): Result<number> {
	const counted = /^\d/.test(text) ? text : `1 ${text}`;
	const { gallon, decimalComma = false } = reading;
	const read = readQuantity(counted, { kinds: [kind], gallon, oz: 'fluid', decimalComma }, path);
	if (!read.ok) return read;
	return read.value.value > 0 ? good(read.value.value) : bad({ code: 'zero', path, text, wanted: kind });
}

/** What is wrong with a part is told of the whole dose. */
const whole = (issues: readonly Issue[], text: string) =>
	bad(...issues.map((i) => ({ ...i, text, wanted: i.code === 'wrong-kind' ? i.wanted : 'volumePerArea|massPerArea' })));

function readRatio(text: string, left: string, right: string, reading: DoseReading, path: string): Result<Dose> {
	const product = readAmount(left, { ...reading, unit: undefined }, path);
	if (!product.ok) return whole(product.issues, text);
	const total = readPer(right, 'volume', reading, path);
	if (!total.ok) return whole(total.issues, text);
	const { kind, amount } = product.value;
	if (kind === 'volume' ? amount >= total.value / 2 : amount >= total.value * 500)
		return bad({ code: 'too-large', path, text, wanted: 'percent', bound: '50 %' });
	return good(
		kind === 'volume'
			? { basis: 'shareLiquid', share: amount / total.value }
			: { basis: 'shareDry', perVolume: amount / total.value }
	);
}

/** So much of an amount on a square metre, inside the bounds of sense. */
function perArea({ kind, amount }: Amount, area: number, text: string, path: string): Result<Dose> {
	const value = amount / area;
	const limits = kind === 'mass' ? bounds.dosePerAreaDry : bounds.dosePerAreaLiquid;
	if (value < limits.min) return bad({ code: 'too-small', path, text, bound: 'more' });
	if (value > limits.max) return bad({ code: 'too-large', path, text, bound: 'less' });
	return good(
		kind === 'mass'
			? { basis: 'dryPerArea', dose: si<'massPerArea'>(value) }
			: { basis: 'liquidPerArea', dose: si<'volumePerArea'>(value) }
	);
}

function readPackets(text: string, left: string, right: string, reading: DoseReading, path: string): Result<Dose> {
	const count = readNumber(left, reading.decimalComma ?? false);
	if (typeof count === 'string') return bad({ code: count, path, text, wanted: 'volumePerArea|massPerArea' });
	if (count <= 0) return bad({ code: 'zero', path, text, wanted: 'volumePerArea|massPerArea' });
	const area = readPer(right, 'area', reading, path);
	if (!area.ok) return whole(area.issues, text);
	const { packet } = reading;
	if (!packet) return bad({ code: 'no-packet', path, text });
	return perArea({ ...packet, amount: (packet.amount * count) as never }, area.value, text, path);
}

function readPerRow(text: string, left: string, right: string, reading: DoseReading, path: string): Result<Dose> {
	const product = readAmount(left, { ...reading, unit: undefined }, path);
	if (!product.ok) return whole(product.issues, text);
	const length = readPer(right, 'length', reading, path);
	if (!length.ok) return whole(length.issues, text);
	if (!reading.rowSpacing) return bad({ code: 'no-rows', path, text });
	return perArea(product.value, length.value * reading.rowSpacing, text, path);
}

function readPercent(text: string, number: string, reading: DoseReading, path: string): Result<Dose> {
	if (number.startsWith('-')) return bad({ code: 'negative', path, text, wanted: 'percent' });
	const value = readNumber(number, reading.decimalComma ?? false);
	if (typeof value === 'string') return bad({ code: value, path, text, wanted: 'percent' });
	if (value === 0) return bad({ code: 'zero', path, text, wanted: 'percent' });
	if (value >= 50) return bad({ code: 'too-large', path, text, wanted: 'percent', bound: '50 %' });
	// 1 % of a dry product is 1 kg in 100 L, that is 10 kg in a cubic metre.
	return good(
		reading.state === 'dry'
			? { basis: 'shareDry', perVolume: value * 10 }
			: { basis: 'shareLiquid', share: value / 100 }
	);
}
