import { m } from '$words';
import type { Content, Margins, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { TypedSprayer, CalibrationMethod } from '../../../core';
import { methodsFor } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { checkList } from '../../settings/check-list';
import { fieldUnits, shortUnit } from '../../settings/field-units';
import type { Setting } from '../../wire/sprayer';
import { typedText } from '../../settings/typed-text';
import { describeSprayer } from '../../wording/describe-sprayer';
import { methodName, methodWords } from '../../wording/methods';
import { namesOf } from '../../wording/nozzle-names';
import { checkTitle } from '../../wording/sprayer-checks';
import type { Paper } from './make-pdf';
import { ruled } from './calibration-pdf';

const soft = '#4f594f';
const heading = (text: string): Content => ({ text, font: 'Figures', bold: true, fontSize: 15, margin: [0, 12, 0, 4] });
/** A line to write on, with its unit at the end. */
const blank = (label: string, unit = ''): Content => ({
	stack: [
		{ text: label, color: soft, fontSize: 10 },
		{ text: unit, alignment: 'right', color: soft, fontSize: 10, margin: [0, 13, 0, 1] },
		{ canvas: [{ type: 'line', x1: 0, y1: 0, x2: 112, y2: 0, lineWidth: 0.8, lineColor: '#857c5e' }] }
	],
	margin: [0, 0, 10, 8]
});
const rows = (cells: Content[], across: number): Content[] =>
	Array.from({ length: Math.ceil(cells.length / across) }, (_, i) => ({
		columns: [
			...cells.slice(i * across, (i + 1) * across),
			...Array.from({ length: Math.max(0, across - cells.slice(i * across, (i + 1) * across).length) }, () => ({
				text: ''
			}))
		]
	}));

/** A sheet to be filled in by hand where no phone goes, for one setting of a sprayer; one page. */
export function fieldSheetPdf(
	sprayer: TypedSprayer,
	setting: Setting,
	farm: { readonly name: string; readonly settings: FarmSettings },
	paper: Paper,
	method: CalibrationMethod = methodsFor(sprayer)[0]!
): TDocumentDefinitions {
	const units = fieldUnits(farm.settings);
	const names = namesOf(sprayer);
	const shut = new Set(setting.off);
	const sections = sprayer.sections.flatMap((size, section) => Array.from({ length: size }, () => section));
	const on = sections.flatMap((section, i) => (shut.has(section) ? [] : [i + 1]));
	const speed = method === 'speed-width-flow' || method === 'parked-drop';
	const tank = method === 'refill' || method === 'parked-drop';
	const s = (u: string) => shortUnit(u);
	const widthBlanks = {
		boom: [],
		boomless: [
			blank(m.wetted_width(), units.course),
			blank(m.nozzle_height(), s(units.spacing)),
			blank(m.pan_to_pan(), units.course)
		],
		airblast: [blank(m.row_spacing(), units.course), blank(m.alleys_every_second()), blank(m.sides_both_left_right())],
		knapsack: [blank(m.pattern_width(), units.course)]
	}[sprayer.kind];
	const across = on.length > 24 ? 6 : 4;
	/** Above each line of a catch: as much as the page has, for a pencil in the wind. */
	const room = Math.max(5, Math.min(16, 290 / Math.ceil(on.length / across) - 20));
	return {
		pageSize: paper,
		pageMargins: [36, 30, 36, 30],
		info: { title: m.field_sheet({ name: sprayer.name }), creator: 'Fallow' },
		footer: {
			text: m.clean_water_only_and_gloves_eye(),
			color: soft,
			fontSize: 9,
			margin: [36, 0, 36, 0]
		},
		content: [
			{ text: m.field_sheet_name({ name: sprayer.name }), font: 'Figures', bold: true, fontSize: 18 },
			{
				text: [
					describeSprayer(sprayer),
					setting.name,
					setting.pressure ? typedText(setting.pressure) : '',
					methodWords[method].name
				]
					.filter(Boolean)
					.join(' · '),
				color: soft
			},
			...rows(
				[
					blank(sprayer.kind === 'knapsack' ? m.carried_by() : m.calibrated_by()),
					blank(m.day()),
					blank(m.gauge(), units.pressure),
					sprayer.kind === 'knapsack' ? blank(m.orifice_strokes()) : blank(m.gear_and_rpm())
				],
				4
			),
			heading(m.check_the_sprayer()),
			{
				columns: [0, 1].map((half) => ({
					stack: checkList(sprayer, farm.settings)
						.filter((_, i) => i % 2 === half)
						.map((check) => ({
							columns: [
								{ canvas: [{ type: 'rect' as const, x: 0, y: 1, w: 11, h: 11, lineWidth: 0.8 }], width: 20 },
								{ text: checkTitle(check), fontSize: 10.5 }
							],
							margin: [0, 0, 0, 4] as [number, number, number, number]
						}))
				}))
			},
			...(speed
				? [
						heading(m.ground_speed()),
						...rows(
							[
								blank(m.course_title(), units.course),
								blank(m.run_number({ i: 1 }), 's'),
								blank(m.run_number({ i: 2 }), 's'),
								blank(m.run_number({ i: 3 }), 's')
							],
							4
						),
						...rows([blank(m.dial_said_title(), units.speed), ...widthBlanks], 4)
					]
				: [
						heading(method === 'plot-catch' ? m.plot_title() : m.ground()),
						...rows(
							[
								blank(m.one_side(), units.side),
								blank(m.other_side(), units.side),
								...(method === 'plot-catch'
									? [
											blank(m.go_number({ i: 1 }), 's'),
											blank(m.go_number({ i: 2 }), 's'),
											blank(m.go_number({ i: 3 }), 's')
										]
									: [])
							],
							4
						)
					]),
			...(tank
				? [
						heading(m.tank()),
						...rows(
							[
								blank(m.tank_before(), s(units.tank)),
								blank(m.tank_left(), s(units.tank)),
								blank(m.or_added(), s(units.tank)),
								blank(m.ran_parked(), 's')
							],
							4
						)
					]
				: [
						heading(m.catches_each_held_for_s_jug({ value: s(units.catch) })),
						{
							fontSize: 12,
							columnGap: 10,
							columns: Array.from({ length: across }, (_, c) => {
								const size = Math.ceil(on.length / across);
								const part = on.slice(c * size, (c + 1) * size);
								return {
									width: '*',
									layout: ruled,
									table: {
										widths: ['auto', '*'],
										body: (part.length > 0 ? part : [0]).map((n) => [
											{
												text: n === 0 ? '' : names.listed(n),
												margin: [0, room, 0, 3] as Margins
											},
											{ text: '', margin: [0, room, 0, 3] as Margins }
										])
									}
								};
							})
						} as Content
					]),
			{
				text: m.another_way_type_it_in_afterwards({
					list: methodsFor(sprayer)
						.filter((m) => m !== method)
						.map((m) => `${methodName(m, sprayer.kind)} (${methodWords[m].asks})`)
						.join('; ')
				}),
				color: soft,
				fontSize: 9.5,
				margin: [0, 10, 0, 0]
			}
		]
	};
}
