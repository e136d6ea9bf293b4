import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nozzleKinds, readNozzle } from '../../src/core';
import type { TypedNozzle } from '../../src/core';
import { nozzleColumns, nozzleCsv, readNozzleCsv } from '../../src/lib/files/nozzle-csv';
import { noNozzles, nozzleTable } from '../../src/lib/settings/nozzle-table';
import { emptyNozzleText, nozzleText, readNozzleText } from '../../src/lib/forms/nozzle-text';
import { wordIssue } from '../../src/lib/wording/issues';
import { metric } from '../support/calibration-state';

const text = {
	...emptyNozzleText,
	name: 'Sample cone',
	kind: 'hollow-cone',
	points: '5 bar = 1.06 L/min\n10 bar = 1.5 L/min'
};
const problems = (change: Partial<typeof text>) => {
	const read = readNozzleText({ ...text, ...change }, metric);
	return read.ok ? [] : read.issues.map((i) => `${i.path}: ${wordIssue(i)}`);
};

describe('a nozzle as text', () => {
	it('is read with the farm’s units for bare numbers', () => {
		const read = readNozzleText({ ...text, points: '2 = 0.98; 3 = 1.2', low: '1', high: '4', angle: '110°' }, metric);
		expect(read.ok && readNozzle('k', read.value, true)).toMatchObject({
			value: { low: 1e5, high: 4e5, angle: 110, points: [{ pressure: 2e5 }, { pressure: 3e5 }] }
		});
	});

	it.each([
		[{ name: ' ' }, 'name'],
		[{ kind: 'funnel' }, '“funnel” cannot be read as a kind of nozzle'],
		[{ points: '' }, 'at least one pressure'],
		[{ points: '2 bar 0.98 L/min' }, 'Write it like 2 bar = 0.98 L/min'],
		[{ points: '2 bar = 0.98 L/min = 3' }, 'points.0'],
		[{ points: '2 bar = 1 L/min\n2 bar = 1.1 L/min' }, 'a second flow at the same pressure'],
		[{ points: '2 bar = 1 L/min\n3 bar = 0.9 L/min' }, 'cannot follow 2 bar = 1 L/min'],
		[{ points: '2 bar = 1 L/min\n4 bar = 2.5 L/min' }, 'cannot follow'],
		[{ points: '2 bar = 1 furlong' }, 'points.0.flow'],
		[{ low: '4 bar', high: '2 bar' }, 'the low end comes first'],
		[{ low: '4 bar' }, 'range.high'],
		[{ angle: '200' }, 'no fan angle'],
		[{ angle: 'wide' }, 'no fan angle'],
		[{ classes: '2 bar = chunky' }, 'Write it like 2 bar = coarse']
	])('that is wrong is told at its field: %o', (change, words) => {
		expect(problems(change).join('\n')).toContain(words);
	});

	const quantity = fc.integer({ min: 1, max: 60 });
	const typedNozzle = fc
		.record({
			name: fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,"=]{0,20}[A-Za-z0-9]$/),
			kind: fc.constantFrom(...nozzleKinds),
			size: fc.constantFrom('', '03', '015'),
			angle: fc.option(fc.integer({ min: 15, max: 170 })),
			bars: fc.uniqueArray(quantity, { minLength: 1, maxLength: 5 }),
			factor: quantity,
			comma: fc.boolean()
		})
		.map(({ bars, factor, comma, ...rest }): TypedNozzle => {
			const t = (v: number, unit: string) => ({
				text: comma ? `${v}`.replace('.', ',') : `${v}`,
				unit,
				gallon: 'US' as const,
				...(comma ? { comma: true } : {})
			});
			return {
				...rest,
				points: bars.map((bar) => ({
					pressure: t(bar, 'bar'),
					flow: t(Number((factor * 0.1 * Math.sqrt(bar)).toFixed(4)), 'L/min')
				})),
				classes: [{ pressure: t(bars[0]!, 'bar'), drops: 'coarse' }]
			};
		});

	it('goes to text and back as the same nozzle, whatever the farm’s decimal sign is', () => {
		fc.assert(
			fc.property(typedNozzle, fc.boolean(), (nozzle, decimalComma) => {
				const settings = { ...metric, decimalComma };
				const read = readNozzleText(nozzleText(nozzle, settings), settings);
				if (!read.ok) throw new Error(JSON.stringify(read.issues));
				expect(readNozzle('k', read.value, false)).toEqual(readNozzle('k', nozzle, false));
			}),
			{ seed: 4, numRuns: 300 }
		);
	});

	it('goes out as CSV and comes back in as the same table', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(typedNozzle, { minLength: 1, maxLength: 6, selector: (n) => `${n.kind} ${n.name}` }),
				(list) => {
					const kept = { own: list.map((nozzle, i) => ({ key: `k${i}`, nozzle })), shed: ['k0'] };
					const { rows, left } = readNozzleCsv(nozzleCsv(kept, metric), metric);
					expect(left).toBe('');
					const again = {
						own: rows.map((r, i) => ({ key: `k${i}`, nozzle: r.ok ? r.value.nozzle : list[0]! })),
						shed: rows[0]!.ok && rows[0]!.value.shed ? ['k0'] : []
					};
					expect(nozzleTable(again, metric)).toEqual(nozzleTable(kept, metric));
				}
			),
			{ seed: 5, numRuns: 60 }
		);
	});
});

describe('a CSV of nozzles', () => {
	it('names each bad row with its line, and loses nothing else', () => {
		const csv = [
			'Points,Name,kind,shed',
			'10 bar = 1.5 L/min,Cone A,hollow-cone,yes',
			'10 bar = much,Cone B,hollow-cone,no',
			'',
			'10 bar = 1.5 L/min,Cone A,Hollow cone,no',
			'"3 bar = 1.2 L/min; 4 bar = 1.39 L/min","Fan, wide",Flat fan,'
		].join('\r\n');
		const { rows, lacking, left } = readNozzleCsv(`\uFEFF${csv}`, metric);
		expect(lacking).toEqual([]);
		expect(rows.map((r) => [r.line, r.ok])).toEqual([
			[2, true],
			[3, false],
			[5, true],
			[6, true]
		]);
		expect(rows[0]).toMatchObject({ value: { shed: true, nozzle: { name: 'Cone A' } } });
		expect(rows[3]).toMatchObject({ value: { nozzle: { name: 'Fan, wide', points: { length: 2 } } } });
		expect(left.split('\n')).toEqual(['Points,Name,kind,shed', '10 bar = much,Cone B,hollow-cone,no']);
		// Mended, what was left reads on its own.
		expect(readNozzleCsv(left.replace('much', '1.6 L/min'), metric).rows).toMatchObject([{ ok: true }]);
	});
	it('takes one name of a kind once', () => {
		const row = '3 bar = 1.2 L/min,Fan,flat-fan';
		expect(readNozzleCsv(`points,name,kind\n${row}\n${row}`, metric).rows[1]).toMatchObject({
			line: 3,
			ok: false,
			issues: [{ code: 'twice', text: 'Fan' }]
		});
	});
	it('says which columns a file lacks, and reads none of it', () => {
		expect(readNozzleCsv('name;kind\na;b', metric)).toMatchObject({ lacking: ['points'], rows: [] });
		expect(readNozzleCsv('', metric).lacking).toEqual(['name', 'kind', 'points']);
	});
	it('makes no formula of a name', () => {
		const own = [
			{ key: 'k', nozzle: { name: '=1+1', kind: 'flat-fan' as const, size: '', angle: null, points: [], classes: [] } }
		];
		const csv = nozzleCsv({ own, shed: [] }, metric);
		expect(csv).toContain("'=1+1");
		expect(readNozzleCsv(csv, metric).rows[0]).toMatchObject({ name: '=1+1' });
		expect(nozzleCsv(noNozzles, metric).trim()).toBe([...nozzleColumns, 'decimal'].join(','));
	});
});
