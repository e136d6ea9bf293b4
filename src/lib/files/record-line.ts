import type { AskedRecord, Issue, Result, SprayRecord, Typed } from '../../core/index';
import {
	askedFields,
	bad,
	fields,
	good,
	inSign,
	isDay,
	longest,
	longestAsked,
	readAmount,
	readDose,
	readField,
	readNumber,
	readWeather,
	tooLong
} from '../../core/index';
import { dayStart, momentAt } from '../settings/farm-time';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';

type Product = SprayRecord['products'][number];

/** Names that a record's ground and products can be known by. */
export interface KnownNames {
	readonly blocks: readonly { readonly id: string; readonly name: string }[];
	readonly products: readonly { readonly id: string; readonly name: string }[];
}

/** One line of a CSV of records: a record's own fields, and one of its products. */
export interface RecordLine {
	readonly id: string;
	readonly name: string;
	readonly day: string;
	readonly startedAt: string | null;
	readonly endedAt: string | null;
	readonly blocks: readonly string[];
	/** m², m³/m², m³; null where the file does not say. */
	readonly area: number;
	readonly volume: number | null;
	readonly mix: number | null;
	readonly sprayer: string;
	readonly asked: AskedRecord;
	readonly weather: SprayRecord['weather']['before'];
	readonly product: Product | null;
}

/** Columns of what a person adds to a record, by its field. */
const askedColumns: Readonly<Record<(typeof askedFields)[number], string>> = {
	operator: 'operator',
	licence: 'licence',
	crop: 'crop',
	stage: 'stage',
	condition: 'condition',
	target: 'target',
	waterSource: 'water_source',
	buffer: 'buffer',
	remarks: 'remarks'
};
/** Letters that a column's text has at the most, as a record keeps them (wire/record-schema.ts). */
const longestOf = {
	record: longest.name,
	sprayer: 120,
	product: 120,
	registration: 200,
	group: 200,
	dose: longest.typed,
	...Object.fromEntries(askedFields.map((name) => [askedColumns[name], longestAsked(name)]))
};
/** Decimal places that a figure of SI keeps in a file, whatever the farm's decimal sign is. */
const si = /^-?\d+(\.\d+)?(e[+-]?\d+)?$/i;

/** Reads one line; everything that is wrong with it is told. */
export function readRecordLine(at: (column: string) => string, settings: FarmSettings): Result<RecordLine> {
	const issues: Issue[] = [];
	const units = fieldUnits(settings);
	const wrong = (path: string, text: string, wanted: string): null => {
		issues.push(text === '' ? { code: 'empty', path, wanted } : { code: 'unreadable', path, text, wanted });
		return null;
	};
	const take = <T>(read: Result<T>): T | null => {
		if (read.ok) return read.value;
		issues.push(...read.issues);
		return null;
	};
	/** A figure that Fallow wrote itself, in SI; or else what a person typed, with a unit. */
	const measure = (siColumn: string, column: string, unit: string, field: Parameters<typeof readField>[0]) => {
		const exact = at(siColumn);
		if (exact !== '') return si.test(exact) && Number(exact) >= 0 ? Number(exact) : wrong(siColumn, exact, 'number');
		const text = at(column);
		return text === '' ? null : (take(readField(field, typed(text, unit, settings), column))?.value ?? null);
	};
	const day = isDay(at('day')) ? at('day') : null;
	if (day === null) wrong('day', at('day'), 'day');
	for (const [column, most] of Object.entries(longestOf)) issues.push(...tooLong(column, at(column), most));
	const blocks = at('blocks')
		.split(';')
		.map((name) => name.trim())
		.filter(Boolean);
	if (blocks.length === 0) wrong('blocks', '', 'name');
	for (const name of blocks) issues.push(...tooLong('blocks', name, 120));
	if (at('operator') === '') wrong('operator', '', 'person');
	const area = measure('area_m2', 'area', units.area, fields.area);
	if (area === null && !issues.some((i) => i.path.startsWith('area'))) wrong('area', '', 'area');
	const volume = measure('volume_m3_per_m2', 'volume', settings.rateUnit, fields.volumePerArea);
	const mix = measure('mix_m3', 'mix', units.tank, fields.tankReading);
	const moment = (column: string): string | null => {
		const text = at(column);
		if (text === '' || day === null) return null;
		if (/T.+(Z|[+-]\d\d:?\d\d)$/.test(text) && isDay(text.slice(0, 10)) && !Number.isNaN(Date.parse(text)))
			return new Date(text).toISOString();
		const clock = /^([01]?\d|2[0-3]):([0-5]\d)$/.exec(text);
		return clock
			? new Date(momentAt(settings.timeZone, day, Number(clock[1]) * 60 + Number(clock[2]))).toISOString()
			: wrong(column, text, 'clock');
	};
	const startedAt = moment('started');
	let endedAt = moment('ended');
	// Past midnight: an end before its start is of the next day, where both are times of the day.
	if (startedAt && endedAt && endedAt < startedAt && /^\d?\d:/.test(at('ended')))
		endedAt = new Date(Date.parse(endedAt) + 86_400_000).toISOString();
	const product = at('product') === '' ? null : readProduct(at, settings, { area, volume, mix, issues });
	const may = (column: string, unit: string): Typed | null =>
		at(column) === '' ? null : typed(at(column), unit, settings);
	const told = {
		from: at('wind_from'),
		wind: may('wind', units.speed),
		gust: may('gust', units.speed),
		temperature: may('temperature', units.speed === 'mph' ? 'F' : 'C'),
		humidity: at('humidity'),
		sky: null,
		dew: null,
		lastRain: at('last_rain')
	};
	take(readWeather(told));
	if (issues.length > 0 || day === null || area === null) return inSign(bad(...issues), settings.decimalComma);
	const empty = Object.values(told).every((v) => v === null || v === '');
	return good({
		id: at('record'),
		name: `${day}, ${blocks.join('; ')}`,
		day,
		startedAt,
		endedAt,
		blocks,
		area,
		volume,
		mix,
		sprayer: at('sprayer'),
		asked: Object.fromEntries(askedFields.map((name) => [name, at(askedColumns[name])])) as unknown as AskedRecord,
		weather: empty
			? null
			: {
					...told,
					at: startedAt ?? new Date(dayStart(settings.timeZone, day)).toISOString(),
					decision: '',
					reason: ''
				},
		product
	});
}

/** How much of a product went out, m³ or kg. */
interface Total {
	readonly total: number;
	readonly kind: 'volume' | 'mass';
}

/** The total as its column says it: exactly, in SI, or as a person writes an amount. */
function totalOf(at: (column: string) => string, settings: FarmSettings, issues: Issue[]): Total | null {
	const [text, exact] = [at('total'), at('total_unit')];
	if (exact === 'm3' || exact === 'kg') {
		if (si.test(text) && Number(text) >= 0) return { total: Number(text), kind: exact === 'kg' ? 'mass' : 'volume' };
		issues.push({ code: 'unreadable', path: 'total', text, wanted: 'number' });
		return null;
	}
	if (text === '') return null;
	const read = readAmount(text, { gallon: settings.gallon, decimalComma: settings.decimalComma }, 'total');
	if (!read.ok) {
		issues.push(...read.issues);
		return null;
	}
	return { total: read.value.amount, kind: read.value.kind };
}

/** The total that a dose comes to, over the ground or in the mix; null where that is not known. */
function ofDose(
	text: string,
	settings: FarmSettings,
	{ area, mix, issues }: { readonly area: number | null; readonly mix: number | null; readonly issues: Issue[] }
): Total | null {
	const { gallon, decimalComma } = settings;
	const read = readDose(text, { gallon, decimalComma, unit: fieldUnits(settings).dose }, 'dose');
	if (!read.ok) {
		issues.push(...read.issues);
		return null;
	}
	const { value: dose } = read;
	switch (dose.basis) {
		case 'liquidPerArea':
		case 'dryPerArea':
			return area === null ? null : { total: dose.dose * area, kind: dose.basis === 'dryPerArea' ? 'mass' : 'volume' };
		case 'shareLiquid':
			return mix === null ? null : { total: mix * dose.share, kind: 'volume' };
		case 'shareDry':
			return mix === null ? null : { total: mix * dose.perVolume, kind: 'mass' };
	}
}

/** The product of a line: its total as told, or from its dose over the ground or in the mix. */
function readProduct(
	at: (column: string) => string,
	settings: FarmSettings,
	known: {
		readonly area: number | null;
		readonly volume: number | null;
		readonly mix: number | null;
		readonly issues: Issue[];
	}
): Product | null {
	const { area, volume, issues } = known;
	const mix = known.mix ?? (volume !== null && area !== null ? volume * area : null);
	const units = fieldUnits(settings);
	const number = (column: string): number | null => {
		const text = at(column);
		if (text === '') return null;
		const value = si.test(text) ? Number(text) : readNumber(text, settings.decimalComma);
		if (typeof value === 'number' && value >= 0) return value;
		issues.push({ code: 'unreadable', path: column, text, wanted: 'interval' });
		return null;
	};
	const entryHours = number('entry_hours');
	const harvestDays = number('harvest_days');
	const told =
		totalOf(at, settings, issues) ?? (at('dose') === '' ? null : ofDose(at('dose'), settings, { area, mix, issues }));
	if (!told) {
		if (!issues.some((i) => i.path === 'total' || i.path === 'dose')) issues.push({ code: 'missing', path: 'total' });
		return null;
	}
	const { total, kind } = told;
	const doseText = at('dose');
	const perGround = area ? total / area : 0;
	// Where only the total is known, the dose is what it came to.
	const came = `${Number((perGround * (kind === 'mass' ? 1e4 : 1e7)).toPrecision(4))} ${kind === 'mass' ? 'kg/ha' : 'L/ha'}`;
	return {
		id: '',
		name: at('product'),
		registration: at('registration'),
		group: at('group'),
		dose: doseText === '' ? { text: came, unit: '', gallon: 'US' } : typed(doseText, units.dose, settings),
		kind,
		total,
		perGround,
		entryHours,
		harvestDays
	};
}

/** Lines of one record as the record; what belongs to the record has to be the same in all of them. */
export function recordOf(lines: readonly RecordLine[], known: KnownNames): Result<SprayRecord> {
	const first = lines[0]!;
	const own = ({ product: _, ...rest }: RecordLine) => JSON.stringify(rest);
	const other = lines.find((l) => own(l) !== own(first));
	if (other) return bad({ code: 'not-one-record', path: 'record', text: first.id });
	const idOf = (list: readonly { readonly id: string; readonly name: string }[], name: string) =>
		list.find((one) => one.name.toLowerCase() === name.toLowerCase())?.id ?? '';
	const { area, volume, mix, asked } = first;
	const rate = volume ?? (mix === null ? null : mix / area);
	return good({
		format: 'fallow-record/1',
		day: first.day,
		startedAt: first.startedAt,
		endedAt: first.endedAt,
		// A file tells the ground in all; each of several blocks gets the same part of it.
		blocks: first.blocks.map((name) => ({
			id: idOf(known.blocks, name),
			name,
			area: area / first.blocks.length,
			share: 1,
			part: null
		})),
		area,
		products: lines.flatMap((l) => (l.product ? [{ ...l.product, id: idOf(known.products, l.product.name) }] : [])),
		plannedVolume: rate ?? 0,
		trueVolume: rate,
		mix: mix ?? (rate === null ? 0 : rate * area),
		sprayer: first.sprayer,
		calibrationId: null,
		takenIn: true,
		speed: null,
		weather: { before: first.weather, end: null },
		...asked
	});
}
