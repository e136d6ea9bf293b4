import { expect, it } from 'vitest';
import { outlinedArea } from '../../src/lib/forms/block';
import { readGround } from '../../src/lib/device/read-ground';
import { shapefile } from '../support/shapefile';

const file = (name: string, data: Buffer) => ({
	name,
	size: data.length,
	text: async () => data.toString(),
	arrayBuffer: async () => data.buffer.slice(data.byteOffset, data.byteOffset + data.length) as ArrayBuffer
});

it('a zipped shapefile brings its polygons with their names, in degrees', async () => {
	const square = (east: number): [number, number][] => [
		[8.5 + east, 47.1],
		[8.5 + east, 47.101],
		[8.501 + east, 47.101],
		[8.501 + east, 47.1],
		[8.5 + east, 47.1]
	];
	const read = await readGround(
		file(
			'ground.zip',
			shapefile([
				{ name: 'Lower bank', ring: square(0) },
				{ name: 'Upper bank', ring: square(0.01) }
			])
		)
	);
	if (!read.ok) throw new Error(read.problem);
	expect(read.found.map((f) => f.name)).toEqual(['Lower bank', 'Upper bank']);
	// A thousandth of a degree each way at 47.1° north is about 75.9 m by 111.2 m.
	for (const { boundary } of read.found) {
		const area = outlinedArea(boundary)!;
		expect(area).toBeGreaterThan(8300);
		expect(area).toBeLessThan(8500);
	}
});
