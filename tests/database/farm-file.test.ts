import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { generateKeyPairSync } from 'node:crypto';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { makeAnchor } from '../../src/lib/server/anchor';
import type { AnchorOf } from '../../src/lib/server/db/farm-file';
import type { Anchor } from '../../src/lib/wire/anchor';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillDemo } from '../../demo/fill';
import { farmTables } from '../../src/lib/files/farm-file';
import { logFilterSchema } from '../../src/lib/wire/record';
import type { FarmHandle } from '../../src/lib/server/db/farm';
import { farmHandle } from '../../src/lib/server/db/farm';
import { keepBefore } from '../../src/lib/server/farm-backup';
import { zippedLines } from '../../src/lib/server/unzip';
import { zipped } from '../../src/lib/server/zip';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { collect, each } from '../support/streams';

type Made = Awaited<ReturnType<typeof farmDatabase>>;
let made: Made;
let file: Uint8Array[] = [];
let lines: string[] = [];
const at = '2026-06-01T12:00:00.000Z';
const name = 'quillet';
const worker = v7();

/** A farm's lines as values, without what belongs to the moment of the file. */
const told = (all: readonly string[]) =>
	all.flatMap((text) => text.split('\n').filter(Boolean)).map((line) => JSON.parse(line) as unknown);

beforeAll(async () => {
	made = await farmDatabase();
	await fillDemo(made.db, made.farm.id, Date.now());
	// Somebody who did a part of it: in the file they are named, in the new farm they cannot sign in.
	await made.db
		.insertInto('worker')
		.values({
			farm_id: made.farm.id,
			id: worker,
			name: 'W. Worker',
			initials: 'WW',
			licence: 'SP-1',
			licence_until: '2029-01-01'
		})
		.execute();
	const farm = (await farmHandle(made.db, made.farm.id, worker))!;
	made = { ...made, farm };
	// What the demo has not: a nozzle event, something added to a record, ground put away.
	const [sprayer] = await farm.sprayers.list();
	await farm.sprayers.due([sprayer!], '2026-06-01');
	await farm.events.add(sprayer!.id, { id: v7(), day: '2026-05-01', what: 'pump', note: 'größer “gauge” \u2028' });
	const page = await farm.records.page(logFilterSchema.parse({}));
	await farm.records.amend(page.rows[0]!.id, v7(), 'B. Sample', 'It was windy at the end.', at);
	const [block] = await farm.blocks.all();
	await farm.blocks.archive(block!.id, true);
	lines = (await collect(farm.lines(at))).flatMap((text) => text.split('\n').filter(Boolean));
	file = await collect(zipped(`${name}.jsonl`, each(lines.map((l) => `${l}\n`))));
});
afterAll(() => made.drop());

const elsewhere = async (use: (farm: FarmHandle, other: Made) => Promise<void>) => {
	const other = await farmDatabase();
	try {
		await use(other.farm, other);
	} finally {
		await other.drop();
	}
};
/** What the pages show of a farm. */
const shown = async (farm: FarmHandle) => {
	const sprayers = await farm.sprayers.list();
	const jobs = await farm.jobs.list();
	return {
		name: farm.name,
		settings: farm.settings,
		sprayers,
		due: [...(await farm.sprayers.due(sprayers, '2026-06-01'))],
		calibrations: await Promise.all(sprayers.map((s) => farm.calibrations.history(s.id, 99))),
		events: await Promise.all(sprayers.map((s) => farm.events.of(s.id))),
		blocks: await farm.blocks.all(),
		products: await farm.products.all(),
		nozzles: await farm.nozzles.all(),
		jobs,
		runs: await Promise.all(jobs.map((j) => farm.jobRuns.entries(j.id))),
		uses: await farm.jobs.usesAround('2026-06-01'),
		records: await collect(farm.records.all(logFilterSchema.parse({}))),
		names: await farm.records.names(),
		season: await farm.records.usedByYear(),
		seals: await farm.records.check()
	};
};

describe('a whole farm', () => {
	it('keeps what is there in a file of the data folder before another farm takes its place, and a new farm has nothing to keep', async () => {
		const folder = mkdtempSync(join(tmpdir(), 'fallow-before-'));
		try {
			const kept = (await keepBefore(made.farm, folder, at))!;
			expect(kept).toBe('before-import-2026-06-01T12-00-00.zip');
			const bytes = readFileSync(join(folder, 'backups', kept));
			await elsewhere(async (farm) => {
				expect(await keepBefore(farm, folder, at)).toBeNull();
				await farm.takeIn(zippedLines(each([bytes])), false);
				expect((await farm.sprayers.list()).length).toBe((await made.farm.sprayers.list()).length);
			});
			expect(await keepBefore(made.farm, undefined, at)).toBeNull();
		} finally {
			rmSync(folder, { recursive: true, force: true });
		}
	});

	it('comes back from its file: every row of every table, and all that the pages show of it', async () => {
		const counts = (told(lines).at(-1) as { end: Record<string, number> }).end;
		// Every table has something to lose in this farm.
		expect(farmTables.filter((table) => !(counts[table]! > 0))).toEqual([]);
		await elsewhere(async (farm, other) => {
			const taken = await farm.takeIn(zippedLines(each(file)), false);
			expect(taken).toEqual({ name: 'Sample Quillet Farm', counts });
			const there = (await farmHandle(other.db, farm.id))!;
			expect(await shown(there)).toEqual(await shown(made.farm));
			// And out again the same, but for how it was computed, which is newer at the most.
			const again = told(await collect(there.lines(at)));
			expect(again).toEqual(told(lines));
		});
	});

	it('carries an anchor of its records: a last record that was cut off, or another anchor, is found', async () => {
		const { privateKey: key } = generateKeyPairSync('ed25519');
		const anchorOf: AnchorOf = (id, chain, when) => makeAnchor({ farm: id, ...chain }, when, key);
		const anchored = (await collect(made.farm.lines(at, anchorOf))).flatMap((text) => text.split('\n').filter(Boolean));
		const end = JSON.parse(anchored.at(-1)!) as { end: Record<string, number>; anchor: Anchor };
		expect(end.anchor).toMatchObject({ farm: made.farm.id, at, ...(await made.farm.records.newest()) });
		// Its count goes down with the record, as somebody would do it who wants it not to be seen.
		const cut = (last: object) => [
			...anchored.slice(0, -2),
			JSON.stringify({ end: { ...end.end, record: end.end.record! - 1 }, ...last })
		];
		expect(JSON.parse(anchored.at(-2)!)).toMatchObject({ table: 'record' });
		const forged = { ...end.anchor, count: end.anchor.count - 1 };
		await elsewhere(async (farm) => {
			const code = async (text: readonly string[]) => (await refused(farm.takeIn(each(text), true)))?.code ?? 'taken';
			expect(await code(cut({ anchor: end.anchor }))).toBe('broken-seal');
			expect(await code(cut({ anchor: forged }))).toBe('broken-seal');
			expect(await code(anchored)).toBe('taken');
		});
	});

	it('brings the day on which its season begins: the sums of its seasons go by that', async () => {
		const first = JSON.parse(lines[0]!) as { settings: Record<string, unknown> };
		const head = JSON.stringify({ ...first, settings: { ...first.settings, cropSeason: '06-01' } });
		await elsewhere(async (farm, other) => {
			await farm.takeIn(each([head, ...lines.slice(1)]), false);
			const there = (await farmHandle(other.db, farm.id))!;
			expect(there.settings.cropSeason).toBe('06-01');
			expect((await there.records.check()).broken).toBeNull();
			const years = await other.db.selectFrom('season_use').select('year').distinct().orderBy('year').execute();
			const days = await other.db
				.selectFrom('record_use')
				.select(sql<string>`min(day)::text`.as('day'))
				.executeTakeFirst();
			// What was sprayed before the first of June is of the season that began in the year before.
			expect(days!.day.slice(5) < '06-01').toBe(true);
			expect(years[0]!.year).toBe(Number(days!.day.slice(0, 4)) - 1);
		});
	});

	it('goes into an empty farm, or in place of one that said so; then nothing of the old one is left', async () => {
		await elsewhere(async (farm, other) => {
			await farm.takeIn(each(lines), false);
			const code = async (replace: boolean, text: readonly string[] = lines) =>
				(await refused(farm.takeIn(each(text), replace)))?.code ?? 'taken';
			expect(await code(false)).toBe('not-empty');
			const [sprayer] = await farm.sprayers.list();
			await farm.sprayers.archive(sprayer!.id, true);
			expect(await code(true)).toBe('taken');
			expect((await farm.sprayers.list()).map((s) => s.id)).toContain(sprayer!.id);
			// A file that is refused leaves all that was there.
			const before = await shown((await farmHandle(other.db, farm.id))!);
			expect(await code(true, lines.slice(0, -1))).toBe('bad-line');
			expect(await shown((await farmHandle(other.db, farm.id))!)).toEqual(before);
		});
	});

	it('is told with its line where a file is cut off, mended by hand, of something else, or sealed wrongly', async () => {
		await elsewhere(async (farm) => {
			const words = async (text: readonly string[]) => (await refused(farm.takeIn(each(text), false)))!.message;
			const swap = (from: RegExp, to: string, table = '') => {
				const i = lines.findIndex((l) => l.includes(`"table":"${table}"`) && from.test(l));
				expect(i).toBeGreaterThan(0);
				return { text: lines.map((l, k) => (k === i ? l.replace(from, to) : l)), line: i + 1 };
			};
			expect(await words(lines.slice(0, -1))).toMatch(/ends in its middle/);
			expect(await words(lines.filter((l) => !l.includes('"table":"sprayer_event"')))).toMatch(/should hold/);
			expect(await words(['{"format":"something"}', ...lines.slice(1)])).toMatch(
				/^Line 1: this is not the file of a farm/
			);
			expect(await words([lines[0]!.replace(/"\d{4}-[a-z-]+"/, '"9999-later"'), ...lines.slice(1)])).toMatch(
				/newer Fallow/
			);
			expect(await words([lines[0]!, 'x', ...lines.slice(1)])).toBe('Line 2: this is not JSON. Nothing was imported.');
			const product = swap(/"name": ?"Sample [A-Z]/, '"name": 7, "x": "', 'product');
			expect(await words(product.text)).toMatch(
				new RegExp(`^Line ${product.line}: a product that cannot be read at body`)
			);
			const record = swap(/Thistle|thistle|mite/, 'other', 'record');
			expect(await words(record.text)).toMatch(/✕ The seal of record \d+ does not match/);
			const block = swap(/"id": ?"[0-9a-f-]{36}"/, '"id": "01900000-0000-7000-8000-000000000001"', 'round');
			expect(await words(block.text)).toMatch(/cannot be stored|middle/);
			// What passes every shape and still cannot be computed is seen before it is kept, not at the next start.
			const job = swap(/"label": ?\{/, '"label": {}, "was": {', 'job');
			expect(await words(job.text)).toMatch(/job cannot be read|cannot be computed/);
			expect(await farm.isEmpty()).toBe(true);
		});
	});

	it('is no zip where it is none, is cut off, or is not text', async () => {
		const all = Buffer.concat(file);
		const code = async (chunks: readonly Uint8Array[]) => {
			const failure = await refused(collect(zippedLines(each(chunks))));
			return failure?.code;
		};
		expect(await code([])).toBe('not-zip');
		expect(await code([new TextEncoder().encode('not a zip at all')])).toBe('not-zip');
		expect(await code([all.subarray(0, all.length / 2)])).toBe('not-zip');
		// In any pieces it is the same.
		const one = await collect(zippedLines(each([all])));
		const bytes = await collect(
			zippedLines(each(Array.from({ length: Math.ceil(all.length / 7) }, (_, i) => all.subarray(i * 7, i * 7 + 7))))
		);
		expect(bytes).toEqual(one);
		expect(one).toEqual(lines);
	});
});

it('a file is of one moment, whatever is written while it goes out', async () => {
	const running = made.farm.lines(at);
	const first = await running.next();
	const [block] = await made.farm.blocks.all();
	await made.farm.blocks.put(v7(), { ...block!.block, name: 'Written meanwhile' });
	const rest = await collect(running);
	expect([first.value as string, ...rest].join('')).not.toContain('Written meanwhile');
	expect((await collect(made.farm.lines(at))).join('')).toContain('Written meanwhile');
});
