import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { splitCsv } from '$lib/files/split-csv';
import { Pieces, piecesOf } from './pieces.svelte';
import '../../../tests/support/property-seed';

describe('something sent in pieces', () => {
	it('goes one after the other, and says how far it is', async () => {
		const pieces = new Pieces();
		const sent: string[] = [];
		const end = await pieces.run(['a', 'b', 'c'], (piece, at) => {
			expect(pieces.done).toBe(at);
			sent.push(piece);
			return Promise.resolve(true);
		});
		expect([end, sent.join(''), pieces.done, pieces.busy]).toEqual(['all', 'abc', 3, false]);
	});
	it('ends where one is refused, and where somebody stops it: what was sent stays sent', async () => {
		const pieces = new Pieces();
		expect(await pieces.run([1, 2, 3], (n) => Promise.resolve(n < 2))).toBe('refused');
		expect(pieces.done).toBe(1);
		const end = await pieces.run([1, 2, 3], (n) => {
			if (n === 2) pieces.stop();
			return Promise.resolve(true);
		});
		expect([end, pieces.done]).toEqual(['stopped', 2]);
	});
	it('is no longer busy after an error', async () => {
		const pieces = new Pieces();
		await expect(pieces.run([1], () => Promise.reject(new Error('no signal')))).rejects.toThrow('no signal');
		expect(pieces.busy).toBe(false);
	});
	it('keeps all things, in their order, within the size of a piece', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 1, max: 60 })), fc.integer({ min: 40, max: 100 }), (things, most) => {
				const pieces = piecesOf(things, (n) => n, most);
				expect(pieces.flat()).toEqual(things);
				for (const piece of pieces)
					expect(piece.length === 1 || piece.reduce((sum, n) => sum + n, 0) <= most).toBe(true);
			})
		);
	});
});

describe('a CSV file in pieces', () => {
	it('has every row once, each piece with the head, cells with line breaks whole', () => {
		const cell = fc.string({ maxLength: 12 }).map((s) => `x${s.replace(/\r/g, '')}`);
		fc.assert(
			fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 40 }), (rows) => {
				const text = Papa.unparse([['name', 'notes'], ...rows]);
				const split = splitCsv(text, 120);
				expect(split.rows).toBe(rows.length);
				const back = split.pieces.flatMap((piece) => {
					const { data } = Papa.parse<string[]>(piece);
					expect(data[0]).toEqual(['name', 'notes']);
					return data.slice(1);
				});
				expect(back).toEqual(Papa.parse<string[]>(text.trim(), { skipEmptyLines: true }).data.slice(1));
			}),
			{ numRuns: 200 }
		);
	});
});
