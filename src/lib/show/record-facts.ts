import { dayText } from '../settings/day-text';
import type { SprayRecord, TypedWeather } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { doseTold } from '../settings/dose-told';
import { typedText } from '../settings/typed-text';
import { partWords } from '../wording/jobs';
import { recordFieldWords } from '../wording/records';
import { intervalWords, stopTitle } from '../wording/safety';
import { skyWords, smokeWords } from '../wording/weather';
import { plainRate } from './answer';
import { timeAt } from '../settings/farm-time';
import { amountOf, show, showAmount } from './show';

export interface RecordFact {
	readonly what: string;
	readonly text: string;
}

/** The weather as it was told, in one line. */
export function weatherLine(w: TypedWeather): string {
	return [
		w.from && `wind from ${w.from}`,
		w.wind && typedText(w.wind),
		w.gust && `gusts ${typedText(w.gust)}`,
		w.temperature && typedText({ ...w.temperature, unit: `°${w.temperature.unit}` }),
		w.humidity && `${w.humidity.replace(/ ?%$/, '')} % humidity`,
		w.sky && skyWords[w.sky].toLowerCase(),
		w.dew === null ? '' : w.dew ? 'dew' : 'no dew',
		w.smoke ? smokeWords[w.smoke].toLowerCase() : '',
		w.lastRain && `last rain ${w.lastRain} h before`
	]
		.filter(Boolean)
		.join(', ');
}

/** A record as lines of words, all that is known: for its page and for paper. */
export function recordFacts(record: SprayRecord, settings: FarmSettings): RecordFact[] {
	const { before, end } = record.weather;
	const { rig } = record;
	const time = (at: string | null): string => (at === null ? '' : timeAt(settings.timeZone, Date.parse(at)));
	const facts: RecordFact[] = [
		{ what: 'Day', text: dayText(record.day) },
		{ what: 'Sprayed', text: [time(record.startedAt), time(record.endedAt)].filter(Boolean).join(' to ') },
		{
			what: 'Ground',
			text: record.blocks
				.map((b) => {
					const words = partWords({ ...b, part: b.part ?? undefined, rows: null, spacing: null });
					return b.endedAt && b.endedAt !== record.endedAt ? `${words} (last load out ${time(b.endedAt)})` : words;
				})
				.join(', ')
		},
		{ what: 'Area', text: `${show('area', record.area, settings, { digits: 4 }).text}` },
		...record.products.map((p) => {
			return {
				what: p.name,
				text: [
					doseTold(p),
					`${showAmount(amountOf(p.kind, p.total), settings, p.dose).text} in all`,
					p.registration && `registered ${p.registration}`,
					p.group && `group ${p.group}`,
					p.poured === undefined ? '' : p.poured ? 'as poured' : 'as planned, not all of it ticked',
					...(p.dye ? ['marker dye, no label noted'] : intervalWords(p)),
					...(p.plantBack ?? []).map((b) => `${b.crop.toLowerCase()} sown after ${b.days} days`)
				]
					.filter(Boolean)
					.join(', ')
			};
		}),
		{
			what: 'Volume',
			text: record.takenIn
				? record.trueVolume === null
					? ''
					: plainRate(record.trueVolume, settings)
				: `${record.trueVolume === null ? 'nothing sprayed' : plainRate(record.trueVolume, settings)}, planned ${plainRate(record.plannedVolume, settings)}`
		},
		{
			what: 'Mix',
			text: record.takenIn && record.mix === 0 ? '' : show('tank', record.mix, settings, { digits: 4 }).text
		},
		{
			what: 'Sprayer',
			text: [
				record.sprayer,
				rig?.setting,
				rig?.gear && `gear ${rig.gear}`,
				rig?.rpm && `${rig.rpm} rpm`,
				rig && `calibrated ${dayText(rig.calibrated)}`
			]
				.filter(Boolean)
				.join(', ')
		},
		{ what: 'Nozzles', text: rig?.nozzles ?? '' },
		{
			what: 'Pressure',
			text: rig?.pressure
				? show('pressure', rig.pressure, settings, { typed: rig.typedPressure }).text
				: rig
					? 'not measured'
					: ''
		},
		{
			what: 'Speed',
			text: record.speed === null ? '' : show('speed', record.speed, settings, { digits: 2 }).text
		},
		{
			what: 'Weather before',
			text: before
				? `${weatherLine(before)} (${time(before.at)})${before.reason ? `; ${before.decision}: ${before.reason}` : ''}`
				: ''
		},
		...(record.passed ?? []).map((stop) => ({
			what: 'Continued with a reason',
			text: `${stopTitle(stop)}: ${stop.reason}`
		})),
		{ what: 'Weather at the end', text: end ? `${weatherLine(end)} (${time(end.at)})` : '' },
		...(Object.keys(recordFieldWords) as (keyof typeof recordFieldWords)[]).map((name) => ({
			what: recordFieldWords[name],
			text: record[name]
		}))
	];
	return facts.filter((f) => f.text !== '');
}
