import { crc32 } from 'node:zlib';

type Ring = readonly (readonly [longitude: number, latitude: number])[];

/** A polygon shapefile's geometry: its header and one record of one ring. */
function shp(rings: readonly Ring[]): Buffer {
	const records = rings.map((ring, i) => {
		const body = Buffer.alloc(44 + 4 + ring.length * 16);
		body.writeInt32LE(5, 0);
		const xs = ring.map((p) => p[0]);
		const ys = ring.map((p) => p[1]);
		[Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)].forEach((v, at) =>
			body.writeDoubleLE(v, 4 + at * 8)
		);
		body.writeInt32LE(1, 36);
		body.writeInt32LE(ring.length, 40);
		body.writeInt32LE(0, 44);
		ring.forEach(([x, y], at) => {
			body.writeDoubleLE(x, 48 + at * 16);
			body.writeDoubleLE(y, 56 + at * 16);
		});
		const head = Buffer.alloc(8);
		head.writeInt32BE(i + 1, 0);
		head.writeInt32BE(body.length / 2, 4);
		return Buffer.concat([head, body]);
	});
	const header = Buffer.alloc(100);
	header.writeInt32BE(9994, 0);
	header.writeInt32BE((100 + records.reduce((n, r) => n + r.length, 0)) / 2, 24);
	header.writeInt32LE(1000, 28);
	header.writeInt32LE(5, 32);
	return Buffer.concat([header, ...records]);
}

/** A table of one column of text, `NAME`. */
function dbf(names: readonly string[]): Buffer {
	const width = 40;
	const header = Buffer.alloc(65);
	header.writeUInt8(3, 0);
	header.writeUInt32LE(names.length, 4);
	header.writeUInt16LE(65, 8);
	header.writeUInt16LE(width + 1, 10);
	header.write('NAME', 32, 'latin1');
	header.write('C', 43, 'latin1');
	header.writeUInt8(width, 48);
	header.writeUInt8(0x0d, 64);
	return Buffer.concat([
		header,
		...names.map((n) => Buffer.from(` ${n.padEnd(width)}`, 'latin1')),
		Buffer.from([0x1a])
	]);
}

/** Files in a zip, stored as they are. */
function zip(files: Readonly<Record<string, Buffer>>): Buffer {
	const parts: Buffer[] = [];
	const directory: Buffer[] = [];
	let at = 0;
	for (const [name, data] of Object.entries(files)) {
		const sum = crc32(data);
		const local = Buffer.alloc(30);
		local.writeUInt32LE(0x04034b50, 0);
		local.writeUInt16LE(20, 4);
		const central = Buffer.alloc(46);
		central.writeUInt32LE(0x02014b50, 0);
		central.writeUInt16LE(20, 4);
		central.writeUInt16LE(20, 6);
		for (const [head, base] of [
			[local, 14],
			[central, 16]
		] as const) {
			head.writeUInt32LE(sum, base);
			head.writeUInt32LE(data.length, base + 4);
			head.writeUInt32LE(data.length, base + 8);
			head.writeUInt16LE(name.length, base + 12);
		}
		central.writeUInt32LE(at, 42);
		parts.push(local, Buffer.from(name), data);
		directory.push(central, Buffer.from(name));
		at += 30 + name.length + data.length;
	}
	const size = directory.reduce((n, b) => n + b.length, 0);
	const end = Buffer.alloc(22);
	end.writeUInt32LE(0x06054b50, 0);
	end.writeUInt16LE(directory.length / 2, 8);
	end.writeUInt16LE(directory.length / 2, 10);
	end.writeUInt32LE(size, 12);
	end.writeUInt32LE(at, 16);
	return Buffer.concat([...parts, ...directory, end]);
}

const wgs84 =
	'GEOGCS["GCS_WGS_1984",DATUM["D_WGS_1984",SPHEROID["WGS_1984",6378137.0,298.257223563]],PRIMEM["Greenwich",0.0],UNIT["Degree",0.0174532925199433]]';

/** A zipped shapefile of polygons with names, as a mapping program would write it. */
export const shapefile = (shapes: readonly { readonly name: string; readonly ring: Ring }[]): Buffer =>
	zip({
		'ground.shp': shp(shapes.map((s) => s.ring)),
		'ground.dbf': dbf(shapes.map((s) => s.name)),
		'ground.prj': Buffer.from(wgs84)
	});
