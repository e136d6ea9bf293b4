import type { Boundary } from '../../core';

/** A block's shape in the picture of the farm, in pixels. */
export interface PictureShape {
	/** Its place in the list that was given. */
	readonly index: number;
	readonly path: string;
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

export interface FarmPicture {
	readonly shapes: readonly PictureShape[];
	/** Metres that one pixel is. */
	readonly metres: number;
}

interface Frame {
	readonly width: number;
	readonly height: number;
	readonly pad: number;
}

/** Mean radius of the earth, m: good for a picture, never for an area. */
const radius = 6_371_008.8;
const radians = Math.PI / 180;

/**
 * Boundaries as they lie to each other, north up, in one scale that fills the frame. Blocks without a boundary are left
 * out. Null where no block has one.
 */
export function farmPicture(boundaries: readonly (Boundary | null)[], frame: Frame): FarmPicture | null {
	const first = boundaries.find((b) => b && b.length > 0)?.[0]?.[0]?.[0];
	if (!first) return null;
	const [lon0, lat0] = first;
	/** Metres east and north of the first corner; over the date line too. */
	const flat = ([lon, lat]: readonly [number, number]): [number, number] => [
		(((((lon - lon0 + 180) % 360) + 360) % 360) - 180) * Math.cos(lat0 * radians) * radius * radians,
		(lat - lat0) * radius * radians
	];
	const grounds = boundaries.flatMap((b, index) =>
		b && b.length > 0 ? [{ index, rings: b.flatMap((outline) => outline.map((ring) => ring.map(flat))) }] : []
	);
	const all = grounds.flatMap((g) => g.rings.flat());
	const xs = all.map(([x]) => x);
	const ys = all.map(([, y]) => y);
	const [left, right, bottom, top] = [least(xs), most(xs), least(ys), most(ys)];
	const metres = Math.max(
		(right - left) / Math.max(1, frame.width - 2 * frame.pad),
		(top - bottom) / Math.max(1, frame.height - 2 * frame.pad),
		0.01
	);
	const px = (x: number) => frame.width / 2 + (x - (left + right) / 2) / metres;
	const py = (y: number) => frame.height / 2 - (y - (bottom + top) / 2) / metres;
	return {
		metres,
		shapes: grounds.map(({ index, rings }) => {
			const points = rings.map((ring) => ring.map(([x, y]): [number, number] => [px(x), py(y)]));
			const own = points.flat();
			const [x0, x1] = [least(own.map(([x]) => x)), most(own.map(([x]) => x))];
			const [y0, y1] = [least(own.map(([, y]) => y)), most(own.map(([, y]) => y))];
			return {
				index,
				path: points.map((ring) => `M${ring.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`).join(''),
				x: (x0 + x1) / 2,
				y: (y0 + y1) / 2,
				width: x1 - x0,
				height: y1 - y0
			};
		})
	};
}

// A boundary may have more corners than a call takes arguments.
const least = (list: readonly number[]) => list.reduce((a, b) => Math.min(a, b), Infinity);
const most = (list: readonly number[]) => list.reduce((a, b) => Math.max(a, b), -Infinity);

export interface PlacedLabel {
	/** The middle of the label. */
	readonly x: number;
	readonly y: number;
	/** Whether it stands beside its shape, not on it. */
	readonly beside: boolean;
}

/**
 * A place for each label: on its shape where it has room, else above, below or beside it, inside the frame and on no
 * label placed before; large shapes first. Null where none is free: the list names the block.
 */
export function placeLabels(
	shapes: readonly PictureShape[],
	sizes: readonly { readonly width: number; readonly height: number }[],
	frame: Frame
): (PlacedLabel | null)[] {
	const placed: { x: number; y: number; width: number; height: number }[] = [];
	const answer: (PlacedLabel | null)[] = shapes.map(() => null);
	const order = shapes.map((_, i) => i).sort((a, b) => area(shapes[b]!) - area(shapes[a]!));
	/** Slid along the edge it must not come to lie on another shape, or beside its own on it. */
	const clear = (i: number, x: number, y: number) =>
		(x === shapes[i]!.x && y === shapes[i]!.y) || shapes.every((s) => !overlap({ x, y, ...sizes[i]! }, s));
	for (const i of order) {
		const [shape, size] = [shapes[i]!, sizes[i]!];
		const roomy = shape.width >= size.width && shape.height >= size.height;
		const [dx, dy] = [(shape.width + size.width) / 2 + 6, (shape.height + size.height) / 2 + 4];
		const beside = [
			[shape.x, shape.y - dy],
			[shape.x, shape.y + dy],
			[shape.x + dx, shape.y],
			[shape.x - dx, shape.y]
		] as const;
		// Above and below may slide along the edge of the frame, and beside up and down.
		const slide = ([x, y]: readonly [number, number]) =>
			[within(x, size.width, frame.width), within(y, size.height, frame.height)] as const;
		const tries = roomy
			? [[shape.x, shape.y] as const, ...beside.map(slide)]
			: [...beside.map(slide), [shape.x, shape.y] as const];
		const free = tries.find(([x, y]) => {
			const inside =
				x - size.width / 2 >= 0 &&
				x + size.width / 2 <= frame.width &&
				y - size.height / 2 >= 0 &&
				y + size.height / 2 <= frame.height;
			return inside && placed.every((p) => !overlap({ x, y, ...size }, p)) && clear(i, x, y);
		});
		if (!free) continue;
		placed.push({ x: free[0], y: free[1], ...size });
		answer[i] = { x: free[0], y: free[1], beside: free[0] !== shape.x || free[1] !== shape.y };
	}
	return answer;
}

const within = (at: number, size: number, room: number) => Math.max(size / 2, Math.min(room - size / 2, at));
const area = (s: PictureShape) => s.width * s.height;
const overlap = (
	a: { x: number; y: number; width: number; height: number },
	b: { x: number; y: number; width: number; height: number }
) => Math.abs(a.x - b.x) < (a.width + b.width) / 2 && Math.abs(a.y - b.y) < (a.height + b.height) / 2;

/** The longest of 1, 2 or 5 times a power of ten of a unit that fits in so many pixels: `{ count: 200, px: 96 }`. */
export function scaleBar(metresPerPx: number, mostPx: number, metresPerUnit: number): { count: number; px: number } {
	const room = (mostPx * metresPerPx) / metresPerUnit;
	const power = 10 ** Math.floor(Math.log10(room));
	const count = [5, 2, 1].map((n) => n * power).find((n) => n <= room * (1 + 1e-9)) ?? power;
	return { count, px: (count * metresPerUnit) / metresPerPx };
}
