import { describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import type { Boundary } from '../../src/core';
import { readGround } from '../../src/lib/device/read-ground';
import { blockForm, emptyBlockForm, readBlockForm } from '../../src/lib/forms/block';
import { blocksGeoJson, cornersText, groundOfGeoJson, readCorners } from '../../src/lib/ground/boundary';
import { wordIssue } from '../../src/lib/wording/issues';
import { metric } from '../support/calibration-state';

const square: Boundary = [
	[
		[
			[8, 50],
			[8.002, 50],
			[8.002, 50.001],
			[8, 50.001],
			[8, 50]
		]
	]
];
const file = (name: string, text: string, size = text.length) => ({
	name,
	size,
	text: () => Promise.resolve(text),
	arrayBuffer: () => Promise.resolve(new TextEncoder().encode(text).buffer as ArrayBuffer)
});

describe('boundaries from a file', () => {
	it('go out as GeoJSON and come back in as the same', async () => {
		const kept = demoBlocks.map((block, i) => ({ id: `b${i}`, block, area: 1 }));
		const read = await readGround(file('ground.geojson', blocksGeoJson(kept)));
		const outlined = demoBlocks.filter((b) => b.boundary);
		expect(read.ok && read.found.map((f) => [f.name, f.boundary, f.issues])).toEqual(
			outlined.map((b) => [b.name, b.boundary, []])
		);
	});

	it('are read from features, geometries and collections, heights left away, others counted', () => {
		const polygon = { type: 'Polygon', coordinates: square[0]!.map((r) => r.map((p) => [...p, 412])) };
		expect(groundOfGeoJson(polygon)?.found).toMatchObject([{ name: 'Field 1', boundary: square }]);
		const feature = { type: 'Feature', properties: { FIELD: 'Low field' }, geometry: polygon };
		const point = { type: 'Feature', properties: null, geometry: { type: 'Point', coordinates: [8, 50] } };
		const all = { type: 'FeatureCollection', features: [feature, point, { type: 'Feature', geometry: null }] };
		expect(groundOfGeoJson(all)).toMatchObject({ found: [{ name: 'Low field' }], others: 2 });
		expect(groundOfGeoJson([all, all])?.found).toHaveLength(2);
		expect(groundOfGeoJson({ type: 'GeometryCollection', geometries: [polygon] })?.found).toHaveLength(1);
		for (const none of [4, null, {}, { type: 'FeatureCollection' }, 'x']) expect(groundOfGeoJson(none)).toBeNull();
	});

	it('are named with what is wrong and where, beside those that are right', async () => {
		const ring = (...c: number[][]) => ({
			type: 'Feature',
			properties: {},
			geometry: { type: 'Polygon', coordinates: [c] }
		});
		const json = JSON.stringify({
			type: 'FeatureCollection',
			features: [
				{ type: 'Feature', properties: { name: 'Good' }, geometry: { type: 'MultiPolygon', coordinates: square } },
				ring([0, 0], [2, 2], [2, 0], [0, 2], [0, 0]),
				ring([0, 0], [2, 0], [2, 2], [0, 2]),
				ring([50.1, 108], [50.2, 108], [50.2, 108.1], [50.1, 108])
			]
		});
		const read = await readGround(file('fields.json', json));
		expect(read.ok && read.found.map((f) => f.issues.map((i) => i.code).join())).toEqual([
			'',
			'ring-crosses',
			'ring-open',
			'not-degrees'
		]);
		expect(read.ok && wordIssue(read.found[1]!.issues[0]!)).toContain('crosses itself at 1.000000, 1.000000');
	});

	it('refuse a file by its size before it is read, and say what else is wrong', async () => {
		const huge = { ...file('huge.geojson', '', 50_000_000), text: () => Promise.reject(new Error('was read')) };
		const told = async (f: Parameters<typeof readGround>[0]) => {
			const read = await readGround(f);
			return read.ok ? '' : read.problem;
		};
		expect(await told(huge)).toContain('is 50 MB; up to 10 MB works');
		expect(await told(file('a.json', '{ broken'))).toContain('its JSON is broken');
		expect(await told(file('a.geojson', '[]'))).toContain('no polygons');
		expect(await told(file('a.geojson', '{"a": 1}'))).toContain('is not GeoJSON');
		expect(await told(file('a.zip', 'no zip'))).toContain('is not a zipped shapefile');
		expect(await told(file('a.shp', ''))).toContain('one part of a shapefile');
		const line = '{"type": "LineString", "coordinates": [[0, 0], [1, 1]]}';
		expect(await told(file('a.json', line))).toContain('only 1 points, lines or empty shapes');
	});
});

describe('corners as they are typed', () => {
	it('go both ways', () => {
		expect(readCorners(cornersText(square))).toEqual({ ok: true, value: square });
		expect(readCorners('  \n')).toEqual({ ok: true, value: null });
		expect(readCorners('50 8\n50; 8.002\n50.001,8.002')).toMatchObject({ ok: true });
		expect(readCorners('-50.5, -8\n-50.5, -7.99\n-50.4, -7.99')).toMatchObject({
			value: [
				[
					[
						[-8, -50.5],
						[-7.99, -50.5],
						[-7.99, -50.4],
						[-8, -50.5]
					]
				]
			]
		});
	});
	it.each([
		['50, 8\nhere', 'Write it like 47.10512, 8.50321'],
		['50, 8, 3\n50, 8\n51, 8', 'Write it like'],
		['0, 0\n2, 2\n0, 2\n2, 0', 'crosses itself at 1.000000, 1.000000'],
		['108, 8\n108, 9\n107, 9', 'no place on the earth'],
		['50, 8\n51, 8', 'three or more']
	])('that are wrong: %s', (text, words) => {
		const read = readCorners(text);
		expect(read.ok ? '' : wordIssue(read.issues[0]!)).toContain(words);
	});
});

describe('a block’s form', () => {
	it('goes both ways for every block of the demo farm', () => {
		for (const block of demoBlocks) {
			const read = readBlockForm(blockForm(block, metric), block, metric);
			if (!read.ok) throw new Error(JSON.stringify(read.issues));
			expect({ ...read.value, extent: read.value.extent.by }).toEqual({ ...block, extent: block.extent.by });
		}
	});
	it.each([
		[{ name: '' }, 'name'],
		[{ area: '' }, 'area'],
		[{ area: '3 L' }, 'area'],
		[{ by: 'sides', length: '10', width: 'x' }, 'width'],
		[{ by: 'rows', rows: '2.5', length: '100', spacing: '5' }, 'rows'],
		[{ by: 'rows', rows: '', length: '100', spacing: '5' }, 'rows'],
		[{ by: 'trees', trees: '10', inRow: '4', spacing: '500 km' }, 'spacing'],
		[{ by: 'boundary' }, 'boundary'],
		[{ kind: 'lake' }, 'kind']
	])('tells what is wrong at its field: %o', (change, path) => {
		const form = { ...emptyBlockForm, name: 'Test', area: '2', ...change };
		const read = readBlockForm(form, { neighbours: [], boundary: null }, metric);
		expect(read.ok ? [] : read.issues.map((i) => i.path.split('.')[0])).toContain(path);
	});
});
