import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoAsked } from '../../demo/jobs';
import { demoProducts } from '../../demo/products';
import type { SprayRecord } from '../../src/core';
import { addDays } from '../../src/core';
import type { RecordIn } from '../../src/lib/files/record-files';
import type { LogFilter } from '../../src/lib/wire/record';
import { logFilterSchema } from '../../src/lib/wire/record';
import { openStates } from '../../src/lib/server/open-states';
import { farmDatabase } from '../support/database';
import { Seeded } from '../support/seeded';
import { collect } from '../support/streams';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const random = new Seeded(77);
const pick = <T>(from: readonly T[]): T => from[Math.floor(random.next() * from.length)]!;
const blocks = ['Hazel rows', 'Long meadow', 'Größer; “field”', "O'Sample strip", '100 % slope'];
const targets = ['Hazel mite', 'Thistles', 'thistle rust', 'a_b', '50%'];
const people = ['A. Sample', 'B. Sample', "C. O'Sample"];
const sprayers = ['Boom', 'Blower'];

function record(): SprayRecord {
	const products = [pick(demoProducts), ...(random.next() < 0.4 ? [pick(demoProducts)] : [])];
	const day = addDays('2024-01-01', Math.floor(random.next() * 700));
	return {
		...demoAsked,
		format: 'fallow-record/1',
		day,
		startedAt: null,
		endedAt: random.next() < 0.5 ? `${day}T1${Math.floor(random.next() * 9)}:00:00.000Z` : null,
		blocks: [...new Set([pick(blocks), ...(random.next() < 0.3 ? [pick(blocks)] : [])])].map((name) => ({
			id: '',
			name,
			area: 10_000,
			share: 1,
			part: null
		})),
		area: 10_000,
		products: [...new Set(products)].map((p) => ({
			id: '',
			name: p.name,
			registration: '',
			group: p.group,
			dose: p.dose.low,
			kind: 'volume' as const,
			total: 0.01,
			perGround: 1e-6,
			entryHours: pick([null, 0, 4, 12, 48, 120]),
			harvestDays: pick([null, 0, 7, 21]),
			plantBack: random.next() < 0.3 ? [{ crop: pick(['Linseed', 'Barley']), days: pick([0, 30, 400]) }] : []
		})),
		plannedVolume: 2e-5,
		trueVolume: 2e-5,
		mix: 0.2,
		sprayer: pick(sprayers),
		calibrationId: null,
		takenIn: true,
		speed: null,
		weather: { before: null, end: null },
		operator: pick(people),
		target: pick(targets)
	};
}
const list: RecordIn[] = [];
beforeAll(async () => {
	made = await farmDatabase();
	await made.farm.saveFarm('Test farm', { ...made.farm.settings, timeZone: 'UTC' });
	for (let i = 0; i < 240; i += 1) list.push({ id: v7(), record: record(), amendments: [] });
	await made.farm.records.takeIn(list);
});
afterAll(() => made.drop());

/** What a filter lets through, the slow way: every record looked at. */
const slow = (f: LogFilter): RecordIn[] =>
	list
		.filter(
			({ record: r }) =>
				(f.block === '' || r.blocks.some((b) => b.name === f.block)) &&
				(f.product === '' || r.products.some((p) => p.name === f.product)) &&
				(f.group === '' || r.products.some((p) => p.group === f.group)) &&
				(f.operator === '' || r.operator === f.operator) &&
				(f.sprayer === '' || r.sprayer === f.sprayer) &&
				(f.target === '' || r.target.toLowerCase().includes(f.target.toLowerCase())) &&
				(f.from === '' || r.day >= f.from) &&
				(f.to === '' || r.day <= f.to)
		)
		.sort((a, b) => {
			const order = a.record.day < b.record.day ? -1 : a.record.day > b.record.day ? 1 : a.id < b.id ? -1 : 1;
			return f.oldest === '1' ? order : -order;
		});

const some = (values: readonly string[]) => (random.next() < 0.3 ? pick(values) : '');
const filter = (): LogFilter =>
	logFilterSchema.parse({
		block: some(blocks),
		product: some(demoProducts.map((p) => p.name)),
		group: some([...new Set(demoProducts.map((p) => p.group).filter(Boolean))]),
		operator: some(people),
		sprayer: some(sprayers),
		target: some(['mite', 'THIST', '_', '%', 'a_b', '50%']),
		from: some(['2024-03-01', '2025-01-01']),
		to: some(['2024-12-31', '2025-06-30']),
		oldest: random.next() < 0.5 ? '1' : ''
	});

describe('the log', () => {
	it('is what looking at every record would find, by any filters, page by page and all at once', async () => {
		const { farm } = made;
		let paged = 0;
		for (let k = 0; k < 60; k += 1) {
			const f = k === 0 ? logFilterSchema.parse({}) : filter();
			const wanted = slow(f).map((r) => r.id);
			expect((await collect(farm.records.all(f))).map((r) => r.id)).toEqual(wanted);
			const found: string[] = [];
			for (let after = ''; ;) {
				const page = await farm.records.page({ ...f, after });
				found.push(...page.rows.map((r) => r.id));
				if (!page.next) break;
				paged += 1;
				after = page.next;
			}
			expect(found).toEqual(wanted);
		}
		// Some of them went over several pages.
		expect(paged).toBeGreaterThan(4);
	});

	it('has every name that it can be filtered by, once', async () => {
		const names = await made.farm.records.names();
		const once = (all: readonly string[]) => [...new Set(all)].sort();
		expect([...names.blocks].sort()).toEqual(once(list.flatMap((r) => r.record.blocks.map((b) => b.name))));
		expect([...names.products].sort()).toEqual(once(list.flatMap((r) => r.record.products.map((p) => p.name))));
		expect([...names.operators].sort()).toEqual(once(list.map((r) => r.record.operator)));
		expect([...names.sprayers].sort()).toEqual(once(list.map((r) => r.record.sprayer)));
	});
});

describe('ground that waits', () => {
	it('is what looking at every record would find, on any day', async () => {
		const { farm } = made;
		let waiting = 0;
		for (let k = 0; k < 40; k += 1) {
			const today = addDays('2024-01-01', Math.floor(random.next() * 760));
			const now = Date.parse(`${today}T12:00:00Z`);
			const { states } = await openStates(farm, now);
			for (const name of blocks) {
				const mine = list.filter((r) => r.record.blocks.some((b) => b.name === name)).map((r) => r.record);
				const until = Math.max(
					0,
					...mine.flatMap((r) =>
						r.products.map((p) =>
							p.entryHours ? Date.parse(r.endedAt ?? `${addDays(r.day, 1)}T00:00:00Z`) / 1000 + p.entryHours * 3600 : 0
						)
					)
				);
				const state = states.find((s) => s.block === name);
				expect(state?.entry?.until ?? null).toBe(until > now / 1000 ? until : null);
				const last = (days: (p: SprayRecord['products'][number]) => number) =>
					mine
						.flatMap((r) => r.products.map((p) => (days(p) > 0 ? addDays(r.day, days(p)) : '')))
						.reduce((a, b) => (a > b ? a : b), '');
				const harvest = last((p) => p.harvestDays ?? 0);
				expect(state?.harvest?.day ?? null).toBe(harvest > today ? harvest : null);
				const linseed = last((p) => p.plantBack?.find((b) => b.crop === 'Linseed')?.days ?? 0);
				expect(state?.plantBack.find((c) => c.crop === 'Linseed')?.day ?? null).toBe(linseed > today ? linseed : null);
				waiting += Number(state !== undefined);
			}
		}
		expect(waiting).toBeGreaterThan(20);
	});
});
