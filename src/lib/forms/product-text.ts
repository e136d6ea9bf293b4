import type { Result, Typed, TypedActive, TypedLabel } from '../../core/index';
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
	readLabel
} from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, measuresOf, typed } from '../settings/field-units';
import { lastingText } from '../settings/lasting-text';
import { TextReader } from './text-reader';

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

type Reader = TextReader<keyof ProductText>;
/** Longest of each kind of free text. */
const longest = { name: 80, actives: 600, ppe: 300, firstAid: 1000, notes: 1000 };

/** Reads a product from text, with the farm's units for bare numbers. Everything that is wrong is told at its field. */
export function readProductText(text: ProductText, settings: FarmSettings): Result<TypedLabel> {
	const r = new TextReader(text, settings);
	r.lengths(longest);
	const name = r.needed('name', 'name');
	const state = r.word('state', ['liquid', 'dry'], 'state');
	const mixes = r.word('mixes', mixingClasses, 'mixes');
	if (state && mixes && !mixesByState[state].includes(mixes))
		r.issues.push({ code: 'mixes-otherwise', path: 'mixes', text: text.mixes, bound: state });
	const dose = r.needed('dose', 'volumePerArea|massPerArea');
	const parts = { ...whatItIs(r), ...doses(r, state ?? 'liquid'), ...limits(r), ...people(r) };
	if (r.issues.length > 0 || !state || !mixes) return inSign(bad(...r.issues), settings.decimalComma);
	const unit = doseUnit(state, settings);
	const label: TypedLabel = {
		...parts,
		name,
		state,
		mixes,
		dose: { low: typed(dose, unit, settings), high: r.may('doseHigh', unit) }
	};
	const read = readLabel(label);
	return read.ok ? good(label) : inSign(read, settings.decimalComma);
}

/** What it is: its name, what is in it, how it mixes. */
function whatItIs(r: Reader) {
	const actives = r
		.pairs('actives', 'active')
		.map(({ left, right }): TypedActive => ({ name: left, content: typed(right, '', r.settings) }));
	const fill = r.oneOf('fill', labelFills, 'fill');
	return {
		registration: r.plain('registration'),
		group: r.plain('group'),
		formulation: r.plain('formulation'),
		...said({ fill, density: r.may('density', ''), abrasive: r.oneOf('abrasive', yesNo, 'yesNo') === 'yes' || null }),
		...(actives.length > 0 ? { actives } : {})
	};
}

/** How much of it, of what, and in what containers. */
function doses(r: Reader, state: 'liquid' | 'dry') {
	const unit = doseUnit(state, r.settings);
	const amount = amountUnit(state, r.settings);
	const concentrate = r.oneOf('concentrate', yesNo, 'yesNo');
	const low = r.may('volumeLow', r.settings.rateUnit);
	const high = r.may('volumeHigh', r.settings.rateUnit);
	if ((low === null) !== (high === null))
		r.issues.push({ code: 'empty', path: low ? 'volumeHigh' : 'volumeLow', wanted: 'volumePerArea' });
	return {
		...said({
			per: r.oneOf('per', doseAreas, 'per'),
			dilution: r.oneOf('dilution', dilutions, 'dilution'),
			concentrate: concentrate && concentrate === 'yes',
			applications: r.number('applications'),
			daysBetween: r.number('daysBetween'),
			drops: r.oneOf('drops', dropletClasses, 'dropClass')
		}),
		max: r.may('max', unit),
		seasonMax: r.may('seasonMax', unit),
		volume: low && high ? { low, high } : null,
		packs: r.lines('packs').map((pack) => typed(pack, amount, r.settings)),
		packet: r.may('packet', amount)
	};
}

/** When it may be sprayed, and what has to wait for it. */
function limits(r: Reader) {
	const { speed, side } = fieldUnits(r.settings);
	const scale = speed === 'mph' ? 'F' : 'C';
	const notToward = r.kinds('notToward', neighbourKinds, 'neighbour');
	return {
		entryHours: r.number('entry'),
		rainFreeHours: r.number('rainFree'),
		harvestDays: r.number('harvest'),
		plantBack: r.days('plantBack'),
		wind: r.may('wind', speed),
		...said({
			windLeast: r.may('windLeast', speed),
			temperatureLow: r.may('temperatureLow', scale),
			temperatureHigh: r.may('temperatureHigh', scale),
			humidityLow: r.number('humidityLow'),
			humidityHigh: r.number('humidityHigh')
		}),
		...(notToward.length > 0 ? { notToward } : {}),
		buffer: r.may('buffer', side)
	};
}

/** What protects those who work with it. */
const people = (r: Reader) => ({
	ppe: r.plain('ppe'),
	...said({
		firstAid: r.plain('firstAid') || null,
		notAlone: r.oneOf('notAlone', yesNo, 'yesNo') === 'yes' || null
	}),
	notes: r.plain('notes')
});

const yesNo = ['yes', 'no'] as const;
const doseUnit = (state: 'liquid' | 'dry', settings: FarmSettings): string => {
	const { dose, dryDose } = fieldUnits(settings);
	return state === 'dry' ? dryDose : dose;
};

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
