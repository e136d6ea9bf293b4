import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillDemo } from '../../demo/fill';
import type { VolumePerArea } from '../../src/core';
import { checkJob, planLoads, runOfJob, standingPlan } from '../../src/core';
import { calibrationPage } from '../../src/lib/server/calibration-page';
import { farmHandle } from '../../src/lib/server/db/farm';
import type { KeptRecord } from '../../src/lib/server/db/record-log';
import { calibrationPdf } from '../../src/lib/server/pdf/calibration-pdf';
import { fieldSheetPdf } from '../../src/lib/server/pdf/field-sheet-pdf';
import { jobPapers, jobPdf } from '../../src/lib/server/pdf/job-pdf';
import { makePdf, papers } from '../../src/lib/server/pdf/make-pdf';
import { recordPdf } from '../../src/lib/server/pdf/record-pdf';
import { seasonPdf } from '../../src/lib/server/pdf/season-pdf';
import { seasonSums } from '../../src/lib/server/season-page';
import { logFilterSchema } from '../../src/lib/wire/record';
import { overwriteGetLocale } from '../../src/words/runtime.js';
import { farmDatabase } from '../support/database';
import { badlyPlaced, paperText } from '../support/paper-text';

/** Names as long as people give them: what is on paper has to bear them. */
const longer: readonly (readonly [string, string])[] = [
	['Barley field', 'Upper barley field behind the old cider press and the quarry'],
	['Hazel rows', 'Hazel rows of the first and second planting along the lane'],
	['Hazel-row blower', 'Hazel-row blower with the extended left and right towers'],
	['Barley-field boom', 'Barley-field boom, the wide one with the air assistance'],
	['Sample Ochre', 'Sample Ochre Extra Plus suspension concentrate 480'],
	['Sample Umber', 'Sample Umber Forte wettable granules for spring use'],
	['A. Sample', 'Alexandrina Bartholomea Sample-Specimen of the Lower Farm'],
	['B. Sample', 'Bartholomew Maximilian Example-Muster-Sample'],
	['Yard well', 'the yard well by the second gate, or the rain tank'],
	['All on', 'All sections on, drift-reducing end nozzles fitted']
];
const long = <T>(value: T): T =>
	JSON.parse(longer.reduce((text, [from, to]) => text.replaceAll(from, to), JSON.stringify(value))) as T;

let made: Awaited<ReturnType<typeof farmDatabase>>;
let farm: NonNullable<Awaited<ReturnType<typeof farmHandle>>>;
const now = Date.parse('2026-10-01T10:00:00Z');
beforeAll(async () => {
	made = await farmDatabase();
	await fillDemo(made.db, made.farm.id, now);
	farm = (await farmHandle(made.db, made.farm.id))!;
}, 120_000);
afterAll(() => made.drop());

/** Nothing leaves the page, nothing stands on anything else, nothing is unfilled, and all can be read at arm's length. */
async function looksRight(what: string, make: () => TDocumentDefinitions, least = 8): Promise<void> {
	for (const language of ['en', 'es'] as const) {
		overwriteGetLocale(() => language);
		const paper = await paperText(await makePdf(make())).finally(() => overwriteGetLocale(() => 'en'));
		const where = `${what}, ${language}`;
		expect(badlyPlaced(paper), where).toEqual([]);
		expect(
			paper.texts.filter((t) => t.size < least).map((t) => `${t.size}: ${t.text}`),
			where
		).toEqual([]);
		const all = paper.texts.map((t) => t.text).join(' ');
		expect(all, where).not.toMatch(/undefined|NaN|\[object|\{\w+\}|Infinity/);
		if (language === 'es') expect(all, where).toMatch(/[áéíóúñ]/);
	}
}

describe('papers, in both languages, with the longest names that people give', () => {
	const named = () => ({
		name: long('Sample Quillet Farm and Nurseries of the Barley field'),
		settings: farm.settings
	});

	it('are looked at by a look that finds what is wrong', () => {
		const text = (x: number, y: number, width: number) => ({ page: 1, text: `at ${x}`, x, y, width, size: 10 });
		const at = (...texts: ReturnType<typeof text>[]) => badlyPlaced({ size: [200, 100], pages: 1, texts });
		expect(at(text(20, 50, 40), text(70, 50, 40), text(20, 38, 40))).toEqual([]);
		expect(at(text(20, 50, 60), text(70, 50, 40))).toHaveLength(1);
		expect(at(text(20, 50, 60), text(20, 46, 60))).toHaveLength(1);
		expect(at(text(150, 50, 60))).toEqual(['off the page: at 150']);
		expect(at(text(20, 2, 60))).toHaveLength(1);
	});

	it('the season', async () => {
		const records: KeptRecord[] = [];
		for await (const r of farm.records.all(
			logFilterSchema.parse({ from: '2026-01-01', to: '2026-12-31', oldest: '1' })
		))
			records.push(long(r));
		expect(records.length).toBeGreaterThan(3);
		const { uses } = await seasonSums(farm, 2026);
		const newest = await farm.records.newest();
		for (const paper of papers)
			await looksRight(`season ${paper}`, () =>
				seasonPdf({ year: 2026, records, uses: long(uses), newest }, named(), paper, now)
			);
	}, 120_000);

	it('a record', async () => {
		const newest = await farm.records.newest();
		const ids: string[] = [];
		for await (const { id } of farm.records.all(logFilterSchema.parse({}))) ids.push(id);
		for (const id of ids) {
			const one = await farm.records.get(id);
			for (const paper of papers)
				await looksRight(`record ${paper}`, () => recordPdf({ ...long(one), newest }, named(), paper));
		}
	}, 120_000);

	it('load cards, also half a sheet for the cab', async () => {
		const jobs = (await farm.jobs.list()).map((j) => j.id);
		expect(jobs.length).toBeGreaterThan(1);
		for (const id of jobs) {
			const { job: planned, rate, sprayer, signedDay } = await farm.jobs.get(id);
			const run = runOfJob({ job: planned, rate: rate as VolumePerArea | null }, await farm.jobRuns.entries(id));
			if (!run.ok) throw new Error('a job of the demo does not read');
			const { read, run: at, job } = run.value;
			const plan = planLoads(read.sheet);
			if (!plan.ok) throw new Error('a job of the demo cannot be planned');
			const page = {
				...long({ job, sheet: read.sheet, sprayer, signedDay, findings: checkJob(read) }),
				plan: standingPlan(plan.value, read.sheet, at),
				run: at,
				link: 'https://fallow.example/jobs/1/run'
			};
			for (const paper of jobPapers) await looksRight(`job ${paper}`, () => jobPdf(page, named(), paper));
		}
	}, 120_000);

	it('calibrations, and blank field sheets for every kind of sprayer', async () => {
		for (const { id } of await farm.sprayers.list()) {
			const { rig: typed } = await farm.sprayers.get(id);
			const [setting] = await farm.sprayerSettings.of(id);
			const [row] = (await farm.calibrations.page(id, null)).rows;
			const page = await calibrationPage(farm, row!.id);
			for (const paper of papers) {
				await looksRight(`calibration of ${typed.kind} ${paper}`, () => calibrationPdf(long(page), named(), paper));
				await looksRight(`field sheet of ${typed.kind} ${paper}`, () =>
					fieldSheetPdf(long(typed), long(setting!), named(), paper)
				);
			}
		}
	}, 120_000);
});
