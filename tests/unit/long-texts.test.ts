import { describe, expect, it } from 'vitest';
import type { EntryBody, PlanSheet, RunEntryBody } from '../../src/core';
import { askedFields, checkEntry, checkRunEntry, longestAsked, si, tooLong } from '../../src/core';
import { readRecordFile } from '../../src/lib/files/record-files';
import { emptyBlockForm, readBlockForm } from '../../src/lib/forms/block';
import { emptyNozzleText, readNozzleText } from '../../src/lib/forms/nozzle-text';
import { groundOfGeoJson } from '../../src/lib/ground/boundary';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { entrySchema } from '../../src/lib/wire/calibration-message';
import { runEntrySchema } from '../../src/lib/wire/run-message';
import { wordIssue } from '../../src/lib/wording/issues';
import { signOff, t, testSprayer } from '../support/entries';
import { numbersOf } from '../support/sprayers';

/** As many letters, none of which may be lost on the way. */
const letters = (n: number) => 'abcdefghij'.repeat(Math.ceil(n / 10)).slice(0, n);
const places = (issues: readonly { readonly code: string; readonly path: string }[]) =>
	issues.filter((i) => i.code === 'too-long').map((i) => i.path);

describe('a text that is longer than is kept', () => {
	it('is told with how long it may be, and is whole up to there', () => {
		expect(tooLong('notes', ` ${letters(80)} `, 80)).toEqual([]);
		const [issue] = tooLong('notes', letters(81), 80);
		expect(wordIssue(issue!)).toBe(`“${letters(30)}…” is over 80 letters long. Write it shorter.`);
	});

	it('is told at each field of a form', () => {
		const form = { ...emptyBlockForm, name: 'Long meadow', by: 'area', area: '3 ha' };
		const rest = { neighbours: [], boundary: null };
		const most = { crop: letters(80), stage: letters(80), notes: letters(1000) };
		const kept = readBlockForm({ ...form, ...most }, rest, defaultSettings);
		expect(kept).toMatchObject({ ok: true, value: most });
		const over = { name: letters(81), crop: letters(81), stage: letters(81), notes: letters(1001) };
		const refused = readBlockForm({ ...form, ...over }, rest, defaultSettings);
		expect(refused.ok ? [] : places(refused.issues)).toEqual(['name', 'crop', 'stage', 'notes']);
		const nozzle = readNozzleText({ ...emptyNozzleText, name: letters(81) }, defaultSettings);
		expect(nozzle.ok ? [] : places(nozzle.issues)).toEqual(['name']);
	});

	it('is told in a row of records, which is left over whole, and is kept to its last letter where it is not', () => {
		const longest = {
			record: 80,
			blocks: 120,
			sprayer: 120,
			operator: 120,
			condition: 300,
			remarks: 1000,
			product: 120,
			registration: 200,
			group: 200
		};
		const head = [...Object.keys(longest), 'day', 'area', 'total'].join(',');
		const row = (more: number) =>
			[...Object.values(longest).map((n) => letters(n + more)), '2025-04-02', '3 ha', '2 L'].join(',');
		const read = (more: number) =>
			readRecordFile(`${head}\n${row(more)}`, defaultSettings, { blocks: [], products: [] });
		const [kept] = read(0).rows;
		expect(kept?.ok && kept.value.record).toMatchObject({
			sprayer: letters(120),
			remarks: letters(1000),
			condition: letters(300),
			products: [{ name: letters(120), registration: letters(200), group: letters(200) }]
		});
		const over = read(1);
		const [refused] = over.rows;
		expect(refused && !refused.ok ? places(refused.issues).sort() : []).toEqual(Object.keys(longest).sort());
		expect(over.left).toContain(letters(1001));
	});

	it('is not cut off a name in a file of fields', () => {
		const geometry = {
			type: 'Polygon',
			coordinates: [
				[
					[0, 0],
					[0, 0.01],
					[0.01, 0.01],
					[0, 0]
				]
			]
		};
		const read = groundOfGeoJson({ type: 'Feature', properties: { name: letters(200) }, geometry });
		expect(read?.found[0]?.name).toBe(letters(200));
	});
});

const sprayer = numbersOf(testSprayer);
const at = '2026-03-20T08:00:00.000Z';
const id = '01900000-0000-7000-8000-000000000001';
const field: PlanSheet = { area: si(1e5), rate: si(2e-5), tank: si(0.6), split: 'equal', products: [] };
const weather = {
	from: 'S',
	wind: null,
	gust: null,
	temperature: null,
	humidity: '',
	sky: null,
	dew: null,
	lastRain: ''
} as const;
const asked = (name: string, text: string) => ({
	...Object.fromEntries(askedFields.map((one) => [one, one === 'operator' ? 'A. Sample' : ''])),
	[name]: text
});

/** Every text that a person writes into an entry, and how long it may be. */
const ofCalibrations: Readonly<Record<string, readonly [number, (text: string) => EntryBody]>> = {
	'who carried': [80, (name) => ({ kind: 'person', name })],
	'who signed': [80, (person) => ({ ...signOff, person })],
	gear: [80, (gear) => ({ ...signOff, gear })],
	'remarks of a calibration': [1000, (remarks) => ({ ...signOff, remarks })],
	'what was noted': [200, (text) => ({ kind: 'noted', what: 'strokes', text })]
};
const ofRuns: Readonly<Record<string, readonly [number, (text: string) => RunEntryBody]>> = {
	'who ticked': [80, (by) => ({ kind: 'tick', load: 1, step: 1, poured: null, by })],
	'reason for going on': [300, (reason) => ({ kind: 'pass', code: 'over-max', about: '', reason })],
	'reason to spray': [
		300,
		(reason) => ({ kind: 'weather', when: 'before', source: 'hand', weather, decision: 'spray', reason })
	],
	'remarks of a close': [
		1000,
		(remarks) => ({ kind: 'close', done: { by: 'area', area: t('1 ha', 'ha') }, left: t('0 L', 'L'), remarks })
	],
	'name of a dye': [80, (name) => ({ kind: 'dye', dye: { name, state: 'liquid', dose: t('1 L/ha', 'L/ha') } })],
	...Object.fromEntries(
		askedFields.map((name) => [
			`${name} of a record`,
			[longestAsked(name), (text: string) => ({ kind: 'record', asked: asked(name, text), passed: [] }) as RunEntryBody]
		])
	)
};

describe('a text of an entry', () => {
	it.each(Object.entries(ofCalibrations))(
		'is kept by the device where the server takes it, and told where not: %s',
		(_, [most, of]) => {
			const told = (text: string) => checkEntry(of(text), sprayer).map((i) => i.code);
			const taken = (text: string) => entrySchema.safeParse({ id, seq: 0, at, ...of(text) }).success;
			expect([told(letters(most)), taken(letters(most))]).toEqual([[], true]);
			expect([told(letters(most + 1)), taken(letters(most + 1))]).toEqual([['too-long'], false]);
		}
	);

	it.each(Object.entries(ofRuns))(
		'is kept by the device where the server takes it, and told where not: %s',
		(_, [most, of]) => {
			const told = (text: string) => checkRunEntry(of(text), field).map((i) => i.code);
			const taken = (text: string) => runEntrySchema.safeParse({ id, seq: 0, at, ...of(text) }).success;
			expect([told(letters(most)), taken(letters(most))]).toEqual([[], true]);
			expect([told(letters(most + 1)), taken(letters(most + 1))]).toEqual([['too-long'], false]);
		}
	);

	it('is no quantity of more than 60 letters, however it could be read', () => {
		const long = `0.${'1'.repeat(59)}`;
		const entry: EntryBody = { kind: 'catch', nozzle: 1, amount: t(long, 'L'), why: 'first' };
		expect(checkEntry(entry, sprayer).map((i) => [i.code, i.path])).toEqual([['too-long', 'amount']]);
		expect(entrySchema.safeParse({ id, seq: 0, at, ...entry }).success).toBe(false);
	});
});
