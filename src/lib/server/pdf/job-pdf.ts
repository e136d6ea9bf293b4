import { m } from '$words';
import { isLoopback } from '../../settings/loopback';
import { dayText } from '../../settings/day-text';
import { show, showAmount } from '../../show/show';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { JobRun, LabelFinding, LoadPlan, PlanSheet, RunLoad, TypedJob } from '../../../core';
import { basisOf, isSpot, laterDoses } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { isMetric } from '../../settings/field-units';
import { doseTold } from '../../settings/dose-told';
import { plainRate } from '../../show/answer';
import { mixingLines } from '../../show/pour';
import { partWords, splitWords, wordLabelFinding } from '../../wording/jobs';
import { ruled } from './calibration-pdf';

export const jobPapers = ['A4', 'LETTER', 'HALF'] as const;
export type JobPaper = (typeof jobPapers)[number];

export interface JobPage {
	readonly job: TypedJob;
	readonly sheet: PlanSheet;
	readonly plan: LoadPlan;
	/** The run as it was planned: what is on paper does not follow what happened since. */
	readonly run: JobRun;
	readonly findings: readonly LabelFinding[];
	/** Empty where the job has none. */
	readonly sprayer: string;
	readonly signedDay: string | null;
	/** What opens the job on a phone. */
	readonly link: string;
}

const soft = '#4f594f';
const ink = '#17231f';
const half = { metric: { width: 419.53, height: 595.28 }, other: { width: 396, height: 612 } };
/** A box to tick; made anew each time, since the layout keeps its place in it. */
const box = () => ({
	canvas: [{ type: 'rect' as const, x: 0, y: 1, w: 11, h: 11, lineWidth: 1, lineColor: ink }]
});
const blank = (label: string): Content => ({
	stack: [
		{ text: label, color: soft, fontSize: 9.5, margin: [0, 0, 0, 18] },
		{ canvas: [{ type: 'line', x1: 0, y1: 0, x2: 92, y2: 0, lineWidth: 0.8, lineColor: '#857c5e' }] }
	]
});

/** Loads that are alike are one card: forty full tanks are printed once. */
function alike(loads: readonly RunLoad[]): { readonly from: number; readonly to: number; readonly load: RunLoad }[] {
	const groups: { from: number; to: number; load: RunLoad }[] = [];
	for (const load of loads) {
		const last = groups.at(-1);
		const amounts = ({ load: l }: RunLoad) => l.products.map((p) => p.amount);
		const poured = last && amounts(last.load).every((a, i) => Math.abs(a - amounts(load)[i]!) < 1e-9);
		const same =
			last && poured && Math.abs(last.load.load.mix - load.load.mix) < 1e-9 && last.load.load.rows === load.load.rows;
		// The last load holds what cannot be sprayed out, so its ground differs.
		if (last && same && Math.abs(last.load.load.area - load.load.area) < 1e-6) last.to = load.n;
		else groups.push({ from: load.n, to: load.n, load });
	}
	return groups;
}

/** Job sheet and load cards for where no phone goes: whole pages, or a half sheet for the cab. */
export function jobPdf(
	page: JobPage,
	farm: { readonly name: string; readonly settings: FarmSettings },
	paper: JobPaper
): TDocumentDefinitions {
	const { job, sheet, plan, run } = page;
	const { settings } = farm;
	const small = paper === 'HALF';
	const metric = isMetric(settings.rateUnit);
	const volume = (v: number) => show('tank', v, settings, { digits: 4 }).text;
	const area = (v: number) => show('area', v, settings, { digits: 4 }).text;
	const basis = basisOf(job);
	const title = job.blocks.map(partWords).join(', ');
	const wears = [...new Set(job.products.map((p) => p.label.ppe).filter(Boolean))].join('; ');

	const facts: Content = {
		columns: [
			{
				stack: [
					{ text: title, font: 'Figures', bold: true, fontSize: small ? 15 : 20 },
					{
						text: [
							dayText(job.day),
							page.sprayer || m.by_hand(),
							`${plainRate(sheet.rate, settings)}${
								basis.by === 'calibration'
									? m.calibrated_signed_day_after({ signedDay: dayText(page.signedDay) })
									: isSpot(basis)
										? m.by_a_trial()
										: ''
							}`,
							splitWords[job.split].name.toLowerCase()
						].join(' · '),
						color: soft,
						margin: [0, 2, 0, 6]
					},
					{
						text: [
							{ text: area(plan.area * (sheet.sprayedShare ?? 1)), font: 'Figures', bold: true, fontSize: 15 },
							'   ',
							{ text: volume(plan.mix), font: 'Figures', bold: true, fontSize: 15 },
							m.in_loads({ count: plan.loads.length }),
							plan.leftover > 0 ? m.cannot_be_sprayed_out_leftover_after({ leftover: volume(plan.leftover) }) : ''
						]
					}
				],
				width: '*'
			},
			{
				stack: [
					// A code of an address that no phone reaches would lead nowhere.
					...(isLoopback(new URL(page.link).hostname)
						? [{ text: m.no_phone_reaches_this(), fontSize: 8, color: soft }]
						: [
								{ qr: page.link, fit: small ? 72 : 92 },
								{ text: m.opens_it_on_a_phone(), fontSize: 8, color: soft }
							])
				],
				width: 92
			}
		],
		columnGap: 12
	};

	const doses: Content = {
		table: {
			widths: ['*', 'auto', 'auto', 'auto'],
			body: [
				[m.product_title(), m.dose(), m.in_all_title(), m.re_entry_pre_harvest()].map((text) => ({
					text,
					color: soft,
					fontSize: 8.5
				})),
				...job.products.map(({ label, dose, dye }, i) => {
					const total = showAmount(plan.totals[i]!, settings, dose).text;
					return [
						{ text: [{ text: label.name, bold: true }, label.registration ? `  ${label.registration}` : ''] },
						doseTold({ dose, laterDoses: laterDoses(run.loads, i, dose) }),
						total,
						dye
							? m.marker_dye_inline()
							: [
									label.entryHours === null ? m.not_entered() : `${label.entryHours} h`,
									label.harvestDays === null ? m.not_entered() : m.days({ harvestDays: label.harvestDays })
								].join(', ')
					];
				})
			]
		},
		layout: ruled,
		margin: [0, 8, 0, 4]
	};

	const cards = alike(run.loads).map(({ from, to, load }, i): Content => {
		const lines = mixingLines({ ...load, last: load.n === run.loads.length }, job, settings);
		return {
			stack: [
				{
					text: [
						{
							text:
								from === to
									? m.load_of_from({ from, count: run.loads.length })
									: m.loads_to_of_each({ from, to, count: run.loads.length }),
							font: 'Figures',
							bold: true,
							fontSize: small ? 13 : 16
						},
						m.over_mix({
							mix: volume(load.load.mix),
							area: area(load.load.area),
							which: load.load.rows === null ? '' : m.rows_rows_after({ rows: load.load.rows })
						})
					],
					margin: [0, i === 0 ? 6 : 12, 0, 2]
				},
				{
					table: {
						widths: [18, '*', 'auto', small ? 96 : 190],
						body: lines.map((line) => [
							box(),
							{
								stack: [
									{ text: line.text, bold: true, fontSize: small ? 9.5 : 12 },
									...(small ? [] : [{ text: line.why, color: soft, fontSize: 9.5 }])
								]
							},
							{
								text: [{ text: line.figure, font: 'Figures', bold: true, fontSize: small ? 17 : 25 }, ` ${line.unit}`],
								alignment: 'right',
								noWrap: true
							},
							{
								stack: [
									...line.how.map((text) => ({ text, fontSize: small ? 8 : 10 })),
									...(line.look ? [{ text: line.look, bold: true, fontSize: small ? 8 : 10 }] : [])
								]
							}
						])
					},
					layout: ruled
				},
				{
					columns: [
						blank(m.mixed_at()),
						blank(m.spraying_from()),
						blank(m.out_at()),
						...(small ? [] : [blank(m.done_left_over())])
					],
					margin: [0, 6, 0, 0]
				}
			],
			unbreakable: true
		};
	});

	return {
		pageSize: small ? (metric ? half.metric : half.other) : paper,
		pageMargins: small ? [24, 22, 24, 34] : [36, 32, 36, 42],
		info: { title: m.job({ title, day: dayText(job.day) }), creator: 'Fallow' },
		footer: {
			text: m.the_label_in_your_hand_decides_and(),
			color: soft,
			fontSize: small ? 8.5 : 9.5,
			margin: [small ? 24 : 36, 4, small ? 24 : 36, 0]
		},
		content: [
			facts,
			...page.findings.map((finding): Content => {
				const words = wordLabelFinding(finding, settings);
				return { text: [{ text: `${words.title}. `, bold: true }, words.body], margin: [0, 6, 0, 0] };
			}),
			doses,
			{
				text: [{ text: m.wear_spaced(), bold: true }, wears || m.what_the_labels_ask_for(), '.'],
				margin: [0, 2, 0, 0]
			},
			...(job.notes ? [{ text: job.notes, margin: [0, 4, 0, 0] as [number, number, number, number] }] : []),
			...cards
		]
	};
}
