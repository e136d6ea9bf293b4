import { m } from '$words';
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
		w.from && m.wind_from({ from: w.from }),
		w.wind && typedText(w.wind),
		w.gust && m.gusts({ gust: typedText(w.gust) }),
		w.temperature && typedText({ ...w.temperature, unit: `°${w.temperature.unit}` }),
		w.humidity && m.humidity({ replace: w.humidity.replace(/ ?%$/, '') }),
		w.sky && skyWords[w.sky].toLowerCase(),
		w.dew === null ? '' : w.dew ? m.dew() : m.no_dew(),
		w.smoke ? smokeWords[w.smoke].toLowerCase() : '',
		w.lastRain && m.last_rain_h_before({ lastRain: w.lastRain })
	]
		.filter(Boolean)
		.join(', ');
}

/** A record as lines of words, all that is known: for its page and for paper. */
export function recordFacts(record: SprayRecord, settings: FarmSettings): RecordFact[] {
	const { before, end } = record.weather;
	const { rig: sprayer } = record;
	const time = (at: string | null): string => (at === null ? '' : timeAt(settings, Date.parse(at)));
	const facts: RecordFact[] = [
		{ what: m.day(), text: dayText(record.day) },
		{ what: m.sprayed(), text: [time(record.startedAt), time(record.endedAt)].filter(Boolean).join(m.to_spaced()) },
		{
			what: m.fields(),
			text: record.blocks
				.map((b) => {
					const words = partWords({ ...b, part: b.part ?? undefined, rows: null, spacing: null });
					return b.endedAt && b.endedAt !== record.endedAt
						? m.last_load_out({ words, endedAt: time(b.endedAt) })
						: words;
				})
				.join(', ')
		},
		{ what: m.area(), text: `${show('area', record.area, settings, { digits: 4 }).text}` },
		...record.products.map((p) => {
			return {
				what: p.name,
				text: [
					doseTold(p),
					m.in_all_text({ text: showAmount(amountOf(p.kind, p.total), settings, p.dose).text }),
					p.registration && m.registered({ registration: p.registration }),
					p.group && m.group({ group: p.group }),
					p.poured === undefined ? '' : p.poured ? m.as_poured() : m.as_planned_not_all_of_it(),
					...(p.dye ? [m.marker_dye_no_label_noted()] : intervalWords(p)),
					...(p.plantBack ?? []).map((b) => m.sown_after_days({ name: b.crop.toLowerCase(), days: b.days }))
				]
					.filter(Boolean)
					.join(', ')
			};
		}),
		{
			what: m.volume(),
			text: record.takenIn
				? record.trueVolume === null
					? ''
					: plainRate(record.trueVolume, settings)
				: m.planned({
						which: record.trueVolume === null ? m.nothing_sprayed() : plainRate(record.trueVolume, settings),
						plannedVolume: plainRate(record.plannedVolume, settings)
					})
		},
		{
			what: m.mix(),
			text: record.takenIn && record.mix === 0 ? '' : show('tank', record.mix, settings, { digits: 4 }).text
		},
		{
			what: m.sprayer(),
			text: [
				record.sprayer,
				sprayer?.setting,
				sprayer?.gear && m.gear({ gear: sprayer.gear }),
				sprayer?.rpm && m.rpm({ rpm: sprayer.rpm }),
				sprayer && m.calibrated_calibrated({ calibrated: dayText(sprayer.calibrated) })
			]
				.filter(Boolean)
				.join(', ')
		},
		{ what: m.nozzles_title(), text: sprayer?.nozzles ?? '' },
		{
			what: m.pressure(),
			text: sprayer?.pressure
				? show('pressure', sprayer.pressure, settings, { typed: sprayer.typedPressure }).text
				: sprayer
					? m.not_measured()
					: ''
		},
		{
			what: m.speed_title(),
			text: record.speed === null ? '' : show('speed', record.speed, settings, { digits: 2 }).text
		},
		{
			what: m.weather_before(),
			text: before
				? `${weatherLine(before)} (${time(before.at)})${before.reason ? `; ${before.decision}: ${before.reason}` : ''}`
				: ''
		},
		...(record.passed ?? []).map((stop) => ({
			what: m.continued_with_a_reason(),
			text: `${stopTitle(stop)}: ${stop.reason}`
		})),
		{ what: m.weather_at_the_end(), text: end ? `${weatherLine(end)} (${time(end.at)})` : '' },
		...(Object.keys(recordFieldWords) as (keyof typeof recordFieldWords)[]).map((name) => ({
			what: recordFieldWords[name],
			text: record[name]
		}))
	];
	return facts.filter((f) => f.text !== '');
}
