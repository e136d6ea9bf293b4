import type { Worker } from 'node:worker_threads';
import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { orFailure } from '../../src/lib/server/failure';
import { inLanguage, speakPerRequest } from '../../src/lib/server/language';
import { Reading, startThread, usualLimits } from '../../src/lib/server/reading/read-apart';
import { readers } from '../../src/lib/server/reading/readers';
import { defaultSettings } from '../../src/lib/settings/farm-settings';

const how = { settings: defaultSettings, known: { blocks: [], products: [] }, sign: null };
const head = 'record,day,blocks,operator,product,remarks';
const row = (i: number) =>
	`R${i},2026-05-${String((i % 28) + 1).padStart(2, '0')},North ${i},Olive Sample,Sample ${i % 5},ok`;
const csv = (rows: number) => [head, ...Array.from({ length: rows }, (_, i) => row(i))].join('\n');

/** How often the thread of the tests had its turn while something ran. */
async function turnsDuring(run: Promise<unknown>): Promise<number> {
	let turns = 0;
	let over = false;
	const ended = run.finally(() => (over = true));
	for (; !over; turns += 1) await new Promise((done) => setImmediate(done));
	await ended;
	return turns;
}

describe('a file that is read in a thread of its own', () => {
	const reading = new Reading();
	afterAll(() => reading.end());

	it('reads as it would beside it, whatever stands in it', { timeout: 120_000 }, async () => {
		expect(await reading.read('records', csv(40), how)).toEqual(readers.records(csv(40), how));
		await fc.assert(
			fc.asyncProperty(fc.string({ maxLength: 400 }), async (text) => {
				expect(await reading.read('records', `${head}\n${text}`, how)).toEqual(
					readers.records(`${head}\n${text}`, how)
				);
				expect(await reading.read('ground', text, {})).toEqual({ ok: false });
			}),
			{ numRuns: 60 }
		);
	});

	it('lets the server answer meanwhile', async () => {
		await reading.read('records', csv(1), how);
		const beside = await turnsDuring(Promise.resolve().then(() => readers.records(csv(4000), how)));
		const apart = await turnsDuring(reading.read('records', csv(4000), how));
		expect(beside).toBeLessThan(5);
		expect(apart).toBeGreaterThan(100);
	});

	it('speaks the language of the one who asked', async () => {
		speakPerRequest();
		const problem = async (language: 'en' | 'es') => {
			const read = await inLanguage(language, () => reading.read('sheet', '{', {}));
			return read.ok ? '' : read.problem;
		};
		expect(await problem('es')).toContain('no es JSON');
		expect(await problem('en')).toContain('not JSON');
	});

	it('is read by a new thread where the one before has ended', async () => {
		const threads: Worker[] = [];
		const own = new Reading(usualLimits, async (limits) => {
			const thread = await startThread(limits);
			threads.push(thread);
			return thread;
		});
		expect((await own.read('records', csv(2), how)).rows).toHaveLength(2);
		await threads[0]!.terminate();
		expect((await own.read('records', csv(3), how)).rows).toHaveLength(3);
		expect(threads).toHaveLength(2);
		await own.end();
	});

	it('waits for its turn: a dozen at once are all read', async () => {
		const all = await Promise.all(Array.from({ length: 12 }, (_, i) => reading.read('records', csv(i + 1), how)));
		expect(all.map((read) => read.rows.length)).toEqual(Array.from({ length: 12 }, (_, i) => i + 1));
	});
});

describe('what is too much', () => {
	const refused = async (limits: Partial<typeof usualLimits>, text: string) => {
		const reading = new Reading({ ...usualLimits, ...limits });
		try {
			const first = await orFailure(reading.read('records', text, how));
			// Whatever became of the one before, the next is read.
			const next = await orFailure(reading.read('sheet', '{', {}));
			return { code: 'code' in first ? `${first.status} ${first.code}` : 'read', next: 'ok' in next };
		} finally {
			await reading.end();
		}
	};

	it('is refused with its words, by letters and by lines, before a thread is begun', async () => {
		expect(await refused({ letters: 100 }, csv(10))).toEqual({ code: '413 too-large', next: true });
		expect(await refused({ lines: 10 }, csv(10))).toEqual({ code: '413 too-large', next: true });
		expect(await refused({ lines: 11 }, csv(10))).toEqual({ code: 'read', next: true });
	});

	it('is ended by its time, and by its memory', { timeout: 60_000 }, async () => {
		const slow = new Reading({ ...usualLimits, time: 1 });
		expect(await orFailure(slow.read('records', csv(6000), how))).toMatchObject({ status: 413, code: 'too-large' });
		await slow.end();
		const small = new Reading({ ...usualLimits, letters: 90_000_000, lines: 2_000_000, memory: 80, time: 50_000 });
		expect(await orFailure(small.read('records', csv(600_000), how))).toMatchObject({ status: 413, code: 'too-large' });
		await small.end();
	});
});
