import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { TypedLabel } from '../../src/core';
import { labelFills, mixesByState, readLabel, si } from '../../src/core';
import { productCsv, productJson, readProductFile } from '../../src/lib/files/product-files';
import type { ProductText } from '../../src/lib/forms/product-text';
import { emptyProductText, productText, readProductText } from '../../src/lib/forms/product-text';
import { doseText, productFacts } from '../../src/lib/show/product-facts';
import { wordIssue } from '../../src/lib/wording/issues';
import { metric } from '../support/calibration-state';

const ochre: ProductText = {
	...emptyProductText,
	name: 'Sample Ochre',
	state: 'liquid',
	mixes: 'solution',
	dose: '1.5 L/ha',
	doseHigh: '2 L/ha',
	max: '2.5',
	seasonMax: '5 L/ha',
	volumeLow: '100',
	volumeHigh: '300',
	entry: '12',
	rainFree: '1.5',
	harvest: '21',
	plantBack: 'clover = 120\nlinseed = 30',
	packs: '5 L; 10',
	wind: '15',
	buffer: '5'
};
const label = (change: Partial<ProductText> = {}): TypedLabel => {
	const read = readProductText({ ...ochre, ...change }, metric);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.value;
};
const problems = (change: Partial<ProductText>) => {
	const read = readProductText({ ...ochre, ...change }, metric);
	return read.ok ? [] : read.issues.map((i) => `${i.path}: ${wordIssue(i)}`);
};

describe('a product as text', () => {
	it('is read with the farm’s units for bare numbers', () => {
		const read = readLabel(label());
		expect(read.ok && read.value).toMatchObject({
			dose: { low: { basis: 'liquidPerArea' }, high: { basis: 'liquidPerArea' } },
			max: { kind: 'volume' },
			packs: [{ holds: { kind: 'volume' } }, { holds: { kind: 'volume' } }]
		});
		if (!read.ok) return;
		expect(read.value.max!.perArea / 2.5e-7).toBeCloseTo(1, 9);
		expect(read.value.packs[1]!.holds.amount).toBeCloseTo(0.01, 12);
		expect(read.value.wind! * 3.6).toBeCloseTo(15, 9);
		expect(productFacts(label()).map((f) => `${f.name}: ${f.text}`)).toContain(
			'Plant back: clover 120 days, linseed 30 days'
		);
		expect(doseText(label())).toBe('1.5 L/ha to 2 L/ha');
	});

	it.each([
		[{ name: '' }, 'name'],
		[{ name: 'x'.repeat(81) }, 'name'],
		[{ dose: '' }, 'dose'],
		[{ dose: '2 kg/ha' }, 'dose'],
		[{ dose: '12 oz', doseHigh: '' }, 'dose: “12 oz” of product on what?'],
		[{ state: '' }, 'state: Nothing is written here. Write it like liquid or dry.'],
		[{ mixes: '' }, 'mixes: Nothing is written here.'],
		[{ mixes: 'dry' }, 'mixes: A liquid does not mix that way.'],
		[{ state: 'gas' }, 'Write it like liquid or dry'],
		[{ fill: 'a quarter' }, 'Write it like third or half-product'],
		[{ mixes: 'stirred' }, 'a way of mixing'],
		[{ dose: '3 L/ha' }, 'the low end comes first'],
		[{ doseHigh: '1 %' }, 'doseHigh'],
		[{ max: '1 %' }, 'max'],
		[{ volumeHigh: '' }, 'volumeHigh'],
		[{ volumeLow: '400' }, 'the low end comes first'],
		[{ entry: 'soon' }, '“soon”'],
		[{ harvest: '9999' }, 'too large'],
		[{ plantBack: 'clover 120' }, 'Write it like clover = 120'],
		[{ packs: '5 kg' }, 'packs'],
		[{ dose: '2 packets/ha', doseHigh: '' }, 'Enter the packet too'],
		[{ wind: '3 L' }, 'wind'],
		[{ buffer: '9 km/h' }, 'buffer']
	])('that is wrong is told at its field: %o', (change, words) => {
		expect(problems(change).join('\n')).toContain(words);
	});

	it('knows packets and rows', () => {
		const packets = label({
			state: 'dry',
			mixes: 'packet',
			dose: '2 packets/ha',
			doseHigh: '',
			max: '',
			seasonMax: '',
			packs: '',
			packet: '250 g'
		});
		const read = readLabel(packets);
		expect(read.ok && read.value.dose.low).toMatchObject({ basis: 'dryPerArea' });
		const rows = label({ dose: '30 ml/100 m row', doseHigh: '' });
		const wide = readLabel(rows, si(5));
		// 0.3 ml a metre of row, five metres apart: 0.06 ml/m², that is 0.6 L/ha.
		expect(wide.ok && wide.value.dose.low).toMatchObject({ dose: expect.closeTo(6e-8, 15) as unknown });
	});
});

const word = fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,"'-]{0,14}[A-Za-z0-9]$/);
const some = <T>(one: fc.Arbitrary<T>, none: T) => fc.oneof(fc.constant(none), one);
const product = fc
	.record({
		name: word,
		dry: fc.boolean(),
		mixes: fc.nat(),
		fill: fc.constantFrom(null, ...labelFills),
		low: fc.integer({ min: 1, max: 40 }),
		more: some(fc.integer({ min: 1, max: 40 }), 0),
		entry: some(fc.integer({ min: 0, max: 200 }), -1),
		crops: fc.array(fc.record({ crop: fc.stringMatching(/^[a-z]{3,8}$/), days: fc.integer({ min: 1, max: 700 }) }), {
			maxLength: 3
		}),
		packs: fc.array(fc.integer({ min: 1, max: 20 }), { maxLength: 3 }),
		comma: fc.boolean(),
		notes: some(word, '')
	})
	.map((p): TypedLabel => {
		const t = (v: string, unit: string) => ({
			text: p.comma ? v.replace('.', ',') : v,
			unit,
			gallon: 'US' as const,
			...(p.comma ? { comma: true } : {})
		});
		const dose = p.dry ? 'kg/ha' : 'L/ha';
		return {
			...label({ dose: '1 L/ha', doseHigh: '', max: '', seasonMax: '', packs: '', plantBack: '' }),
			name: p.name,
			state: p.dry ? 'dry' : 'liquid',
			mixes: mixesByState[p.dry ? 'dry' : 'liquid'][p.mixes % (p.dry ? 4 : 7)]!,
			...(p.fill ? { fill: p.fill } : {}),
			dose: { low: t(`${p.low / 10}`, dose), high: p.more ? t(`${(p.low + p.more) / 10}`, dose) : null },
			entryHours: p.entry < 0 ? null : p.entry / 2,
			plantBack: p.crops,
			packs: p.packs.map((v) => t(`${v}`, p.dry ? 'kg' : 'L')),
			notes: p.notes
		};
	});

describe('products in files', () => {
	/** What a label says: its amounts, however a file has written them. */
	const amounts = (l: TypedLabel) => {
		const read = readLabel(l);
		return read.ok ? { ...read.value, packs: read.value.packs.map((p) => p.holds) } : read.issues;
	};
	const numbers = (l: TypedLabel) => ({
		...amounts(l),
		name: l.name,
		entry: l.entryHours,
		plantBack: l.plantBack,
		notes: l.notes,
		mixes: l.mixes,
		fill: l.fill
	});
	it('go to text, CSV and JSON and back as the same products, whatever the decimal sign', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(product, { minLength: 1, maxLength: 5, selector: (p) => p.name.toLowerCase() }),
				fc.boolean(),
				(list, decimalComma) => {
					const settings = { ...metric, decimalComma };
					for (const one of list) {
						const read = readProductText(productText(one, settings), settings);
						if (!read.ok) throw new Error(JSON.stringify(read.issues));
						expect(numbers(read.value)).toEqual(numbers(one));
					}
					for (const file of [productCsv(list, settings), productJson(list)]) {
						const { rows, left } = readProductFile(file, settings);
						expect(left).toBe('');
						expect(rows.map((r) => (r.ok ? numbers(r.value) : r.issues))).toEqual(list.map(numbers));
					}
				}
			),
			{ seed: 6, numRuns: 80 }
		);
	});

	it('name a bad row, and a wrong unit, and lose nothing else', () => {
		const csv =
			'name,state,dose,harvest\nSample Ochre,liquid,2 L/ha,21\nSample Umber,dry,2 L/ha,\nSample Chalk,dry,1.5 kg/ha,late';
		const { rows, left } = readProductFile(csv, metric);
		expect(rows.map((r) => [r.line, r.ok])).toEqual([
			[2, true],
			[3, false],
			[4, false]
		]);
		expect(rows.flatMap((r) => (r.ok ? [] : r.issues.map((i) => i.path)))).toEqual(['dose', 'harvest']);
		expect(left).toContain('Sample Umber,dry,2 L/ha');
		const json = productJson([label(), { ...label(), name: 'Sample Gneiss', state: 'dry' }]);
		const again = readProductFile(json, metric);
		expect(again.rows.map((r) => r.ok)).toEqual([true, false]);
		expect(JSON.parse(again.left)).toMatchObject({ products: [{ name: 'Sample Gneiss' }] });
		expect(readProductFile('{"format": "other"}', metric).lacking).toEqual(['format', 'products']);
		expect(readProductFile('{ broken', metric).lacking).toEqual(['format', 'products']);
		expect(
			readProductFile('{"format": "fallow-products/1", "products": [{"name": "X"}, 4]}', metric).rows
		).toMatchObject([
			{ ok: false, name: 'X' },
			{ ok: false, name: '' }
		]);
	});
});
