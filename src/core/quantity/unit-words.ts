import type { Kind } from './quantity';
import type { Gallon } from './units';
import { isUnit } from './units';
import { spanishUnitWords } from './unit-words-es';

/**
 * What people write for a unit, lower case, to the symbol without its measure. `gal`, `qt`, `pt` and `fl oz` still
 * need to be told whose they are; `oz` may be fluid or weight.
 */
const simpleWords: Record<string, string> = {
	m: 'm',
	metre: 'm',
	metres: 'm',
	meter: 'm',
	meters: 'm',
	cm: 'cm',
	mm: 'mm',
	km: 'km',
	ft: 'ft',
	foot: 'ft',
	feet: 'ft',
	"'": 'ft',
	in: 'in',
	inch: 'in',
	inches: 'in',
	'"': 'in',
	yd: 'yd',
	yds: 'yd',
	yard: 'yd',
	yards: 'yd',
	mi: 'mi',
	mile: 'mi',
	miles: 'mi',
	s: 's',
	sec: 's',
	secs: 's',
	second: 's',
	seconds: 's',
	min: 'min',
	mins: 'min',
	minute: 'min',
	minutes: 'min',
	h: 'h',
	hr: 'h',
	hrs: 'h',
	hour: 'h',
	hours: 'h',
	ml: 'ml',
	millilitre: 'ml',
	millilitres: 'ml',
	milliliter: 'ml',
	milliliters: 'ml',
	l: 'L',
	hl: 'hL',
	hectolitre: 'hL',
	hectolitres: 'hL',
	hectoliter: 'hL',
	hectoliters: 'hL',
	litre: 'L',
	litres: 'L',
	liter: 'L',
	liters: 'L',
	'fl oz': 'fl oz',
	floz: 'fl oz',
	'fluid ounce': 'fl oz',
	'fluid ounces': 'fl oz',
	pt: 'pt',
	pint: 'pt',
	pints: 'pt',
	qt: 'qt',
	quart: 'qt',
	quarts: 'qt',
	gal: 'gal',
	gals: 'gal',
	gallon: 'gal',
	gallons: 'gal',
	oz: 'oz',
	ounce: 'oz',
	ounces: 'oz',
	// Of weight, wherever a volume could be meant as well.
	'oz av': 'oz av',
	g: 'g',
	gram: 'g',
	grams: 'g',
	kg: 'kg',
	kilo: 'kg',
	kilos: 'kg',
	lb: 'lb',
	lbs: 'lb',
	pound: 'lb',
	pounds: 'lb',
	m2: 'm2',
	'm²': 'm2',
	'sq m': 'm2',
	'100 m2': '100 m2',
	'100 m²': '100 m2',
	ft2: 'ft2',
	'ft²': 'ft2',
	'sq ft': 'ft2',
	'square feet': 'ft2',
	'1000 ft2': '1000 ft2',
	'1000 ft²': '1000 ft2',
	ac: 'ac',
	acre: 'ac',
	acres: 'ac',
	ha: 'ha',
	hectare: 'ha',
	hectares: 'ha',
	'm/s': 'm/s',
	'km/h': 'km/h',
	kmh: 'km/h',
	kph: 'km/h',
	mph: 'mph',
	'mi/h': 'mph',
	'ft/s': 'ft/s',
	psi: 'psi',
	bar: 'bar',
	bars: 'bar',
	kpa: 'kPa',
	gpm: 'gal/min',
	gpa: 'gal/ac',
	lpm: 'L/min',
	...spanishUnitWords
};

/** Units that name a gallon's measure, and so need US or Imp before them. */
const measured = new Set(['gal', 'qt', 'pt', 'fl oz']);

export type UnitLookup =
	| { readonly found: 'unit'; readonly kind: Kind; readonly unit: string }
	| { readonly found: 'other-kind' }
	| { readonly found: 'ambiguous-oz' }
	| { readonly found: 'nothing' };

const nothing: UnitLookup = { found: 'nothing' };
/** What was looked up, by the list of kinds that was asked with: fields and files ask with the same lists again and again. */
let cache = new WeakMap<readonly Kind[], Map<string, UnitLookup>>();
let cached = 0;

export interface UnitWordReading {
	readonly kinds: readonly Kind[];
	readonly gallon: Gallon;
	/** What a bare `oz` means where both a volume and a weight could be meant. */
	readonly oz?: 'fluid' | 'weight' | 'ask' | undefined;
}

/** One unit word, with an optional US or Imp before it, to a unit of one of the wanted kinds. */
export function lookUpUnit(word: string, reading: UnitWordReading): UnitLookup {
	let words = cache.get(reading.kinds);
	if (words === undefined) cache.set(reading.kinds, (words = new Map()));
	const key = `${word}|${reading.gallon}|${reading.oz ?? 'ask'}`;
	let known = words.get(key);
	if (known === undefined) {
		known = resolve(word.toLowerCase().trim(), reading);
		words.set(key, known);
		cached += 1;
		// The words come from people: a bound keeps a stream of nonsense from growing the cache without end.
		if (cached > 2000) {
			cache = new WeakMap();
			cached = 0;
		}
	}
	return known;
}

function resolve(text: string, reading: UnitWordReading): UnitLookup {
	const match = /^(us|u\.s\.|imp|imp\.|imperial)\s+(.+)$/.exec(text);
	const prefix = match ? (match[1]!.startsWith('u') ? 'US' : 'Imp') : null;
	const words = match ? match[2]! : text;
	const symbol = simpleWords[words] ?? quotient(words);
	if (symbol === undefined) return nothing;
	const candidates = spellOut(symbol, prefix, reading);
	if (candidates === null) return nothing;
	for (const unit of candidates)
		for (const kind of reading.kinds)
			if (isUnit(kind, unit)) {
				if (/(^|\/)oz(\/|$)/.test(symbol) && !prefix && asksWhichOunce(reading)) return { found: 'ambiguous-oz' };
				return { found: 'unit', kind, unit };
			}
	return { found: 'other-kind' };
}

/** `fl oz / 1000 ft2`, `l per ha`, `galones por acre`: each side by itself. */
function quotient(words: string): string | undefined {
	const parts = words.split(/\s*(?:\/|\bper\b|\bpor\b)\s*/);
	if (parts.length !== 2) return undefined;
	const above = simpleWords[parts[0]!];
	const below = simpleWords[parts[1]!.replace('1,000', '1000')];
	return above && below ? `${above}/${below}` : undefined;
}

function spellOut(symbol: string, prefix: 'US' | 'Imp' | null, reading: UnitWordReading): string[] | null {
	const cut = symbol.indexOf('/');
	const above = cut < 0 ? symbol : symbol.slice(0, cut);
	const below = cut < 0 ? '' : symbol.slice(cut);
	const whose = prefix ?? (reading.gallon === 'US' ? 'US' : 'Imp');
	if (above === 'oz av') return prefix ? null : [`oz${below}`];
	if (measured.has(above)) return [`${whose} ${above}${below}`];
	if (above === 'oz') {
		const fluid = `${whose} fl oz${below}`;
		if (prefix) return [fluid];
		return reading.oz === 'weight' ? [symbol, fluid] : [fluid, symbol];
	}
	return prefix ? null : [symbol];
}

function asksWhichOunce(reading: UnitWordReading): boolean {
	if ((reading.oz ?? 'ask') !== 'ask') return false;
	const fluid = reading.kinds.some((k) => k === 'volume' || k === 'volumePerArea');
	const weighed = reading.kinds.some((k) => k === 'mass' || k === 'massPerArea');
	return fluid && weighed;
}
