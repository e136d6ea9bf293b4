import { describe, expect, it } from 'vitest';
import { readRecordFile } from '../../src/lib/files/record-files';
import { emptyBlockForm, readBlockForm } from '../../src/lib/forms/block';
import { emptyNozzleText, readNozzleText } from '../../src/lib/forms/nozzle-text';
import { groundOfGeoJson } from '../../src/lib/ground/boundary';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { tooLong } from '../../src/lib/settings/too-long';
import { wordIssue } from '../../src/lib/wording/issues';

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
