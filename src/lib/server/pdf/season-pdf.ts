import { m } from '$words';
import { dayText } from '../../settings/day-text';
import { amountOf, show, showAmount } from '../../show/show';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { SeasonUse } from '../../../core';
import { showFigure } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { doseTold } from '../../settings/dose-told';
import { plainRate } from '../../show/answer';
import { clockText, timeAt } from '../../settings/farm-time';
import { weatherLine } from '../../show/record-facts';
import { shownUse } from '../../show/shown-use';
import { stopTitle } from '../../wording/safety';
import type { KeptRecord } from '../db/record-log';
import { ruled } from './calibration-pdf';
import { columnWidths } from './column-widths';
import type { Paper } from './make-pdf';

const soft = '#4f594f';
const head = (...names: string[]): Content[] => names.map((text) => ({ text, bold: true, color: soft, fontSize: 8.5 }));
const lines = (...texts: readonly (string | false | null | undefined)[]): string => texts.filter(Boolean).join('\n');

/** About how wide a letter of the tables is, points. */
const letter = 4.7;
const textOf = (cell: Content): string =>
	typeof cell === 'string' ? cell : 'text' in (cell as object) ? String((cell as { text: unknown }).text) : '';

/** All records of a year on paper, for whoever inspects them: each with its fields, then what each block had in all. */
export function seasonPdf(
	season: {
		readonly year: number;
		readonly records: readonly KeptRecord[];
		readonly uses: readonly SeasonUse[];
		/** The newest seal of the farm and how many there are: what holds the records from outside. */
		readonly newest?: { readonly count: number; readonly seal: string };
	},
	farm: { readonly name: string; readonly settings: FarmSettings },
	paper: Paper,
	now: number
): TDocumentDefinitions {
	const { settings } = farm;
	const { timeZone, decimalComma: comma } = settings;
	const { year, records, uses } = season;
	const clock = (at: string | null) => (at === null ? '' : timeAt(settings, Date.parse(at)));
	const hours = (at: string | null) => (at === null ? '' : clockText(settings, Date.parse(at)));
	const last = records.reduce<KeptRecord | null>((m, r) => (m === null || r.place > m.place ? r : m), null);
	const row = ({ record: r, place, hash, amendments }: KeptRecord): Content[] => [
		lines(dayText(r.day), hours(r.startedAt) && `${hours(r.startedAt)}–${hours(r.endedAt)}`),
		lines(
			r.blocks.map((b) => b.name).join(', '),
			show('area', r.area, settings, { digits: 4 }).text,
			[r.crop, r.stage, r.condition].filter(Boolean).join(', ')
		),
		lines(
			...r.products.map((p) => {
				const total = showAmount(amountOf(p.kind, p.total), settings, p.dose).text;
				return [
					`${p.name}: ${doseTold(p)}`,
					m.in_all_total({ total }),
					p.registration && m.reg_number({ number: p.registration }),
					p.group && m.group({ group: p.group })
				]
					.filter(Boolean)
					.join(', ');
			})
		),
		lines(
			r.trueVolume === null ? m.nothing_sprayed() : plainRate(r.trueVolume, settings),
			!!r.rig?.pressure && show('pressure', r.rig.pressure, settings, { typed: r.rig.typedPressure }).text,
			r.rig?.nozzles,
			r.waterSource && m.water_water_source({ waterSource: r.waterSource })
		),
		lines(r.target, r.buffer && m.buffer({ buffer: r.buffer })),
		lines(r.operator, r.licence && m.licence({ licence: r.licence }), r.sprayer, r.rig?.setting),
		lines(
			r.weather.before && weatherLine(r.weather.before),
			r.weather.end && m.end({ end: weatherLine(r.weather.end) })
		),
		{
			text: lines(
				m.record_number({ place }),
				hash.slice(0, 12),
				r.takenIn && m.from_a_file(),
				r.remarks,
				...(r.passed ?? []).map((stop) => `${stopTitle(stop)}: ${stop.reason}`),
				...amendments.map((a) => m.added_by_at({ at: clock(a.at), by: a.by, text: a.text }))
			),
			color: soft
		}
	];
	const rows = records.map(row);
	const heads = [
		m.day(),
		m.ground_crop(),
		m.products(),
		m.volume(),
		m.for_word(),
		m.by_with(),
		m.weather(),
		m.entry_seal_remarks()
	];
	// Between the margins of a page on its side, less what the layout puts beside each column.
	const room = (paper === 'A4' ? 842 : 792) - 60 - heads.length * 6;
	return {
		pageSize: paper,
		pageOrientation: 'landscape',
		pageMargins: [30, 34, 30, 40],
		info: { title: m.season({ year, name: farm.name }), creator: 'Fallow' },
		footer: (page, pages) => ({
			columns: [
				lines(
					last ? m.entries_up_to_of_the_log({ place: last.place, hash: last.hash }) : m.no_record_in_this_season(),
					season.newest && season.newest.count > 0 && m.newest_seal(season.newest)
				),
				{ text: m.page_of({ page, pages }), alignment: 'right', width: 90 }
			],
			color: soft,
			fontSize: 8,
			margin: [30, 8, 30, 0]
		}),
		content: [
			{ text: farm.name, color: soft },
			{ text: m.what_was_sprayed_in({ year }), font: 'Figures', bold: true, fontSize: 20, margin: [0, 2, 0, 2] },
			{
				text: m.records_times_of_printed_each_was({
					count: records.length,
					timeZone,
					timeZone2: timeAt(settings, now)
				}),
				color: soft,
				margin: [0, 0, 0, 10]
			},
			...(records.length === 0
				? []
				: [
						{
							table: {
								headerRows: 1,
								dontBreakRows: true,
								widths: columnWidths([heads, ...rows.map((cells) => cells.map(textOf))], room, letter),
								body: [head(...heads), ...rows]
							},
							layout: ruled,
							fontSize: 9
						},
						{
							text: m.what_each_block_had_in_all(),
							font: 'Figures',
							bold: true,
							fontSize: 14,
							margin: [0, 16, 0, 6] as [number, number, number, number]
						},
						{
							table: {
								headerRows: 1,
								widths: ['*', '*', 'auto', 'auto', 'auto'],
								body: [
									head(m.block_title(), m.product_title(), m.in_the_season(), m.times(), m.of_its_labels_most()),
									...uses.map((u) => [
										u.block,
										u.product,
										shownUse(u, settings),
										`${u.times}`,
										u.ofMost === null
											? '–'
											: `${u.ofMost > 1 ? m.over_colon() : ''}${showFigure(u.ofMost * 100, 3, comma)} %`
									])
								]
							},
							layout: ruled,
							fontSize: 10
						}
					])
		]
	};
}
