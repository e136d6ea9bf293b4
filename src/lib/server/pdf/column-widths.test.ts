import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnWidths } from './column-widths';

const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

describe('columns by their content', () => {
	it('fill the page, and each has room for its longest word where there is room for all', () => {
		const cell = fc.string({ maxLength: 60 });
		fc.assert(
			fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 8 }), (rows) => {
				const widths = columnWidths(rows, 1000, 4);
				expect(sum(widths)).toBeCloseTo(1000, 6);
				widths.forEach((width, i) => {
					for (const row of rows)
						for (const word of row[i]!.split(/[\s\u2013-]+/))
							expect(width).toBeGreaterThanOrEqual(word.length * 4 - 1e-9);
				});
			})
		);
	});
	it('give a long column more than a short one', () => {
		const [day, products] = columnWidths(
			[['17 Apr 2026', 'Sample Umber: 2.34 L/ha, 30.19 L in all, reg. SAMPLE-0004']],
			300,
			4.5
		);
		expect(products).toBeGreaterThan(day! * 2);
	});
	it('share the page by their words where it is too narrow for them', () => {
		expect(columnWidths([['aaaaaaaaaa', 'bbbbbbbbbbbbbbbbbbbb']], 60, 10)).toEqual([20, 40]);
	});
});
