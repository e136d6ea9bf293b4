import { m } from '$words';
import { workingText } from '../../wording/working';
import { dayText } from '../../settings/day-text';
import { show } from '../../show/show';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { isCarried, schools, workingOf } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { measuresOf } from '../../settings/field-units';
import { rateUnits } from '../../settings/rate-units';
import { budgetShares, shownRate, wideWords } from '../../show/answer';
import { readingLines } from '../../show/reading-lines';
import { nozzleLines } from '../../show/shown-calibration';
import { describeSprayer } from '../../wording/describe-sprayer';
import { eventWords } from '../../wording/events';
import { wordFinding } from '../../wording/findings';
import { methodWords } from '../../wording/methods';
import { namesOf } from '../../wording/nozzle-names';
import type { CalibrationPage } from '../calibration-page';
import { readPage } from '../calibration-page';
import type { Paper } from './make-pdf';
import { asWritten } from '../../wording/as-written';

const soft = '#4f594f';
const rule = '#cfc8b2';
/** Shapes that the fonts of the print have not got. */
const plain = (text: string) => text.replace(/[▲▼✕]\s*/g, '');
const label = (text: string): Content => ({ text, color: soft, fontSize: 8 });
const heading = (text: string): Content => ({ text, font: 'Figures', bold: true, fontSize: 12, margin: [0, 8, 0, 2] });

/** Rules between rows, nothing else. */
export const ruled = {
	hLineWidth: () => 0.5,
	vLineWidth: () => 0,
	hLineColor: () => rule,
	paddingTop: () => 1.5,
	paddingBottom: () => 1.5,
	paddingLeft: () => 0,
	paddingRight: () => 6
};

const schoolNames = {
	get units() {
		return m.by_units();
	},
	get '5940'() {
		return m.gallons();
	},
	get '600'() {
		return m.litres();
	},
	get hour() {
		return m.per_hour();
	},
	get reading() {
		return m.the_reading();
	}
};

/** A calibration on one page: answer, ±, budget, readings as taken, findings, and the working in each school. */
export function calibrationPdf(
	page: CalibrationPage,
	farm: { readonly name: string; readonly settings: FarmSettings },
	paper: Paper
): TDocumentDefinitions {
	const { calibration: c, rig: sprayer } = page;
	const { settings } = farm;
	const comma = settings.decimalComma;
	const read = readPage(page);
	const rate = shownRate(c.rate, c.relativeU95, settings.rateUnit, comma);
	const others = rateUnits
		.filter((u) => u !== settings.rateUnit)
		.map((u) => shownRate(c.rate, c.relativeU95, u, comma))
		.map((r) => `${r.value} ${r.unit}`)
		.join('   ');
	const pressure =
		c.pressure === null
			? m.pressure_not_measured_inline()
			: show('pressure', c.pressure, settings, { typed: read?.entered.gauge?.typed }).text;
	const nozzles = read ? nozzleLines(sprayer, read, settings) : [];
	const names = namesOf(sprayer);
	const signed = [
		c.person && m.carried_by_person({ person: c.person }),
		m.signed_off_by_on_signed_by({ signedBy: c.signedBy, signedDay: dayText(c.signedDay) }),
		pressure,
		c.gear ? m.gear({ gear: c.gear }) : !isCarried(sprayer) && m.gear_not_entered(),
		c.rpm && m.rpm({ rpm: c.rpm })
	];
	return {
		pageSize: paper,
		pageMargins: [36, 32, 36, 30],
		info: { title: m.calibrated_name({ name: sprayer.name, signedDay: dayText(c.signedDay) }), creator: 'Fallow' },
		footer: {
			text: m.the_label_is_the_law_local({ name: farm.name }),
			color: soft,
			fontSize: 8,
			margin: [36, 0, 36, 0]
		},
		content: content()
	};

	function content(): Content[] {
		return [
			{ text: sprayer.name, font: 'Figures', bold: true, fontSize: 20 },
			label(
				[describeSprayer(sprayer), page.settingName, read && methodWords[read.answer.method].name]
					.filter(Boolean)
					.join(' · ')
			),
			label(signed.filter(Boolean).join(', ')),
			...(rate.tooWide ? [{ text: wideWords(c.relativeU95, comma, read?.answer.budget), bold: true } as Content] : []),
			...(c.doubt
				? [{ text: m.in_doubt_since({ name: eventWords[c.doubt].name.toLowerCase() }), bold: true } as Content]
				: []),
			{
				columns: [
					{
						width: 'auto',
						text: [
							{ text: rate.value, font: 'Figures', bold: true, fontSize: 44 },
							{ text: ` ${rate.unit}`, bold: true, fontSize: 13 }
						]
					},
					{
						width: '*',
						margin: [18, 16, 0, 0],
						stack: [
							{ text: `± ${rate.interval} (95 %)`, font: 'Figures', bold: true, fontSize: 14 },
							label(others),
							label(
								read
									? m.the_comes_from({
											list: budgetShares(read.answer.budget)
												.map((s) => `${s.name.toLowerCase()} ${Math.round(s.share * 100)} %`)
												.join(', ')
										})
									: ''
							)
						]
					}
				]
			},
			...(c.remarks ? [{ text: c.remarks, margin: [0, 4, 0, 0] } as Content] : []),
			...(read
				? [
						heading(m.readings_as_taken()),
						{
							text: readingLines(read, names, comma).flatMap((line, i): Content[] => [
								{ text: `${i > 0 ? '   ' : ''}${line.name} `, color: soft },
								{ text: line.text, ...(line.struck ? { decoration: 'lineThrough' as const } : {}) }
							])
						} as Content
					]
				: []),
			...(nozzles.length > 0 ? [nozzleTable(nozzles)] : []),
			heading(c.findings.length === 0 ? m.no_warnings() : m.findings()),
			...c.findings.map((finding): Content => {
				const words = wordFinding(finding, names, settings);
				return {
					text: [{ text: `${words.title}. `, bold: true }, words.body],
					margin: [0, 0, 0, 2],
					fontSize: 8.5
				};
			}),
			...(read
				? [
						heading(m.the_working()),
						...schools.map((school): Content => ({
							margin: [0, 0, 0, 2],
							fontSize: 8,
							text: [
								{ text: `${schoolNames[school]}: `, bold: true },
								workingOf(read.sheet, read.answer, school, measuresOf(settings))
									.map((line) => workingText(asWritten(line.figures, comma)))
									.join(';  ')
							]
						}))
					]
				: [])
		];
	}
}

/** Nozzles side by side in as many columns as keep one page: 24 rows each at the most. */
function nozzleTable(nozzles: ReturnType<typeof nozzleLines>): Content {
	const columns = Math.max(1, Math.min(4, Math.ceil(nozzles.length / 8)));
	const rows = Math.ceil(nozzles.length / columns);
	const cell = (line: (typeof nozzles)[number]): Content[] => [
		{ text: line.name },
		{
			text:
				line.takes.length > 0
					? line.takes
							.filter((t) => t.counts)
							.map((t) => t.text)
							.join(', ')
					: '–',
			bold: true
		},
		{ text: [line.fromAverage, line.tone === 'even' ? '' : plain(line.verdict)].filter(Boolean).join(' ') }
	];
	return {
		margin: [0, 6, 0, 0],
		fontSize: columns > 2 ? 8.5 : 9.5,
		columnGap: 14,
		columns: Array.from({ length: columns }, (_, i) => ({
			width: '*',
			layout: ruled,
			table: { widths: ['auto', '*', 'auto'], body: nozzles.slice(i * rows, (i + 1) * rows).map(cell) }
		})).filter((part) => part.table.body.length > 0)
	};
}
