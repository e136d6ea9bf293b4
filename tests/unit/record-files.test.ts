import { describe, expect, it } from 'vitest';
import type { Boundary, SprayRecord } from '../../src/core';
import { calibrationDue } from '../../src/core';
import { calendarFile } from '../../src/lib/files/calendar';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { recordColumns, recordLines } from '../../src/lib/files/record-csv';
import { readRecordFile } from '../../src/lib/files/record-files';
import { recordFeatures } from '../../src/lib/files/record-geojson';
import { recordFacts } from '../../src/lib/show/record-facts';
import { sealWords } from '../../src/lib/wording/seals';
import { wordIssue } from '../../src/lib/wording/issues';
import { t } from '../support/entries';

const settings = { ...defaultSettings, timeZone: 'Etc/GMT-2' };
const known = {
	blocks: [{ id: '01900000-0000-7000-8000-00000000000a', name: 'Long meadow' }],
	products: [{ id: '01900000-0000-7000-8000-00000000000b', name: 'Sample Umber' }]
};
const read = (text: string, by = settings) => readRecordFile(text, by, known);
const values = (text: string) => read(text).rows.flatMap((r) => (r.ok ? [r.value] : []));
const head = 'day,started,ended,blocks,area,product,dose,total,volume,operator,target';

describe('records from a CSV file', () => {
	it('are read as a person wrote them, with the farm’s own clock', () => {
		const [one] = values(
			`${head}\n2025-04-02,07:30,09:10,Long meadow,3.2 ha,Sample Umber,1.5 L/ha,,150 L/ha,A. Sample,Thistles`
		);
		expect(one).toMatchObject({
			id: '',
			record: {
				day: '2025-04-02',
				startedAt: '2025-04-02T05:30:00.000Z',
				endedAt: '2025-04-02T07:10:00.000Z',
				blocks: [{ id: known.blocks[0]!.id, name: 'Long meadow', share: 1 }],
				operator: 'A. Sample',
				target: 'Thistles',
				takenIn: true,
				products: [{ id: known.products[0]!.id, kind: 'volume', dose: { text: '1.5 L/ha' } }]
			}
		});
		// 1.5 L/ha on 3.2 ha; 150 L/ha on it.
		expect(one!.record.products[0]!.total).toBeCloseTo(0.0048, 12);
		expect(one!.record.mix).toBeCloseTo(0.48, 12);
		expect(one!.record.trueVolume).toBeCloseTo(0.015 / 1000, 12);
	});

	it('tell a total from a share of the mix, and a dose from a total', () => {
		const rows = values(
			`day,blocks,area,product,dose,total,mix,operator\n` +
				`2025-04-02,Yard,2 ha,Sample Tuff,0.5 %,,400 L,A. Sample\n` +
				`2025-04-03,Yard,2 ha,Sample Chalk,,3 kg,,A. Sample\n` +
				`2025-04-04,Yard,2 ha,,,,,A. Sample`
		);
		expect(rows.map((r) => r.record.products.map((p) => [p.kind, Number(p.total.toFixed(9))]))).toEqual([
			[['volume', 0.002]],
			[['mass', 3]],
			[]
		]);
		expect(rows[1]!.record.products[0]!.dose.text).toBe('1.5 kg/ha');
		// Nothing tells the volume: the facts are silent on it and do not say that nothing was sprayed.
		expect(recordFacts(rows[2]!.record, settings).map((f) => f.what)).not.toContain('Volume');
		expect(rows[0]!.record.blocks[0]!.id).toBe('');
	});

	it('end after midnight where the end is before the start', () => {
		const [one] = values(`${head}\n2025-04-02,22:30,01:10,Yard,3 ha,,,,,A. Sample,`);
		expect(one!.record.endedAt).toBe('2025-04-02T23:10:00.000Z');
	});

	it('never take a day that no calendar has for the next one', () => {
		const found = read(
			`${head}\n2026-02-30,,,Yard,3 ha,,,,,A. Sample,\n2026-02-28,2026-02-30T08:00Z,,Yard,3 ha,,,,,A. Sample,`
		);
		expect(found.rows.map((r) => (r.ok ? 'taken' : r.issues[0]!.path))).toEqual(['day', 'started']);
	});

	it('name each bad row with its line, what is wrong and an example, and take the rest', () => {
		const found = read(
			`${head}\n2025-04-02,,,Yard,3 ha,,,,,A. Sample,\n02.04.2025,,,Yard,3 ha,,,,,A. Sample,\n2025-04-05,25:00,,,three ha,Sample X,,,,,`
		);
		expect(found.rows.map((r) => [r.line, r.ok])).toEqual([
			[2, true],
			[3, false],
			[4, false]
		]);
		const words = found.rows.flatMap((r) => (r.ok ? [] : r.issues.map((i) => `${r.line} ${i.path}: ${wordIssue(i)}`)));
		expect(words[0]).toBe('3 day: “02.04.2025” cannot be read as a day. Write it like 2026-03-14.');
		expect(words.filter((w) => w.startsWith('4')).map((w) => w.split(':')[0])).toEqual([
			'4 blocks',
			'4 operator',
			'4 area',
			'4 started',
			'4 total'
		]);
		// What is left is the head and the two bad rows, to be mended and read again.
		expect(found.left.split('\n')).toHaveLength(3);
		expect(found.left.split('\n')[0]).toBe(head);
		expect(read('a,b\n1,2').lacking).toEqual(['day', 'blocks', 'operator']);
	});

	it('keep the lines of one record together: with one bad line all of it stays out', () => {
		const text = (third: string) =>
			`record,day,blocks,area,product,total,operator\nr1,2025-04-02,Yard,2 ha,Sample A,1 L,A. Sample\nr2,2025-04-03,Yard,2 ha,Sample A,1 L,A. Sample\nr1,2025-04-02,Yard,2 ha,Sample B,${third},A. Sample`;
		expect(values(text('500 g')).map((v) => [v.id, v.record.products.map((p) => p.name)])).toEqual([
			['r1', ['Sample A', 'Sample B']],
			['r2', ['Sample A']]
		]);
		const bad = read(text('some'));
		expect(values(text('some')).map((v) => v.id)).toEqual(['r2']);
		expect(
			bad.left
				.split('\n')
				.slice(1)
				.every((l) => l.startsWith('r1'))
		).toBe(true);
		expect(bad.left.split('\n')).toHaveLength(3);
		// Two lines that differ in more than their product are no one record.
		const odd = text('500 g').replace('r1,2025-04-02,Yard,2 ha,Sample B', 'r1,2025-04-02,Yard,3 ha,Sample B');
		const row = read(odd).rows.find((r) => !r.ok)!;
		expect(row.ok ? '' : wordIssue(row.issues[0]!)).toContain('“r1” differ');
	});
});

const record: SprayRecord = {
	format: 'fallow-record/1',
	day: '2025-05-01',
	startedAt: '2025-05-01T06:00:00.000Z',
	endedAt: '2025-05-01T08:00:00.000Z',
	blocks: [
		{ id: known.blocks[0]!.id, name: 'Long meadow', area: 20_000, share: 0.5, part: null },
		{ id: 'x', name: 'Other; "ground"', area: 10_000, share: 1, part: null }
	],
	area: 20_000,
	products: [
		{
			id: 'p',
			name: 'Sample Umber',
			registration: 'S-1',
			group: '3',
			dose: t('1.5', 'L/ha'),
			kind: 'volume',
			total: 0.003,
			perGround: 1.5e-7,
			entryHours: 12,
			harvestDays: 21,
			plantBack: [{ crop: 'Linseed', days: 90 }]
		},
		{
			id: 'q',
			name: 'Sample Chalk',
			registration: '',
			group: '',
			dose: t('1 kg/ha', 'kg/ha'),
			kind: 'mass',
			total: 2,
			perGround: 1e-4,
			entryHours: null,
			harvestDays: null
		}
	],
	plannedVolume: 1.5e-5,
	trueVolume: 1.52e-5,
	mix: 0.304,
	sprayer: 'Boom',
	calibrationId: null,
	speed: 2,
	weather: { before: null, end: null },
	operator: 'A. Sample',
	licence: '12',
	crop: 'Linseed',
	stage: '',
	condition: '',
	target: 'Thistles',
	waterSource: 'well',
	buffer: '',
	remarks: 'calm, "dry"'
};

describe('records that went out come in again', () => {
	const id = '01900000-0000-7000-8000-0000000000ff';

	it('as JSON: the same to the last figure, and marked as from a file', () => {
		const later = { format: 'fallow-amendment/1', by: 'B. Sample', at: '2025-05-02T08:00:00Z', text: 'It was windy.' };
		const [one] = values(JSON.stringify({ format: 'fallow-log/1', records: [{ id, ...record, amendments: [later] }] }));
		expect(one).toEqual({ id, record: { ...record, takenIn: true }, amendments: [later] });
		const bad = read(JSON.stringify({ format: 'fallow-log/1', records: [{ id, ...record, area: -1 }, 7] }));
		expect(bad.rows.map((r) => (r.ok ? '' : `${r.line} ${r.issues[0]!.path}`))).toEqual(['1 area', '2 format']);
		expect(read('{"format": "fallow-log/1"').lacking).toEqual(['format', 'records']);
	});

	it('as CSV: what a spreadsheet holds of them, exactly', () => {
		const [one] = values(`${recordColumns.join(',')}\r\n${recordLines(id, record)}\r\n`);
		expect(one!.id).toBe(id);
		const { products, area, mix, trueVolume, day, startedAt, endedAt, operator, remarks } = one!.record;
		expect({ area, mix, trueVolume, day, startedAt, endedAt, operator, remarks }).toEqual({
			area: record.area,
			mix: record.mix,
			trueVolume: record.trueVolume,
			day: record.day,
			startedAt: record.startedAt,
			endedAt: record.endedAt,
			operator: record.operator,
			remarks: record.remarks
		});
		expect(products.map((p) => [p.name, p.kind, p.total, p.entryHours, p.harvestDays])).toEqual([
			['Sample Umber', 'volume', 0.003, 12, 21],
			['Sample Chalk', 'mass', 2, null, null]
		]);
	});

	it('as GeoJSON: a feature a block, without a shape where none is known', () => {
		const outline: Boundary = [
			[
				[
					[8, 47],
					[8.1, 47],
					[8.1, 47.1],
					[8, 47]
				]
			]
		];
		const features = recordFeatures(id, record, (block) => (block === known.blocks[0]!.id ? outline : null)).map(
			(line) => JSON.parse(line) as { geometry: unknown; properties: Record<string, unknown> }
		);
		expect(features.map((f) => [f.properties.block, f.properties.area_m2, f.geometry])).toEqual([
			['Long meadow', 10_000, { type: 'MultiPolygon', coordinates: outline }],
			['Other; "ground"', 10_000, null]
		]);
		expect(features[0]!.properties).toMatchObject({ day: '2025-05-01', operator: 'A. Sample' });
	});
});

describe('the calendar of what is due', () => {
	const rules = { seasonStart: '03-01', days: null, hours: null, area: null, abrasiveHours: null };
	const due = calibrationDue(
		{ signed: '2026-04-01', event: null, hours: 0, area: 0, abrasiveHours: 0, others: [] },
		rules,
		'2026-05-01'
	);
	const state = {
		block: 'Hazel rows, north',
		entry: { until: Date.parse('2026-05-02T09:30:00Z') / 1000, whole: 43_200, product: 'Sample Tuff' },
		harvest: { day: '2026-05-20', days: 19, whole: 21, product: 'Sample Ochre' },
		plantBack: [{ crop: 'Linseed', day: '2026-08-01', days: 90, whole: 91, product: 'Sample Tuff' }],
		notEntered: [{ product: 'Sample Gneiss', what: ['entry'] as const }]
	};
	const file = (now = Date.parse('2026-05-01T12:00:00Z')) =>
		calendarFile({ name: 'Test farm', settings }, [{ id: 's1', name: 'Boom', due }], [state], now);
	/** Lines as they are once folds are undone. */
	const lines = (text: string) => text.replace(/\r\n[ \t]/g, '').split('\r\n');

	it('has calibrations and intervals on their day, and the end of re-entry as a moment', () => {
		const all = lines(file());
		expect(all[0]).toBe('BEGIN:VCALENDAR');
		expect(all.filter((l) => l === 'BEGIN:VEVENT')).toHaveLength(4);
		expect(all.filter((l) => l.startsWith('SUMMARY'))).toEqual([
			'SUMMARY:Calibrate Boom',
			'SUMMARY:Hazel rows\\, north: people may go in again',
			'SUMMARY:Hazel rows\\, north: harvest from today on',
			'SUMMARY:Hazel rows\\, north: linseed may be sown from today on'
		]);
		expect(all.filter((l) => l.startsWith('DTSTART'))).toEqual([
			'DTSTART;VALUE=DATE:20270301',
			'DTSTART:20260502T093000Z',
			'DTSTART;VALUE=DATE:20260520',
			'DTSTART;VALUE=DATE:20260801'
		]);
		expect(all.filter((l) => l.startsWith('DTEND;VALUE=DATE'))[0]).toBe('DTEND;VALUE=DATE:20270302');
	});

	it('keeps the ids of its events, so that a calendar brings them up to date', () => {
		const ids = (text: string) => lines(text).filter((l) => l.startsWith('UID'));
		expect(new Set(ids(file())).size).toBe(4);
		expect(ids(file(Date.parse('2026-05-03T12:00:00Z')))).toEqual(ids(file()));
	});
});

it('a look through the seals is told in one sentence', () => {
	expect(sealWords({ checked: 1, broken: null })).toMatch(/^✓ 1 record verified/);
	expect(sealWords({ checked: 3, broken: { place: 4, why: 'gone' } })).toBe(
		'✕ The seal of record 4 does not match: one before it is gone. The 3 before it are verified.'
	);
});
