import type { Issue, Result } from '../quantity/issue';
import { bad, good, inSign } from '../quantity/issue';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { readNumber } from '../quantity/read-number';
import { isBareNumber } from '../quantity/is-bare-number';
import { tidyText } from '../quantity/tidy-text';
import { readQuantity } from '../quantity/read-quantity';
import type { Gallon } from '../quantity/units';
import { bounds, within } from '../quantity/within';
import type { Active, Amount, Dose } from './sheet';

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
	/** What the product holds, for doses of its active ingredient. */
	readonly actives?: readonly Active[] | undefined;
	/** Of a liquid, kg/m³, for doses of it by weight. */
	readonly density?: number | undefined;
}

/** `100 ml/100 L`, `2 fl oz per gal`: what comes after is a volume, with or without a number before it. */
const perVolume =
	/^(.+?) ?(?:\/|\bper\b) ?((?:[\d.,]+ ?)?(?:(?:us|imp) )?(?:l|ml|hl|lit(?:re|er)s?|hectolit(?:re|er)s?|gal(?:lons?)?|qt|pt))$/i;
/** `60 ml in 5 L`, made up to so much. */
const inTotal = /^(.+?) ?\bin\b ?(.+)$/i;
const packets = /^(.+?) ?(?:packets?|packs?|sachets?|bags?) ?(?:\/|\bper\b) ?(.+)$/i;
const perRow = /^(.+?) ?(?:\/|\bper\b) ?((?:[\d.,]+ ?)?(?:m|ft|yd|metres?|meters?|feet)) ?(?:of )?row$/i;

/** `0.25 %`, `0.25 % v/v`, `5 % w/v`. */
const percentOf = /^(\S.*?) ?(?:%|per ?cent)(?: ?([vwm])\/([vwm]))?$/i;
/** `1:50`, one part of product to fifty of water. */
const parts = /^([\d.,]+) ?: ?([\d.,]+)$/;
const millionths = /^(\S.*?) ?ppm$/i;
/** What says that a dose is of the active ingredient (or its acid equivalent), with its name before it. */
const ofActive = / ?(?:\bof )?\b(?:a\.? ?i\.?|a\.? ?e\.?|active(?: ingredient)?)(?![a-z])/i;

/**
 * Reads a dose as labels write it: per area (`2 L/ha`, `14 oz/ac`, `2 fl oz/1000 ft2`, `2 packets/ac`), a percent of the
 * finished mix (`0.1 %`, `0.25 % v/v`, `5 % w/v`; a dry product's percent is kg in 100 L), per volume of finished mix
 * (`100 ml/100 L`, `100 ml/hl`), a ratio (`60 ml in 5 L`, made up; `1:50`, parts of product to parts of water), by the length of row
 * (`30 ml/100 m row`), or of its active ingredient (`750 g a.i./ha`, `200 ppm`). A liquid by weight takes its density.
 *
 * Errors: those of `readQuantity`; `ambiguous-oz` for a bare oz without a state; `no-state` for a bare number without one;
 * `per-what` for an amount that is per nothing (`12 oz`); `wrong-kind` for a volume of a dry product;
 * `no-density` for a weight of a liquid; `no-content` and `which-active` where the active is not known or there are several;
 * `weight-percent` for a percent by weight; `too-large` from 50 % of the mix on; `no-packet` and `no-rows` where a dose needs them.
 * @example
 * readDose('0.1 %', { gallon: 'US' }, '').value // => {"basis":"shareLiquid","share":0.001}
 * readDose('60 ml in 5 L', { gallon: 'US' }, '').value.share.toFixed(6) // => "0.012000"
 * readDose('1:49', { gallon: 'US' }, '').value // => {"basis":"shareLiquid","share":0.02}
 * readDose('480 g a.i./ha', { gallon: 'US', state: 'liquid', actives: [{ name: 'A', content: 480 }] }, '').value.dose.toFixed(12) // => "0.000000100000"
 * readDose('14 oz/ac', { gallon: 'US' }, 'dose').issues[0].code // => "ambiguous-oz"
 */
export const readDose = (text: string, reading: DoseReading, path: string): Result<Dose> =>
	inSign(doseOf(text, reading, path), reading.decimalComma);

function doseOf(text: string, reading: DoseReading, path: string): Result<Dose> {
	const tidy = tidyText(text);
	const active = ofActive.test(tidy);
	const ppm = millionths.exec(active ? tidy.replace(ofActive, '').trim() : tidy);
	if (ppm) return readPpm(text, ppm[1]!, reading, path);
	if (active) return readActive(text, tidy, reading, path);
	const ratio = parts.exec(tidy);
	if (ratio) return readParts(text, ratio[1]!, ratio[2]!, reading, path);
	const percent = percentOf.exec(tidy);
	if (percent) return readPercent(text, percent, reading, path);
	const row = perRow.exec(tidy);
	if (row) return readPerRow(text, row[1]!, row[2]!, reading, path);
	const packed = packets.exec(tidy);
	if (packed) return readPackets(text, packed[1]!, packed[2]!, reading, path);
	const mixed = perVolume.exec(tidy) ?? inTotal.exec(tidy);
	if (mixed) return readRatio(text, mixed[1]!, mixed[2]!, reading, path);
	// Litres or kilograms: a bare number is neither before somebody has said what the product is.
	if (reading.state === undefined && reading.unit !== undefined && isBareNumber(text))
		return bad({ code: 'no-state', path, text });
	const kinds = reading.state === 'dry' ? dryFirst : liquidFirst;
	const read = readQuantity(
		text,
		{
			kinds,
			gallon: reading.gallon,
			oz: ounceOf(reading),
			decimalComma: reading.decimalComma ?? false,
			unit: reading.unit
		},
		path
	);
	if (!read.ok) return isAmount(text, reading) ? bad({ code: 'per-what', path, text }) : read;
	const { kind, value } = read.value;
	if (reading.state === 'dry' && kind !== 'massPerArea')
		return bad({ code: 'wrong-kind', path, text, wanted: 'massPerArea' });
	const limits = kind === 'massPerArea' ? bounds.dosePerAreaDry : bounds.dosePerAreaLiquid;
	const kept = within(read.value, limits, path);
	if (!kept.ok) return kept;
	if (kind === 'volumePerArea') return good({ basis: 'liquidPerArea', dose: si<'volumePerArea'>(value) });
	if (reading.state !== 'liquid') return good({ basis: 'dryPerArea', dose: si<'massPerArea'>(value) });
	if (reading.density === undefined) return bad({ code: 'no-density', path, text });
	return good({ basis: 'liquidPerArea', dose: si<'volumePerArea'>(value / reading.density) });
}

/** Whether a text is an amount that is per nothing, like `12 oz`. */
const isAmount = (text: string, { gallon, decimalComma = false }: DoseReading): boolean =>
	readQuantity(text, { kinds: ['volume', 'mass'], gallon, oz: 'fluid', decimalComma }, '').ok;

const dryFirst = ['massPerArea', 'volumePerArea'] as const;
const liquidFirst = ['volumePerArea', 'massPerArea'] as const;
const ounceOf = ({ state }: DoseReading) => (state === 'dry' ? 'weight' : state === 'liquid' ? 'fluid' : 'ask');

/** A dose of the active ingredient: its weight over what the product holds of it. */
function readActive(text: string, tidy: string, reading: DoseReading, path: string): Result<Dose> {
	const { actives = [], state } = reading;
	if (actives.length === 0 || state === undefined) return bad({ code: 'no-content', path, text });
	let plain = tidy
		.replace(ofActive, '')
		.replace(/\s*\/\s*/, '/')
		.trim();
	// The name may stand in the dose, and has to where the product holds more than one.
	const word = (name: string) => new RegExp(` ?\\b${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![a-z])`, 'i');
	const named = actives.filter(({ name }) => name !== '' && word(name).test(plain));
	for (const { name } of named) plain = plain.replace(word(name), '');
	const [one, other] = named.length > 0 ? named : actives;
	if (!one || other) return bad({ code: 'which-active', path, text, bound: actives.map((a) => a.name).join(', ') });
	const read = readDose(
		plain,
		{ ...reading, state: 'dry', actives: undefined, unit: undefined, packet: undefined },
		path
	);
	if (!read.ok) return bad(...read.issues.map((i) => ({ ...i, text })));
	const dose = read.value;
	const liquid = state === 'liquid';
	switch (dose.basis) {
		case 'dryPerArea': {
			const amount = dose.dose / one.content;
			return good(
				liquid
					? { basis: 'liquidPerArea', dose: si<'volumePerArea'>(amount) }
					: { basis: 'dryPerArea', dose: si<'massPerArea'>(amount) }
			);
		}
		case 'shareDry': {
			const amount = dose.perVolume / one.content;
			return liquid ? shareOf(amount, text, path) : good({ basis: 'shareDry', perVolume: amount });
		}
		default:
			return bad({ code: 'unreadable', path, text, wanted: 'volumePerArea|massPerArea' });
	}
}

/** A share of the mix by volume, under a half of it. */
const shareOf = (share: number, text: string, path: string): Result<Dose> =>
	share >= 0.5
		? bad({ code: 'too-large', path, text, wanted: 'percent', bound: '50 %' })
		: good({ basis: 'shareLiquid', share });

/** Millionths are milligrams of the active ingredient in a litre of mix. */
function readPpm(text: string, number: string, reading: DoseReading, path: string): Result<Dose> {
	const value = readNumber(number, reading.decimalComma ?? false);
	if (typeof value === 'string') return bad({ code: value, path, text, wanted: 'percent' });
	if (value <= 0) return bad({ code: 'zero', path, text, wanted: 'percent' });
	const { actives = [], state } = reading;
	const [one, other] = actives;
	if (!one || state === undefined) return bad({ code: 'no-content', path, text });
	if (other) return bad({ code: 'which-active', path, text, bound: actives.map((a) => a.name).join(', ') });
	const perVolume = (value * 1e-3) / one.content;
	return state === 'liquid' ? shareOf(perVolume, text, path) : good({ basis: 'shareDry', perVolume });
}

/** One part of product to so many of water: of a mix of `1:50` one part in 51 is product. */
function readParts(text: string, left: string, right: string, reading: DoseReading, path: string): Result<Dose> {
	const [product, water] = [left, right].map((t) => readNumber(t, reading.decimalComma ?? false));
	if (typeof product !== 'number' || typeof water !== 'number')
		return bad({ code: 'unreadable', path, text, wanted: 'volumePerArea|massPerArea' });
	if (reading.state === 'dry') return bad({ code: 'wrong-kind', path, text, wanted: 'massPerArea' });
	if (product <= 0 || water <= 0) return bad({ code: 'zero', path, text, wanted: 'percent' });
	return shareOf(product / (product + water), text, path);
}

/** An amount of product as a label tells it: a volume of a liquid (or its weight, with the density), a weight of a dry one. */
export const readAmount = (text: string, reading: DoseReading, path: string): Result<Amount> =>
	inSign(amountOf(text, reading, path), reading.decimalComma);

function amountOf(text: string, reading: DoseReading, path: string): Result<Amount> {
	const { gallon, decimalComma = false, unit } = reading;
	const read = readQuantity(
		text,
		{ kinds: ['volume', 'mass'], gallon, oz: ounceOf(reading), decimalComma, unit },
		path
	);
	if (!read.ok) return read;
	const { kind, value } = read.value;
	if (reading.state === 'dry' && kind !== 'mass') return bad({ code: 'wrong-kind', path, text, wanted: 'mass' });
	if (value === 0) return bad({ code: 'zero', path, text, wanted: kind });
	if (kind === 'volume') return good({ kind, amount: si<'volume'>(value) });
	if (reading.state !== 'liquid') return good({ kind, amount: si<'mass'>(value) });
	if (reading.density === undefined) return bad({ code: 'no-density', path, text });
	return good({ kind: 'volume', amount: si<'volume'>(value / reading.density) });
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
	return perArea(
		packet.kind === 'mass'
			? { kind: 'mass', amount: si(packet.amount * count) }
			: { kind: 'volume', amount: si(packet.amount * count) },
		area.value,
		text,
		path
	);
}

function readPerRow(text: string, left: string, right: string, reading: DoseReading, path: string): Result<Dose> {
	const product = readAmount(left, { ...reading, unit: undefined }, path);
	if (!product.ok) return whole(product.issues, text);
	const length = readPer(right, 'length', reading, path);
	if (!length.ok) return whole(length.issues, text);
	if (!reading.rowSpacing) return bad({ code: 'no-rows', path, text });
	return perArea(product.value, length.value * reading.rowSpacing, text, path);
}

function readPercent(text: string, found: RegExpExecArray, reading: DoseReading, path: string): Result<Dose> {
	const number = found[1]!;
	const [above, below] = [found[2]?.toLowerCase(), found[3]?.toLowerCase()];
	if (number.startsWith('-')) return bad({ code: 'negative', path, text, wanted: 'percent' });
	const value = readNumber(number, reading.decimalComma ?? false);
	if (typeof value === 'string') return bad({ code: value, path, text, wanted: 'percent' });
	if (value === 0) return bad({ code: 'zero', path, text, wanted: 'percent' });
	if (value >= 50) return bad({ code: 'too-large', path, text, wanted: 'percent', bound: '50 %' });
	if (below !== undefined && below !== 'v') return bad({ code: 'weight-percent', path, text, wanted: 'percent' });
	const dry = reading.state === 'dry';
	if (above === 'v' && dry) return bad({ code: 'wrong-kind', path, text, wanted: 'massPerArea' });
	// By weight, 1 % is 1 kg in 100 L, that is 10 kg in a cubic metre.
	if (dry) return good({ basis: 'shareDry', perVolume: value * 10 });
	if (above === undefined || above === 'v') return good({ basis: 'shareLiquid', share: value / 100 });
	if (reading.state === undefined) return good({ basis: 'shareDry', perVolume: value * 10 });
	if (reading.density === undefined) return bad({ code: 'no-density', path, text });
	return shareOf((value * 10) / reading.density, text, path);
}
