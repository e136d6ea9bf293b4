import english from '../../messages/en.json';
import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { demoProducts } from '../../demo/products';
import {
	checkRunEntry,
	fields,
	isBareNumber,
	oneGroup,
	readAmount,
	readDensity,
	readDose,
	readField,
	readQuantity,
	readTemperature,
	readTyped,
	si
} from '../../src/core';
import type { Field, Kind, Result, Typed } from '../../src/core';
import { bothReadings, decimalSign } from '../../src/lib/files/decimal-sign';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { lastingText } from '../../src/lib/settings/lasting-text';
import { productCsv, readProductFile } from '../../src/lib/files/product-files';
import { typedText } from '../../src/lib/settings/typed-text';
import { wordIssue } from '../../src/lib/wording/issues';

const csv = (...doses: string[]) => `name,state,dose\n${doses.map((d, i) => `P${i},liquid,"${d}"`).join('\n')}`;
const point = { ...defaultSettings, decimalComma: false };
const comma = { ...defaultSettings, decimalComma: true };

describe('the decimal sign of a file', () => {
	it.each([
		[csv('1,250 L/ha'), null, '1,250'],
		[csv('1.250 L/ha'), null, '1.250'],
		[csv('1,250 L/ha', '0,5 L/ha'), 'comma', null],
		[csv('1,250 L/ha', '1.5 L/ha'), 'point', null],
		[csv('1.250,5 L/ha'), 'comma', null],
		[csv('1,250.5 L/ha'), 'point', null],
		[csv('1,250,000 L/ha'), 'point', null],
		[csv('0.250 L/ha'), 'point', null],
		[csv('12 L/ha'), null, null],
		// Two files in one: what could be either is asked about.
		[csv('1.5 L/ha', '0,5 L/ha', '1,250 L/ha'), null, '1,250'],
		['name,state,dose,decimal\nP,liquid,"1,250 L/ha",comma', 'comma', null],
		// Days and codes are no numbers.
		['day,blocks\n14.03.2026,1.2.3', null, null]
	] as const)('%j', (text, sign, asks) => expect(decimalSign(text)).toEqual({ sign, asks }));

	it('shows both readings of what could be either', () => {
		expect(bothReadings('1,250')).toEqual({ point: '1250', comma: '1.250' });
		expect(bothReadings('1.250')).toEqual({ point: '1.250', comma: '1250' });
	});

	it('takes in nothing of a file that could be a thousand times too large, before somebody says', () => {
		const text = csv('1,250 L/ha', '2 L/ha');
		expect(readProductFile(text, point)).toMatchObject({ rows: [], asks: '1,250', left: text });
		expect(readProductFile(text, comma)).toMatchObject({ rows: [], asks: '1,250' });
		const first = (settings: typeof point, sign: 'point' | 'comma') => {
			const [row] = readProductFile(text, settings, sign).rows;
			if (!row?.ok) return row!.issues[0]!.code;
			const read = readTyped(row.value.dose.low, ['volumePerArea'], '');
			return read.ok ? Number((read.value.value * 1e7).toFixed(9)) : null;
		};
		for (const settings of [point, comma]) {
			expect(first(settings, 'comma')).toBe(1.25);
			// And nobody sprays 1,250 litres of product on a hectare.
			expect(first(settings, 'point')).toBe('too-large');
		}
	});

	it('goes with the file from a farm that writes one to a farm that writes the other', () => {
		const typed = (text: string): Typed => ({ text, unit: 'L/ha', gallon: 'US', comma: true });
		const label = {
			...demoProducts[0]!,
			dose: { low: typed('0,75'), high: typed('1.200,5 ml/ha') },
			max: null,
			seasonMax: null
		};
		const file = productCsv([label], comma);
		expect(file).toContain('0.75 L/ha,1200.5 ml/ha');
		const read = (settings: typeof point) => {
			const [row] = readProductFile(file, settings).rows;
			if (!row?.ok) throw new Error(JSON.stringify(row));
			return [row.value.dose.low, row.value.dose.high!].map((t) => {
				const one = readTyped(t, ['volumePerArea'], '');
				return one.ok ? Number((one.value.value * 1e7).toFixed(6)) : null;
			});
		};
		expect(read(point)).toEqual([0.75, 1.2005]);
		expect(read(comma)).toEqual([0.75, 1.2005]);
	});
});

describe('text that lasts', () => {
	it('is the same amount on any farm, whatever it was written with', () => {
		const unit = fc.constantFrom('L', 'US gal', 'Imp fl oz', 'ml');
		const number = fc.tuple(fc.integer({ min: 0, max: 48_000 }), fc.integer({ min: 0, max: 999 }), fc.boolean());
		fc.assert(
			fc.property(
				number,
				unit,
				fc.boolean(),
				fc.boolean(),
				fc.boolean(),
				([whole, part, parted], u, sign, to, bare) => {
					const group = sign ? '.' : ',';
					const grouped = `${whole}`.replace(/\B(?=(\d{3})+(?!\d))/g, group);
					const text = `${grouped}${parted ? `${sign ? ',' : '.'}${`${part}`.padStart(3, '0')}` : ''}`;
					const typed: Typed = {
						text: bare ? text : `${text} ${u}`,
						unit: u,
						gallon: 'US',
						...(sign ? { comma: true } : {})
					};
					const lasting = lastingText(typed, { decimalComma: to });
					const again: Typed = { text: lasting, unit: '', gallon: 'Imperial', ...(to ? { comma: true } : {}) };
					const amount = (t: Typed) => {
						const read = readTyped(t, ['volume'], '');
						if (!read.ok) throw new Error(`${JSON.stringify(t)} ${read.issues[0]!.code}`);
						return read.value.value;
					};
					return Math.abs(amount(typed) - amount(again)) <= 1e-12 * amount(typed);
				}
			),
			{ numRuns: 2000 }
		);
	});
	it('tells a picked ounce of weight from a fluid one, typed, kept and shown back', () => {
		const weighed: Typed = { text: '19.2', unit: 'oz', gallon: 'US' };
		for (const t of [weighed, { ...weighed, text: '19.2 oz' }, { ...weighed, text: typedText(weighed), unit: 'ml' }]) {
			const read = readField(fields.catchAmount, t, '');
			expect(read.ok && read.value.kind, t.text).toBe('mass');
			expect(read.ok && (read.value.value / 0.9982) * 1000, t.text).toBeCloseTo(545.29, 1);
		}
		expect(readField(fields.catchAmount, { ...weighed, unit: 'US fl oz' }, '')).toMatchObject({
			value: { kind: 'volume' }
		});
		expect(typedText(weighed)).toBe('19.2 oz (weight)');
		expect(lastingText(weighed, { decimalComma: false })).toBe('19.2 oz av');
	});
	it('knows a bare number from one with its unit', () => {
		for (const bare of ['12', '1,250', '1 ½', '⅓', '3 × 12', '2x4', '1/2']) expect(isBareNumber(bare), bare).toBe(true);
		for (const not of ['', '3 ft', '20 + 20', '1:30', 'x', '2 ×']) expect(isBareNumber(not), not).toBe(false);
		expect([oneGroup('1,250 L/ha'), oneGroup('12.500'), oneGroup('1,250,000'), oneGroup('0.250')]).toEqual([
			'1,250',
			'12.500',
			null,
			null
		]);
	});
});

describe('what a farm with the decimal comma is told', () => {
	const typed = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const, comma: true });
	const bareUnits: Partial<Record<Kind, string>> = {
		length: 'm',
		area: 'ha',
		volume: 'L',
		time: 's',
		mass: 'g',
		speed: 'km/h',
		pressure: 'bar',
		flow: 'L/min',
		volumePerArea: 'L/ha',
		massPerArea: 'kg/ha'
	};
	/** Everything in words that looks like a figure with a unit. */
	const figures = (words: string) =>
		words.replace(/“[^”]*”/g, '').match(/\d[\d.,: ]*\d*\s?(?:US |Imp )?[a-zA-Z]+[²\d]?(?: oz)?(?:\/[a-zA-Z]+)?/g) ?? [];

	it('can be typed again: bounds and examples of every field', () => {
		let told = 0;
		for (const [name, field] of Object.entries(fields) as [string, Field<Kind>][])
			for (const kind of field.kinds)
				for (const text of ['0,000000001', '99999999', 'x', '1.5', '']) {
					const read = readField(field, typed(text, bareUnits[kind]!), name);
					if (read.ok) continue;
					const words = wordIssue(read.issues[0]!);
					expect(words.replace(`“${text}”`, '')).not.toMatch(/\d\.\d{1,2}(?!\d)/);
					for (const figure of figures(words).filter((f) => /[.,]/.test(f))) {
						const again = readQuantity(
							figure.trim().replace(/,$/, ''),
							{ kinds: field.kinds, unit: bareUnits[kind]!, gallon: 'US', decimalComma: true },
							''
						);
						expect([name, words, figure, again.ok]).toEqual([name, words, figure, true]);
						told += 1;
					}
				}
		expect(told).toBeGreaterThan(40);
	});

	it('in a job’s bounds, a label’s temperatures, contents and doses as well', () => {
		const sheet = {
			area: si<'area'>(63_500),
			rate: si<'volumePerArea'>(2e-5),
			tank: si<'volume'>(0.6),
			split: 'equal',
			products: []
		} as const;
		const over = checkRunEntry(
			{ kind: 'progress', load: 1, done: { by: 'area', area: typed('9', 'ha') }, left: typed('0', 'L') },
			sheet
		);
		expect(wordIssue(over[0]!)).toContain('6,350 ha is the most');
		const words = (read: Result<unknown>) => (read.ok ? '' : wordIssue(read.issues[0]!));
		expect(words(readDensity(typed('9', ''), 'density'))).toBe(
			'“9” is too large to be true here; 2,5 kg/L is the most. Write it like 1,28 kg/L or 10,7 lb/gal.'
		);
		expect(words(readTemperature(typed('-99 F', 'C'), 'air'))).not.toMatch(/\d\.\d/);
		expect(words(readDose('x', { gallon: 'US', state: 'liquid', decimalComma: true }, 'dose'))).toContain('0,1 %');
		expect(words(readAmount('x', { gallon: 'US', state: 'liquid', decimalComma: true }, 'pack'))).toContain(
			'19,2 fl oz'
		);
	});

	it('with a point where the farm has one, and for a corner of a boundary always', () => {
		const plain = { text: 'x', unit: 'm', gallon: 'US' as const };
		const read = readField(fields.tank, { ...plain, unit: 'L' }, 'tank');
		expect(read.ok ? '' : wordIssue(read.issues[0]!)).toContain('19.2 fl oz');
		expect(wordIssue({ code: 'unreadable', path: '', text: 'x', wanted: 'corner', comma: true })).toContain('47.10512');
	});
});

describe('text that stands in a page', () => {
	/** A figure with a point before a unit, a comma or an end, outside of what puts it into the farm's sign. */
	const pointed = /\d\.\d+(?= ?(?:%|L\b|kg|ml|gal|fl|mm|m\b|km|mph|bar|psi|s\b|or\b|to\b|;|,|\)|$))/;
	const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.svelte'));
	const told = (source: string) =>
		(
			source
				.replace(/<style[\s\S]*?<\/style>|<!--[\s\S]*?-->/g, '')
				// Names of styles are no text.
				.replace(/\bclass=(?:"[^"]*"|\{\[\s*'[^']*')/g, '')
				.replace(/asWritten\((?:[^()]|\([^()]*\))*\)/g, '')
				.match(/>[^<>{}]*<|'[^'\n]*'|"[^"\n]*"|`[^`]*`/g) ?? []
		)
			// Geometry of a drawing; rows of a file, whose sign the file says; and a place on the earth, which has a point everywhere.
			.filter((text) => pointed.test(text) && !/^"(?:M|\d|rotate|translate)|Math\.|\\n|Latitude|47\.10512/.test(text));

	it('has its figures put into the sign of the farm', () => {
		expect(told(`<p>like 2.5 gal</p>`)).toEqual(['>like 2.5 gal<']);
		expect(told(`<p class="gap-2.5 flex-1">gallons</p>`)).toEqual([]);
		expect(told(`hint={asWritten('like 2.5 gal', comma)}`)).toEqual([]);
		// The same of texts that stand in the catalogues: where one is drawn, its sign is put in.
		const keys = Object.entries(english as Record<string, unknown>)
			.filter(
				([, text]) =>
					typeof text === 'string' && pointed.test(text) && !/47\.10512|Latitude|\n|\$GPRMC|^point: /.test(text)
			)
			.map(([key]) => key);
		expect(keys.length).toBeGreaterThan(20);
		const bare = new RegExp(`\\bm\\.(?:${keys.join('|')})\\(`);
		const drawn = files.flatMap((file) => {
			const source = readFileSync(`src/${file}`, 'utf8').replace(
				/asWritten\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\)/g,
				''
			);
			return (source.match(new RegExp(bare, 'g')) ?? []).map((use) => `${file} ${use}`);
		});
		expect(drawn).toEqual([]);
		const found = files.flatMap((file) => told(readFileSync(`src/${file}`, 'utf8')).map((text) => `${file} ${text}`));
		expect(found).toEqual([]);
	});
});
