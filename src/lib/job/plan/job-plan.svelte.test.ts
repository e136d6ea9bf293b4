import { describe, expect, it } from 'vitest';
import { hazelBlower, longMeadow } from '../../../../demo/sprayers';
import type { GroundUse } from '$core';
import { foldRun, mixingOf, planLoads } from '$core';
import { askedJobSchema } from '$lib/wire/job';
import { dilutionRows } from '$lib/show/dilution-rows';
import { jobEnd } from '$lib/show/job-span';
import { mixingLines } from '$lib/show/pour';
import { typedText } from '$lib/settings/typed-text';
import { wordLabelFinding } from '$lib/wording/jobs';
import { idOf } from '../../../../tests/support/entries';
import { blockNamed, blocks, calibrationOf, products } from '../../../../tests/support/job-source';
import { metric } from '../../../../tests/support/calibration-state';
import { JobPlanState } from './job-plan.svelte';

const at = blockNamed;
const product = (name: string) => products.find((p) => p.label.name === name)!.id;
const calibration = calibrationOf;
const planning = (block: string | null = null, uses: readonly GroundUse[] = []) =>
	new JobPlanState(
		{
			settings: metric,
			blocks,
			products,
			calibrations: [calibration(300, hazelBlower, 550), calibration(301, longMeadow, 170, 'nozzles')],
			uses,
			harvests: {},
			today: '2026-03-14'
		},
		block
	);

describe('planning a job', () => {
	it('begins with nothing but a calibration, and says what is lacking', () => {
		const plan = planning();
		expect([plan.chosen, plan.ready, plan.asked(idOf(1))]).toEqual([null, false, null]);
		expect(plan.problem('blocks')).toContain('pick at least one block');
		expect(plan.tank).toBe('1000 L');
	});

	it('offers the calibration of a sprayer that suits the ground, until somebody picks one', () => {
		const plan = planning();
		const kind = () => plan.calibration!.rig.kind;
		expect(kind()).toBe('airblast');
		plan.toggleBlock(at('Long meadow'));
		expect([kind(), plan.tank]).toEqual(['boom', typedText(longMeadow.tank)]);
		plan.toggleBlock(at('Long meadow'));
		plan.toggleBlock(at('Hazel rows'));
		expect(kind()).toBe('airblast');
		plan.pickCalibration(idOf(301));
		plan.toggleBlock(at('Cider pears'));
		expect(kind()).toBe('boom');
		// Ground that no sprayer here suits changes nothing.
		const wall = planning();
		wall.toggleBlock(at('Barn wall'));
		expect(wall.calibration!.rig.kind).toBe('airblast');
		expect(planning(at('Long meadow')).calibration!.rig.kind).toBe('boom');
	});

	it('has every split side by side for rows, with what stays behind and what is opened', () => {
		const plan = planning(at('Hazel rows'));
		plan.pick(plan.lines[0]!, product('Sample Ochre'));
		expect(plan.lines[0]!.dose).toBe('2 L/ha');
		const { choices, offered } = plan.splits!;
		expect(choices.map((c) => [c.split, c.plan?.loads.length])).toEqual([
			['full-then-part', 2],
			['equal', 2],
			['whole-rows', 2],
			// One container of 5 L makes 1,375 L of mix: more than the tank.
			['whole-packs', undefined]
		]);
		expect(offered).toBe('full-then-part');
		expect(choices[0]!.plan!.leftover).toBeCloseTo(0.006, 12);
		const rows = choices[2]!.plan!.loads.map((l) => l.rows);
		expect(rows.reduce<number>((s, r) => s + r!, 0)).toBe(36);
		plan.split = 'whole-rows';
		expect(plan.chosen!.split).toBe('whole-rows');
		expect(askedJobSchema.parse(plan.asked(idOf(1)))).toMatchObject({
			split: 'whole-rows',
			blocks: [{ part: { by: 'share', share: 1 } }]
		});
	});

	it('takes part of a block: a share, rows, or strips, and gives back what is no part', () => {
		const plan = planning(at('Hazel rows'));
		const whole = 36 * 148 * 5.5;
		const picked = plan.ground.picked[at('Hazel rows')]!;
		picked.share = '50 %';
		expect(plan.chosen!.plan!.area).toBeCloseTo(whole / 2, 6);
		for (const wrong of ['0', '120', 'half']) {
			picked.share = wrong;
			expect(plan.partProblem(at('Hazel rows'), 'share'), wrong).toContain('not a share');
		}
		picked.by = 'rows';
		picked.from = '10';
		picked.to = '18';
		expect(plan.chosen!.plan!.area).toBeCloseTo(whole / 4, 6);
		plan.split = 'whole-rows';
		expect(plan.chosen!.plan!.loads.reduce((sum, l) => sum + l.rows!, 0)).toBe(9);
		expect(plan.asked(idOf(1))).toMatchObject({ blocks: [{ part: { by: 'rows', from: 10, to: 18 } }] });
		picked.to = '37';
		expect(plan.partProblem(at('Hazel rows'), 'to')).toContain('36 is the most');
		picked.by = 'strips';
		picked.width = '1.5';
		picked.length = '2000';
		plan.split = null;
		expect(plan.chosen!.plan!.area).toBeCloseTo(3000, 6);
		picked.length = '90 km';
		expect(plan.partProblem(at('Hazel rows'), 'length')).toContain('all of the block');
		plan.ground.toggle(at('Hazel rows'));
		expect(plan.ground.picked).toEqual({});
	});

	it('plans spot work from a trial patch, with the strength and the share that stay within a label’s most', () => {
		const plan = planning(at('Nursery strip'));
		plan.by = 'trial';
		plan.useCalibration('');
		plan.tank = '12 L';
		expect(plan.chosen).toBeNull();
		plan.used = '2';
		plan.patch = '20';
		plan.sprayed = '30';
		plan.pick(plan.lines[0]!, product('Sample Ochre'));
		plan.lines[0]!.dose = '1 %';
		// 2 L on 20 m² is 1,000 L/ha; at 30 % of the ground and 1 % that is 3 L/ha, over the label's 2.
		expect(plan.rate).toBeCloseTo(1e-4, 12);
		expect(plan.chosen!.plan!.mix).toBeCloseTo(90 * 1.2 * 0.3 * 1e-4, 12);
		const [over] = plan.findings;
		expect(over).toMatchObject({
			code: 'over-max',
			strength: expect.closeTo(0.02 / 3, 9) as unknown,
			share: expect.closeTo(0.2, 9) as unknown
		});
		plan.sprayed = '20';
		expect(plan.findings.map((f) => f.code)).not.toContain('over-max');
		expect(askedJobSchema.parse(plan.asked(idOf(1)))).toMatchObject({
			basis: { by: 'trial' },
			calibrationId: null,
			sprayed: 0.2
		});
		expect(plan.read.ok && dilutionRows(plan.read.value.sheet, metric)[1]).toEqual({
			total: '5 L',
			products: ['50 ml'],
			water: '4.950 L'
		});
		plan.patch = '20 L';
		expect(plan.problem('basis.patch')).toContain('not an area');
		expect(plan.asked(idOf(1))).toBeNull();
	});

	it('plans a wall by so much for a surface', () => {
		const plan = planning(at('Barn wall'));
		plan.by = 'surface';
		// No calibrated sprayer: nothing stays behind in a tank that is not known.
		plan.useCalibration('');
		plan.tank = '100 L';
		plan.surface = '10 L/100 m2';
		expect(plan.chosen!.plan!.mix).toBeCloseTo(0.135, 12);
	});

	it('tells the hours of each split, and which of them end after the day', () => {
		const plan = planning(at('Hazel rows'));
		const { choices } = plan.splits!;
		const pace = plan.read.ok ? plan.read.value.pace! : null;
		// 2 m/s on 5.5 m at 75 %: 8.25 m² a second; two loads of a quarter of an hour.
		expect(choices[0]!.time).toBeCloseTo((36 * 148 * 5.5) / 8.25 + 2 * 900, 6);
		expect(jobEnd(pace!, choices[0]!.time!)).toMatchObject({ at: '08:29', fits: true });
		plan.end = '08:00';
		expect(plan.read.ok && jobEnd(plan.read.value.pace!, choices[0]!.time!).fits).toBe(false);
		plan.start = '25:00';
		expect(plan.problem('pace.start')).toContain('07:30');
		plan.start = '22:00';
		plan.end = '04:00';
		expect(plan.read.ok && jobEnd(plan.read.value.pace!, choices[0]!.time!)).toMatchObject({ at: '23:29', fits: true });
		plan.efficiency = '140';
		expect(plan.problem('pace.efficiency')).toContain('140 %');
	});

	it('holds the season, the harvest and what still keeps people out against the labels', () => {
		const use = (day: string, litres: number): GroundUse => ({
			spraying: day,
			blockId: at('Hazel rows'),
			productId: product('Sample Ochre'),
			product: 'Sample Ochre',
			day,
			lastDay: day,
			endedAt: null,
			perGround: litres * 1e-7,
			actives: [],
			entryHours: 12,
			harvestDays: 0
		});
		const plan = planning(at('Hazel rows'), [use('2026-03-13', 2), use('2026-02-01', 2), use('2025-11-01', 2)]);
		plan.pick(plan.lines[0]!, product('Sample Ochre'));
		// A fourth application in twelve months where the label allows three, a day after the last where it asks for ten.
		expect(plan.findings.map((f) => f.code)).toEqual([
			'over-season',
			'too-many-applications',
			'too-few-days',
			'inside-entry'
		]);
		plan.lines[0]!.dose = '2 L/ha';
		plan.harvest = '2026-03-30';
		expect(plan.findings.map((f) => f.code)).toEqual([
			'over-season',
			'too-many-applications',
			'too-few-days',
			'before-harvest',
			'inside-entry'
		]);
		const third = planning(at('Hazel rows'), [use('2026-02-01', 4.5)]);
		third.pick(third.lines[0]!, product('Sample Ochre'));
		expect(third.findings.map((f) => [f.code, f.stop])).toEqual([['over-season', true]]);
	});

	it('holds doses against their labels, and words each with what would be within', () => {
		const plan = planning(at('Long meadow'));
		plan.pick(plan.lines[0]!, product('Sample Ochre'));
		expect(plan.findings).toEqual([]);
		plan.lines[0]!.dose = '3 L/ha';
		expect(plan.findings.map((f) => f.code)).toEqual(['over-max']);
		expect(wordLabelFinding(plan.findings[0]!, metric).title).toBe('Sample Ochre: 50 % over the label maximum');
		plan.lines[0]!.dose = '1 L/ha';
		expect(plan.findings.map((f) => f.code)).toEqual(['dose-under']);
		plan.lines[0]!.dose = '2 kg/ha';
		expect(plan.doseProblem(plan.lines[0]!)).toContain('“2 kg/ha” is a weight of a liquid');
		expect(plan.chosen).toBeNull();
	});

	it('wants a reason for a calibration in doubt', () => {
		const plan = planning(at('Long meadow'));
		plan.pickCalibration(idOf(300));
		expect([plan.wantsReason, plan.ready]).toEqual([false, true]);
		plan.pickCalibration(idOf(301));
		expect([plan.wantsReason, plan.ready, plan.tank]).toEqual([true, false, '300 gal']);
		plan.reason = 'only the headland';
		expect([plan.wantsReason, plan.ready]).toEqual([false, true]);
	});

	it('mixes each load in order: water, packets, dry, emulsion, then the wetter near the top', () => {
		const plan = planning(at('Hazel rows'));
		for (const name of ['Sample Chalk', 'Sample Ochre', 'Sample Gneiss', 'Sample Feldspar']) {
			plan.addLine();
			plan.pick(plan.lines.at(-1)!, product(name));
		}
		const read = plan.read;
		if (!read.ok) throw new Error(JSON.stringify(read.issues));
		const made = planLoads(read.value.sheet);
		if (!made.ok) throw new Error('no plan');
		const load = made.value.loads[0]!;
		const run = foldRun(read.value.sheet, mixingOf(plan.job!), []);
		if (!run.ok) throw new Error('no run');
		expect(run.value.loads[0]!.load).toEqual(load);
		const lines = mixingLines({ ...run.value.loads[0]!, last: false }, plan.job!, metric);
		expect(lines.map((l) => l.text)).toEqual([
			'Water to this mark first',
			'Sample Gneiss',
			'Sample Feldspar',
			'Sample Ochre',
			'Water to this mark',
			'Sample Chalk',
			'Water up to the mark'
		]);
		expect([lines[0], lines[4], lines[6]].map((l) => `${l!.figure} ${l!.unit}`)).toEqual(['500 L', '900 L', '1,000 L']);
	});
});

describe('the words for a label’s limits', () => {
	it.each([
		[{ code: 'over-season', product: 'P', active: '', stop: true, ratio: 1.5, within: 0 }, 'used up'],
		[
			{ code: 'over-season', product: 'P', active: 'A', stop: true, ratio: 1.5, within: 1e-7 },
			'all products that hold it'
		],
		[{ code: 'volume-under', product: 'P', stop: true, ratio: 0.5, within: 1e-5 }, '100 L/ha or more'],
		[{ code: 'volume-over', product: 'P', stop: true, ratio: 2, within: 1e-5 }, 'up to 100 L/ha'],
		[{ code: 'before-harvest', product: 'P', stop: true, ratio: 0.5, within: 21 }, '21 days'],
		[{ code: 'dose-over', product: 'P', stop: false, ratio: 1.2, within: 1 }, 'decides'],
		[
			{ code: 'over-max', product: 'P', stop: true, ratio: 3, within: 1, strength: 0.01, share: 0.3 },
			'30 % of the ground'
		]
	] as const)('%o', (finding, words) => {
		const { title, body } = wordLabelFinding(finding, metric);
		expect(`${title} ${body}`).toContain(words);
	});
});
