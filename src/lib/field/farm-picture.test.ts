import { describe, expect, it } from 'vitest';
import type { Boundary, Position } from '../../core';
import { farmPicture, placeLabels, scaleBar } from './farm-picture';

const square = (lon: number, lat: number, side = 0.002): Boundary => {
	const ring: Position[] = [
		[lon, lat],
		[lon + side, lat],
		[lon + side, lat + side],
		[lon, lat + side]
	];
	return [[[...ring, ring[0]!]]];
};
const frame = { width: 600, height: 400, pad: 20 };

describe('the picture of the farm', () => {
	it('keeps blocks where they lie to each other, north up, inside the frame', () => {
		const picture = farmPicture([square(-10.25, -30.5), null, square(-10.245, -30.496)], frame)!;
		const [first, second] = picture.shapes;
		expect(picture.shapes.map((s) => s.index)).toEqual([0, 2]);
		expect(second!.x).toBeGreaterThan(first!.x);
		expect(second!.y).toBeLessThan(first!.y);
		for (const s of picture.shapes) {
			expect(s.x - s.width / 2).toBeGreaterThanOrEqual(19.9);
			expect(s.x + s.width / 2).toBeLessThanOrEqual(580.1);
			expect(s.y - s.height / 2).toBeGreaterThanOrEqual(19.9);
			expect(s.y + s.height / 2).toBeLessThanOrEqual(380.1);
		}
	});

	it('is to scale: a thousandth of a degree of latitude is 111 m', () => {
		const picture = farmPicture([square(5, 0, 0.001)], frame)!;
		expect(picture.shapes[0]!.height * picture.metres).toBeCloseTo(111.2, 1);
		const north = farmPicture([square(5, 60, 0.001)], frame)!.shapes[0]!;
		expect(north.width / north.height).toBeCloseTo(0.5, 2);
	});

	it('holds together over the date line', () => {
		const picture = farmPicture([square(179.999, 10), square(-179.997, 10)], frame)!;
		expect(picture.metres * frame.width).toBeLessThan(1000);
	});

	it('has nothing to show without a boundary', () => {
		expect(farmPicture([null, null], frame)).toBeNull();
		expect(farmPicture([], frame)).toBeNull();
	});
});

describe('labels', () => {
	const shape = (index: number, x: number, y: number, width: number, height: number) => ({
		index,
		path: '',
		x,
		y,
		width,
		height
	});
	it('stand on a shape with room, beside one without, and never on each other', () => {
		const shapes = [shape(0, 200, 200, 200, 150), shape(1, 400, 200, 30, 30), shape(2, 420, 230, 20, 20)];
		const sizes = shapes.map(() => ({ width: 110, height: 40 }));
		const placed = placeLabels(shapes, sizes, frame);
		expect(placed[0]).toEqual({ x: 200, y: 200, beside: false });
		expect(placed[1]!.beside).toBe(true);
		const [a, b] = [placed[1]!, placed[2]!];
		expect(Math.abs(a.x - b.x) >= 110 || Math.abs(a.y - b.y) >= 40).toBe(true);
	});
	it('are left out where no place is free', () => {
		const tiny = { width: 100, height: 30, pad: 0 };
		const shapes = [shape(0, 50, 15, 90, 28), shape(1, 50, 15, 10, 10)];
		expect(
			placeLabels(
				shapes,
				[
					{ width: 90, height: 28 },
					{ width: 90, height: 28 }
				],
				tiny
			)[1]
		).toBeNull();
	});
});

describe('the bar of the scale', () => {
	it.each([
		[1, 120, 1, 100, 100],
		[3, 100, 1, 200, 66.67],
		[0.4, 100, 0.3048, 100, 76.2]
	])('at %d m a pixel, %d px, units of %d m', (metres, room, unit, count, px) => {
		const bar = scaleBar(metres, room, unit);
		expect(bar.count).toBe(count);
		expect(bar.px).toBeCloseTo(px, 1);
	});
});
