import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import { demoAsked } from '../../demo/jobs';
import { demoProducts } from '../../demo/products';
import type { RunEntry, RunEntryBody } from '../../src/core';
import type { AskedJob } from '../../src/lib/wire/job';
import { seasonSums } from '../../src/lib/server/season-page';
import { t } from '../support/entries';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const [hazels, meadow, ochre, other] = [v7(), v7(), v7(), v7()];
beforeAll(async () => {
	made = await farmDatabase();
	const { farm } = made;
	const block = (name: string) => demoBlocks.find((b) => b.name === name)!;
	const label = demoProducts.find((p) => p.name === 'Sample Ochre')!;
	await farm.blocks.put(hazels, block('Hazel rows'));
	await farm.blocks.put(meadow, block('Long meadow'));
	await farm.products.put(ochre, label);
	// The same active ingredient under another name, in twice the strength.
	await farm.products.put(other, {
		...label,
		name: 'Sample Sienna',
		actives: [{ name: 'OCHRAZOLE', content: t('500 g/L', 'g/L') }]
	});
});
afterAll(() => made.drop());

/** A twentieth of the hazel rows, 0.147 ha, at 200 L/ha. */
const asked = (day: string, change: Partial<AskedJob> = {}): AskedJob => ({
	id: v7(),
	day,
	basis: { by: 'surface', volume: t('200 L/ha', 'L/ha') },
	calibrationId: null,
	blocks: [{ id: hazels, part: { by: 'share', share: 0.05 } }],
	sprayed: 1,
	tank: t('100', 'L'),
	products: [{ id: ochre, dose: t('2 L/ha', 'L/ha') }],
	split: 'full-then-part',
	harvest: null,
	pace: null,
	reason: '',
	notes: '',
	...change
});
const stamped = (began: string, bodies: readonly RunEntryBody[]): RunEntry[] =>
	bodies.map((body, seq) => ({
		...body,
		id: v7(),
		seq,
		at: new Date(Date.parse(began) + seq * 60_000).toISOString()
	}));
/** Mixes and sprays one load; `poured` is what went in of the product, null as planned. */
const load = (poured: string | null): RunEntryBody[] => [
	{ kind: 'tick', load: 1, step: 0, poured: null },
	{ kind: 'tick', load: 1, step: 1, poured: poured === null ? null : t(poured, 'L') },
	{ kind: 'tick', load: 1, step: 2, poured: null },
	{ kind: 'spray', load: 1, act: 'start' }
];
const ended: RunEntryBody = { kind: 'spray', load: 1, act: 'end' };
const close = (area: string): RunEntryBody => ({
	kind: 'close',
	done: { by: 'area', area: t(area, 'm2') },
	left: t('0', 'L'),
	remarks: ''
});
const wholePart = `${(0.05 * 36 * 148 * 5.5).toFixed(2)} m2`;

describe('what was poured', () => {
	it('is what the record, the label and the season know, and an overdose is not sealed without its reason', async () => {
		const { farm } = made;
		const job = asked('2026-04-10');
		await farm.jobs.put(job);
		// 0.293 L was planned; half as much again went in.
		await farm.jobRuns.put(job.id, stamped('2026-04-10T08:00:00Z', [...load('0.44'), ended, close(wholePart)]));
		const { record, open } = await farm.records.draft(job.id, demoAsked);
		expect(record.products[0]).toMatchObject({ poured: true, total: expect.closeTo(4.4e-4, 12) as unknown });
		expect(record.products[0]!.perGround * 1e7).toBeCloseTo(0.44 / (0.05 * 36 * 148 * 5.5 * 1e-4), 6);
		expect(open.map((s) => s.code)).toContain('poured-over-max');
		expect(await refused(farm.records.seal(job.id, demoAsked, []))).toMatchObject({ status: 422, code: 'stopped' });
		const passed = open.map((stop) => ({ ...stop, reason: 'The jug slipped; the row was sprayed all the same' }));
		await farm.records.seal(job.id, demoAsked, [], passed);
		const kept = await farm.records.get(job.id);
		expect(kept.record.passed).toEqual(passed);
		// The next job on this ground is told of 3 L/ha, and not of the 2 that were planned.
		const next = asked('2026-05-10');
		const before = await farm.jobs.before(next.id, { ...(await farm.jobs.get(job.id)).job, day: '2026-05-10' });
		expect(before.season[0]!.used * 1e7).toBeCloseTo(record.products[0]!.perGround * 1e7, 9);
		expect(before.season[0]!.actives[0]).toBeCloseTo(record.products[0]!.perGround * 250, 12);
	});
});

describe('a season', () => {
	it('counts an active ingredient over all products that hold it, and applications with their days between', async () => {
		const { farm } = made;
		// 2 L/ha of the stronger product are four of the other, on top of the three that are there: over the six of its season.
		const sienna = { products: [{ id: other, dose: t('2 L/ha', 'L/ha') }] };
		const codes = async (job: AskedJob) => {
			const { message } = (await refused(farm.jobs.put(job)))!;
			return message;
		};
		expect(await codes(asked('2026-04-12', sienna))).toContain('Sample Sienna');
		const soon = asked('2026-04-12', {
			...sienna,
			passed: [{ code: 'over-season', about: 'Sample Sienna', reason: 'The adviser says so' }]
		});
		expect(await codes(soon)).toContain('Too few days');
		const all = {
			...soon,
			passed: [...soon.passed!, { code: 'too-few-days' as const, about: 'Sample Sienna', reason: 'Hail' }]
		};
		await farm.jobs.put(all);
		expect((await farm.jobs.get(all.id)).job.passed).toHaveLength(2);
		// Another block has had nothing.
		await farm.jobs.put(
			asked('2026-04-12', { ...sienna, blocks: [{ id: meadow, part: { by: 'share', share: 0.01 } }] })
		);
		await farm.jobs.remove(all.id);
	});
});

describe('a product of which the actives are written down late', () => {
	it('held them before, in the season of what was recorded without them', async () => {
		const { farm } = made;
		const slate = v7();
		const { actives, ...bare } = demoProducts.find((p) => p.name === 'Sample Ochre')!;
		const label = { ...bare, name: 'Sample Slate', applications: null, daysBetween: null };
		await farm.products.put(slate, label);
		const job = asked('2026-06-01', {
			blocks: [{ id: meadow, part: { by: 'share', share: 0.01 } }],
			products: [{ id: slate, dose: t('2 L/ha', 'L/ha') }]
		});
		await farm.jobs.put(job);
		await farm.jobRuns.put(job.id, stamped('2026-06-01T08:00:00Z', [...load(null), ended, close('500 m2')]));
		await farm.records.seal(job.id, demoAsked, []);
		const of = async () => (await seasonSums(farm, 2026)).actives.filter((a) => a.products.includes('Sample Slate'));
		expect(await of()).toEqual([]);
		await farm.products.put(slate, { ...label, actives: actives! });
		const [use] = await of();
		const { record } = await farm.records.get(job.id);
		expect(use).toMatchObject({ block: 'Long meadow', active: 'ochrazole' });
		expect(use!.perGround).toBeCloseTo(record.products[0]!.perGround * 250, 12);
		expect(use!.ofMost).toBeCloseTo(record.products[0]!.perGround / 6e-7, 9);
	});
});

describe('the end of a job', () => {
	it('has to be told, where nobody ticked when the last load was out', async () => {
		const { farm } = made;
		const job = asked('2026-07-01');
		await farm.jobs.put(job);
		const log = stamped('2026-07-01T20:00:00Z', load('0.29'));
		await farm.jobRuns.put(job.id, log);
		const at = (body: RunEntryBody): RunEntry => ({ ...body, id: v7(), seq: 9, at: '2026-07-01T23:50:00.000Z' });
		expect(await refused(farm.jobRuns.put(job.id, [at(close(wholePart))]))).toMatchObject({
			status: 422,
			code: 'interval-no-end'
		});
		await farm.jobRuns.put(job.id, [at({ ...close(wholePart), ended: '2026-07-01T23:40:00.000Z' } as RunEntryBody)]);
		const { record } = await farm.records.draft(job.id, demoAsked);
		expect(record.endedAt).toBe('2026-07-01T23:40:00.000Z');
		expect(record.blocks[0]).toMatchObject({ endedAt: '2026-07-01T23:40:00.000Z' });
	});
});
