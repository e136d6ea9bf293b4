import type { Issue, NeighbourKind, PlantBack, Result, Typed, TypedActive, TypedLabel } from '../../core/index';
import {
	bad,
	dilutions,
	doseAreas,
	dropletClasses,
	good,
	inSign,
	labelFills,
	mixesByState,
	mixingClasses,
	neighbourKinds,
	readLabel,
	readNumber
} from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, measuresOf, typed } from '../settings/field-units';
import { lastingText } from '../settings/lasting-text';

/** A product as a form or a line of a file holds it: all text. Packs and plant-back are parted by lines or `;`. */
export const productTexts = [
	'name',
	'state',
	'registration',
	'group',
	'actives',
	'density',
	'formulation',
	'mixes',
	'fill',
	'abrasive',
	'dose',
	'doseHigh',
	'per',
	'dilution',
	'concentrate',
	'max',
	'seasonMax',
	'applications',
	'daysBetween',
	'volumeLow',
	'volumeHigh',
	'drops',
	'entry',
	'rainFree',
	'harvest',
	'plantBack',
	'packs',
	'packet',
	'wind',
	'windLeast',
	'temperatureLow',
	'temperatureHigh',
	'humidityLow',
	'humidityHigh',
	'notToward',
	'buffer',
	'ppe',
	'firstAid',
	'notAlone',
	'notes'
] as const;
export type ProductText = Readonly<Record<(typeof productTexts)[number], string>>;

export const emptyProductText: ProductText = {
	...(Object.fromEntries(productTexts.map((name) => [name, ''])) as ProductText)
};

const missing = (text: string) => (text.trim() === '' ? 'empty' : 'unreadable');
const plain = (text: string) => text.trim().toLowerCase();
const linesOf = (text: string) =>
	text
		.split(/[\n;]/)
		.map((line) => line.trim())
		.filter((line) => line !== '');

/** Longest of each kind of free text. */
const longest: Partial<Record<keyof ProductText, number>> = {
	name: 80,
	actives: 600,
	ppe: 300,
	firstAid: 1000,
	notes: 1000
};

/** Reads a product from text, with the farm's units for bare numbers. Everything that is wrong is told at its field. */
export function readProductText(text: ProductText, settings: FarmSettings): Result<TypedLabel> {
	const units = fieldUnits(settings);
	const issues: Issue[] = [];
	for (const name of productTexts) {
		const most = longest[name] ?? 200;
		if (text[name].trim().length > most)
			issues.push({ code: 'too-large', path: name, text: `${text[name].slice(0, 30)}…`, bound: `${most} letters` });
	}
	if (text.name.trim() === '') issues.push({ code: 'empty', path: 'name', wanted: 'name' });
	const state = (['liquid', 'dry'] as const).find((s) => s === plain(text.state));
	if (!state) issues.push({ code: missing(text.state), path: 'state', text: text.state, wanted: 'state' });
	const mixes = mixingClasses.find((m) => m === plain(text.mixes));
	if (!mixes) issues.push({ code: missing(text.mixes), path: 'mixes', text: text.mixes, wanted: 'mixes' });
	else if (state && !mixesByState[state].includes(mixes))
		issues.push({ code: 'mixes-otherwise', path: 'mixes', text: text.mixes, bound: state });
	const fill = labelFills.find((f) => f === plain(text.fill));
	if (!fill && plain(text.fill) !== '')
		issues.push({ code: 'unreadable', path: 'fill', text: text.fill, wanted: 'fill' });
	if (text.dose.trim() === '') issues.push({ code: 'empty', path: 'dose', wanted: 'volumePerArea|massPerArea' });
	/** One of some words, or nothing; anything else is told. */
	const oneOf = <T extends string>(name: keyof ProductText, words: readonly T[], wanted: string): T | null => {
		const told = plain(text[name]);
		const word = words.find((w) => w === told) ?? null;
		if (word === null && told !== '') issues.push({ code: 'unreadable', path: name, text: text[name], wanted });
		return word;
	};
	const yesNo = ['yes', 'no'] as const;
	const abrasive = oneOf('abrasive', yesNo, 'yesNo');
	const concentrate = oneOf('concentrate', yesNo, 'yesNo');
	const notAlone = oneOf('notAlone', yesNo, 'yesNo');
	const per = oneOf('per', doseAreas, 'per');
	const dilution = oneOf('dilution', dilutions, 'dilution');
	const drops = oneOf('drops', dropletClasses, 'dropClass');
	const notToward = text.notToward
		.split(/[\n,;]/)
		.map(plain)
		.filter((word) => word !== '')
		.flatMap((word): NeighbourKind[] => {
			const kind = neighbourKinds.find((k) => k === word);
			if (!kind) issues.push({ code: 'unreadable', path: 'notToward', text: word, wanted: 'neighbour' });
			return kind ? [kind] : [];
		});
	const may = (name: keyof ProductText, unit: string): Typed | null =>
		text[name].trim() === '' ? null : typed(text[name], unit, settings);
	const number = (name: keyof ProductText): number | null => {
		if (text[name].trim() === '') return null;
		const value = readNumber(text[name].trim(), settings.decimalComma);
		if (typeof value === 'number') return value;
		issues.push({ code: 'unreadable', path: name, text: text[name].trim(), wanted: 'interval' });
		return null;
	};
	const dose = state === 'dry' ? units.dryDose : units.dose;
	const amount = amountUnit(state ?? 'liquid', settings);
	const actives = linesOf(text.actives).flatMap((line): TypedActive[] => {
		const [name, content, more] = line.split('=').map((side) => side.trim());
		if (name && content && more === undefined) return [{ name, content: typed(content, '', settings) }];
		issues.push({ code: 'unreadable', path: 'actives', text: line, wanted: 'active' });
		return [];
	});
	const plantBack = linesOf(text.plantBack).flatMap((line): PlantBack[] => {
		const [crop, days, more] = line.split('=').map((side) => side.trim());
		const count = days === undefined ? NaN : readNumber(days, settings.decimalComma);
		if (crop && typeof count === 'number' && Number.isFinite(count) && more === undefined)
			return [{ crop, days: count }];
		issues.push({ code: 'unreadable', path: 'plantBack', text: line, wanted: 'plantBack' });
		return [];
	});
	const volume = [may('volumeLow', settings.rateUnit), may('volumeHigh', settings.rateUnit)] as const;
	if ((volume[0] === null) !== (volume[1] === null))
		issues.push({ code: 'empty', path: volume[0] ? 'volumeHigh' : 'volumeLow', wanted: 'volumePerArea' });
	const hours = { entryHours: number('entry'), rainFreeHours: number('rainFree'), harvestDays: number('harvest') };
	const counts = { applications: number('applications'), daysBetween: number('daysBetween') };
	const air = { humidityLow: number('humidityLow'), humidityHigh: number('humidityHigh') };
	const scale = units.speed === 'mph' ? 'F' : 'C';
	if (issues.length > 0 || !state || !mixes) return inSign(bad(...issues), settings.decimalComma);
	const label: TypedLabel = {
		name: text.name.trim(),
		state,
		registration: text.registration.trim(),
		group: text.group.trim(),
		...(actives.length > 0 ? { actives } : {}),
		...(text.density.trim() === '' ? {} : { density: typed(text.density, '', settings) }),
		formulation: text.formulation.trim(),
		mixes,
		...(fill ? { fill } : {}),
		...(abrasive === 'yes' ? { abrasive: true } : {}),
		dose: { low: typed(text.dose, dose, settings), high: may('doseHigh', dose) },
		...(per ? { per } : {}),
		...(dilution ? { dilution } : {}),
		...(concentrate === null ? {} : { concentrate: concentrate === 'yes' }),
		...said(counts),
		...(drops ? { drops } : {}),
		max: may('max', dose),
		seasonMax: may('seasonMax', dose),
		volume: volume[0] && volume[1] ? { low: volume[0], high: volume[1] } : null,
		...hours,
		plantBack,
		packs: linesOf(text.packs).map((pack) => typed(pack, amount, settings)),
		packet: may('packet', amount),
		wind: may('wind', units.speed),
		...said({
			windLeast: may('windLeast', units.speed),
			temperatureLow: may('temperatureLow', scale),
			temperatureHigh: may('temperatureHigh', scale),
			...air
		}),
		...(notToward.length > 0 ? { notToward } : {}),
		buffer: may('buffer', units.side),
		ppe: text.ppe.trim(),
		...(text.firstAid.trim() === '' ? {} : { firstAid: text.firstAid.trim() }),
		...(notAlone === 'yes' ? { notAlone: true } : {}),
		notes: text.notes.trim()
	};
	const read = readLabel(label);
	return read.ok ? good(label) : inSign(read, settings.decimalComma);
}

/** Only what somebody wrote. */
const said = <T extends object>(all: T): Partial<{ [K in keyof T]: NonNullable<T[K]> }> =>
	Object.fromEntries(Object.entries(all).filter(([, value]) => value !== null)) as Partial<{
		[K in keyof T]: NonNullable<T[K]>;
	}>;

/** Unit of a bare amount of product. */
const amountUnit = (state: 'liquid' | 'dry', settings: FarmSettings): string =>
	(({ metric: ['L', 'kg'], US: ['US gal', 'lb'], Imperial: ['Imp gal', 'lb'] }) as const)[measuresOf(settings)][
		state === 'liquid' ? 0 : 1
	];

/** A product as text again; `parting` between packs and crops. */
export function productText(label: TypedLabel, settings: FarmSettings, parting = '\n'): ProductText {
	const one = (t: Typed | null | undefined) => (t ? lastingText(t, settings) : '');
	const number = (n: number | null | undefined) =>
		n == null ? '' : settings.decimalComma ? `${n}`.replace('.', ',') : `${n}`;
	const yes = (b: boolean | undefined) => (b === undefined ? '' : b ? 'yes' : 'no');
	return {
		name: label.name,
		state: label.state,
		registration: label.registration,
		group: label.group,
		actives: (label.actives ?? []).map((a) => `${a.name} = ${one(a.content)}`).join(parting),
		density: one(label.density),
		formulation: label.formulation,
		mixes: label.mixes,
		fill: label.fill ?? '',
		abrasive: label.abrasive ? 'yes' : '',
		dose: one(label.dose.low),
		doseHigh: one(label.dose.high),
		per: label.per ?? '',
		dilution: label.dilution ?? '',
		concentrate: yes(label.concentrate),
		max: one(label.max),
		seasonMax: one(label.seasonMax),
		applications: number(label.applications),
		daysBetween: number(label.daysBetween),
		volumeLow: one(label.volume?.low ?? null),
		volumeHigh: one(label.volume?.high ?? null),
		drops: label.drops ?? '',
		entry: number(label.entryHours),
		rainFree: number(label.rainFreeHours),
		harvest: number(label.harvestDays),
		plantBack: label.plantBack.map((p) => `${p.crop} = ${number(p.days)}`).join(parting),
		packs: label.packs.map(one).join(parting),
		packet: one(label.packet),
		wind: one(label.wind),
		windLeast: one(label.windLeast),
		temperatureLow: one(label.temperatureLow),
		temperatureHigh: one(label.temperatureHigh),
		humidityLow: number(label.humidityLow),
		humidityHigh: number(label.humidityHigh),
		notToward: (label.notToward ?? []).join(parting === '\n' ? ', ' : parting),
		buffer: one(label.buffer),
		ppe: label.ppe,
		firstAid: label.firstAid ?? '',
		notAlone: label.notAlone ? 'yes' : '',
		notes: label.notes
	};
}
