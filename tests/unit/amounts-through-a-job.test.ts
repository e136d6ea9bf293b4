import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RunEntry, RunEntryBody, Typed, TypedJob } from '../../src/core';
import {
	buildRecord,
	factor,
	fields,
	foldRun,
	mixingOf,
	planLoads,
	readField,
	readJob,
	seasonUse,
	si
} from '../../src/core';
import type { FarmSettings } from '../../src/lib/settings/farm-settings';
import { recordColumns, recordLines } from '../../src/lib/files/record-csv';
import { readRecordFile } from '../../src/lib/files/record-files';
import { mixingLines } from '../../src/lib/show/pour';
import { recordFacts } from '../../src/lib/show/record-facts';
import { amountOf, showAmount } from '../../src/lib/show/show';
import { productsOfJob, shownLoads } from '../../src/lib/show/shown-plan';
import { t } from '../support/entries';
import { plannedJob, plannedLabel } from '../support/planned-job';
import { metric } from '../support/calibration-state';

const jug = (name: string, mark: string, holds: string) => ({ name, mark: t(mark, 'ml'), holds: t(holds, 'ml') });
const farms: readonly FarmSettings[] = [
	metric,
	{ ...metric, decimalComma: true },
	{ ...metric, measures: [jug('big jug', '50 ml', '5 L'), jug('small jug', '10 ml', '1 L')] },
	{ ...metric, rateUnit: 'US gal/ac', gallon: 'US', measures: [jug('jug', '2 fl oz', '5 qt')] },
	{ ...metric, rateUnit: 'Imp gal/ac', gallon: 'Imperial' }
];
const doses = ['2 L/ha', '750 ml/ha', '27 fl oz/ac', '1.5 pt/ac', '0.75 qt/ac'];

/** A whole job: planned, mixed by ticks, sprayed, closed with nothing over, and its record. */
function wholeJob(dose: string, hectares: number, farm: FarmSettings) {
	const typedDose: Typed = { text: dose, unit: '', gallon: farm.gallon };
	const job: TypedJob = {
		...plannedJob,
		blocks: [{ ...plannedJob.blocks[0]!, area: hectares * 1e4 }],
		products: [{ id: 'p', label: plannedLabel, dose: typedDose }]
	};
	const read = readJob(job, si(2e-5));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { sheet } = read.value;
	const plan = planLoads(sheet);
	if (!plan.ok) throw new Error(plan.issues[0]!.code);
	const dry = foldRun(sheet, mixingOf(job), []);
	if (!dry.ok) throw new Error(dry.issues[0]!.code);
	const lines = dry.value.loads.map((load, i, all) => mixingLines({ ...load, last: i === all.length - 1 }, job, farm));
	const bodies: RunEntryBody[] = dry.value.loads.flatMap((load, i): RunEntryBody[] => [
		...lines[i]!.map((line, step): RunEntryBody => ({ kind: 'tick', load: load.n, step, poured: line.poured })),
		{ kind: 'spray', load: load.n, act: 'start' },
		{ kind: 'spray', load: load.n, act: 'end' }
	]);
	bodies.push({ kind: 'close', done: { by: 'area', area: t(`${hectares}`, 'ha') }, left: t('0', 'L'), remarks: '' });
	const entries = bodies.map((body, seq): RunEntry => ({
		...body,
		id: `e${seq}`,
		seq,
		at: `2026-03-20T08:${String(Math.floor(seq / 60)).padStart(2, '0')}:${String(seq % 60).padStart(2, '0')}Z`
	}));
	const run = foldRun(sheet, mixingOf(job), entries);
	if (!run.ok) throw new Error(run.issues[0]!.code);
	const asked = {
		operator: 'A. Sample',
		licence: '',
		crop: '',
		stage: '',
		condition: '',
		target: '',
		waterSource: '',
		buffer: '',
		remarks: ''
	};
	const record = buildRecord(
		{
			job,
			sheet,
			checks: read.value.checks,
			run: run.value,
			sprayer: 'Boom',
			calibrationId: null,
			rig: null,
			day: '2026-03-20',
			dayOf: (at) => at.slice(0, 10)
		},
		asked
	)!;
	return { job, typedDose, sheet, plan: plan.value, lines, run: run.value, record };
}
/** What was poured in all, by the ticks alone. */
const poured = (lines: ReturnType<typeof wholeJob>['lines']) =>
	lines
		.flat()
		.flatMap((l) => (l.poured ? [l.poured] : []))
		.reduce((sum, typed) => {
			const read = readField(fields.poured, typed, '');
			if (!read.ok) throw new Error(JSON.stringify(read.issues));
			return sum + read.value.value;
		}, 0);

describe('an amount through a whole job', () => {
	it('is the same in the plan, at the tank, on the ground, in the record, in the season and in the file, exact and at the mark', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...doses),
				fc.integer({ min: 5, max: 1200 }).map((n) => n / 10),
				fc.constantFrom(...farms),
				(dose, hectares, farm) => {
					const { job, typedDose, sheet, plan, lines, run, record } = wholeJob(dose, hectares, farm);
					const cards = shownLoads(plan, sheet, productsOfJob(job, sheet, plan), farm);
					cards.forEach((card, i) => {
						const tank = lines[i]!.find((l) => l.poured)!;
						const product = card.products[0]!;
						// What the plan tells is what the tank tells: the amount at the mark, and the exact one.
						const mark = product.mark || `${product.figure} ${product.unit}`;
						if (farm.measures.length > 0) expect(mark).toBe(`${tank.figure} ${tank.unit}`);
						const exact = showAmount(plan.loads[i]!.products[0]!, farm, typedDose);
						expect([product.figure, product.unit]).toEqual([exact.figure, exact.unit]);
					});
					// What was ticked is what is on the ground, and what is recorded.
					const total = poured(lines);
					expect(run.closed!.used[0]! / total).toBeCloseTo(1, 9);
					expect(record.products[0]!.total).toBe(run.closed!.used[0]);
					expect(record.products[0]!.poured).toBe(true);
					expect(record.products[0]!.dose).toEqual(typedDose);
					// No rounding to a mark moved it by more than 2.5 %.
					const planned = plan.totals[0]!.amount as number;
					expect(Math.abs(total / planned - 1)).toBeLessThanOrEqual(0.025 + 1e-9);
					const told = `${showAmount(amountOf('volume', total), farm, typedDose).text} in all`;
					expect(recordFacts(record, farm).find((f) => f.what === plannedLabel.name)!.text).toContain(told);
					const season = seasonUse(
						[{ block: 'b', product: 'p', kind: 'volume', perGround: record.products[0]!.perGround }],
						() => null
					);
					expect(season[0]!.perGround * record.area).toBeCloseTo(total, 12);
					// Out to a file, and in again on a farm of other measures and another sign.
					const csv = [recordColumns.join(','), recordLines('r', record)].join('\r\n');
					const other = farms[(farms.indexOf(farm) + 3) % farms.length]!;
					const back = readRecordFile(csv, other, { blocks: [], products: [] });
					const again = back.rows[0];
					if (!again || !('value' in again)) throw new Error(JSON.stringify(back));
					const { products, area } = again.value.record;
					expect(products[0]!.total).toBe(record.products[0]!.total);
					expect(area).toBe(record.area);
					const of = (d: Typed) => {
						const r = readField({ kinds: ['volumePerArea'], bounds: {} }, d, '');
						return r.ok ? r.value.value / factor('volumePerArea', r.value.unit) : NaN;
					};
					expect(of(products[0]!.dose)).toBeCloseTo(of(typedDose), 9);
				}
			),
			{ numRuns: 150 }
		);
	});
});
