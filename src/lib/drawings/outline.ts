import type { Boundary } from '../../core';

/** A boundary as an SVG path, north up, fitted into a frame around a middle: degrees squeezed by the latitude. */
export function outlinePath(
	boundary: Boundary,
	frame: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
): string {
	const all = boundary.flat(2);
	const squeeze = Math.cos(((all[0]?.[1] ?? 0) * Math.PI) / 180);
	const xs = all.map((p) => p[0] * squeeze);
	const ys = all.map((p) => p[1]);
	const [left, right, bottom, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const one = Math.min(frame.width / (right - left || 1), frame.height / (top - bottom || 1));
	const x = (v: number) => frame.x + (v * squeeze - (left + right) / 2) * one;
	const y = (v: number) => frame.y - (v - (bottom + top) / 2) * one;
	return boundary
		.flat()
		.map((ring) => `M${ring.map(([a, b]) => `${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join('L')}Z`)
		.join('');
}
