import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strToU8, zipSync } from 'fflate';
import { afterAll, describe, expect, it } from 'vitest';
import { Failure } from '../../src/lib/server/failure';
import { spooled } from '../../src/lib/server/spool';
import { inPieces } from '../../src/lib/server/stream';
import { usualLimits, zippedLines } from '../../src/lib/server/unzip';
import { zipped } from '../../src/lib/server/zip';
import { Seeded } from '../support/seeded';
import { collect, each } from '../support/streams';

const code = async (run: Promise<unknown>) => {
	try {
		await run;
	} catch (e) {
		if (e instanceof Failure) return e.code;
		throw e;
	}
	return 'taken';
};

describe('lines in a zip', () => {
	it('come out as they went in, whatever they say and however it is cut', async () => {
		const random = new Seeded(3);
		const letters = ['a', 'ö', '€', '🌾', '"', '\\', ' ', '\u2028'];
		const lines = Array.from({ length: 400 }, () =>
			Array.from(
				{ length: Math.floor(random.next() * 300) },
				() => letters[Math.floor(random.next() * letters.length)]
			).join('')
		).filter((line) => line !== '');
		const zip = Buffer.concat(await collect(zipped('farm.jsonl', each(lines.map((l) => `${l}\n`)))));
		for (let k = 0; k < 8; k += 1) {
			const size = 1 + Math.floor(random.next() * 5000);
			const cut = Array.from({ length: Math.ceil(zip.length / size) }, (_, i) =>
				zip.subarray(i * size, (i + 1) * size)
			);
			expect(await collect(zippedLines(each<Uint8Array>(cut)))).toEqual(lines);
		}
	});

	it('are read from a zip of any make, packed or not, the first file of it, with or without a last line feed', async () => {
		const text = '{"a":1}\n{"b":2}';
		for (const level of [0, 9] as const) {
			const zip = zipSync({ 'farm.jsonl': [strToU8(text), { level }], 'notes.txt': strToU8('not this\n') });
			expect(await collect(zippedLines(each([zip])))).toEqual(['{"a":1}', '{"b":2}']);
		}
	});

	it('are unpacked beside the work of the server: it goes on meanwhile', async () => {
		const lines = new Uint8Array(60 * 1024 * 1024).fill(0x61);
		for (let i = 999; i < lines.length; i += 1000) lines[i] = 0x0a;
		const zip = zipSync({ 'farm.jsonl': lines }, { level: 9 });
		let turns = 0;
		let reading = true;
		const beside = (async () => {
			for (; reading; turns += 1) await new Promise((done) => setImmediate(done));
		})();
		let count = 0;
		for await (const line of zippedLines(each([zip]), { ...usualLimits, times: 1e9 })) count += Number(line.length > 0);
		reading = false;
		await beside;
		expect(count).toBe(62_915);
		expect(turns).toBeGreaterThan(20);
	});

	it('are refused where the zip is torn, is no text, or would swell without end', async () => {
		const whole = zipSync({ 'farm.jsonl': strToU8('line\n'.repeat(5000)) }, { level: 6 });
		expect(await code(collect(zippedLines(each([whole.subarray(0, whole.length >> 1)]))))).toBe('not-zip');
		const torn = whole.slice();
		for (let i = 40; i < 60; i += 1) torn[i] = 255 - torn[i]!;
		expect(await code(collect(zippedLines(each([torn]))))).toBe('not-zip');
		const bytes = zipSync({ 'farm.jsonl': new Uint8Array([0x22, 0xff, 0xfe, 0x0a]) });
		expect(await code(collect(zippedLines(each([bytes]))))).toBe('not-zip');
		// A hundred megabytes of lines in a hundred kilobytes: each line is fine, all of them are made to hold a server up.
		const lines = new Uint8Array(100 * 1024 * 1024).fill(0x61);
		for (let i = 999; i < lines.length; i += 1000) lines[i] = 0x0a;
		const many = zipSync({ 'farm.jsonl': lines }, { level: 9 });
		expect(await code(collect(zippedLines(each([many]))))).toBe('too-large');
		// More lines, or more time, than anybody's farm takes.
		const few = zipSync({ 'farm.jsonl': strToU8('line\n'.repeat(5000)) });
		expect(await code(collect(zippedLines(each([few]), { ...usualLimits, lines: 4000 })))).toBe('too-large');
		expect(await code(collect(zippedLines(each([many]), { ...usualLimits, times: 1e9, time: 5 })))).toBe('too-large');
		// Forty megabytes in one line, in forty kilobytes.
		const bomb = zipSync({ 'farm.jsonl': new Uint8Array(40 * 1024 * 1024).fill(0x61) }, { level: 9 });
		expect(bomb.length).toBeLessThan(60_000);
		expect(await code(collect(zippedLines(each([bomb]))))).toBe('too-large');
	});
});

it('small pieces are put together, all of them, none of them twice', async () => {
	const texts = Array.from({ length: 100 }, (_, i) => `${i},`.repeat((i * 7) % 40));
	const pieces = await collect(inPieces(each(texts), 50));
	expect(pieces.join('')).toBe(texts.join(''));
	expect(pieces.slice(0, -1).every((p) => p.length >= 50)).toBe(true);
});

describe('a large body', () => {
	const place = mkdtempSync(join(tmpdir(), 'fallow-test-'));
	afterAll(() => rmSync(place, { recursive: true }));
	const body = (...texts: string[]) => new Response(texts.join('')).body!;

	it('is all there for whoever works on it, and gone when the work has ended, also badly', async () => {
		const text = 'x'.repeat(300_000);
		const seen = await spooled(
			body(text, 'end'),
			async (bytes) => Buffer.concat(await collect(bytes)).toString(),
			place
		);
		expect(seen).toBe(`${text}end`);
		const failed = spooled(body('x'), () => Promise.reject(new Failure(422, 'bad-line', '', 'Line 1')), place);
		expect(await code(failed)).toBe('bad-line');
		expect(readdirSync(place)).toEqual([]);
	});

	it('that breaks off in its middle is not worked on', async () => {
		let worked = false;
		const torn = new ReadableStream<Uint8Array>({
			pull(controller) {
				controller.enqueue(new Uint8Array(1000));
				controller.error(new Error('the sender is gone'));
			}
		});
		await expect(spooled(torn, async () => (worked = true), place)).rejects.toThrow('the sender is gone');
		expect(worked).toBe(false);
	});
});
