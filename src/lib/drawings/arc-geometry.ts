/** One nozzle of a drawn arc: where it sits, which way it points, in units of the drawing. */
export interface ArcNozzle {
	readonly n: number;
	readonly side: 'left' | 'right';
	/** From the bottom up, from 1. */
	readonly place: number;
	readonly x: number;
	readonly y: number;
	/** Direction of the spray, a unit vector. */
	readonly ux: number;
	readonly uy: number;
}

/** The drawing that the arc lies in. */
export const arcBox = { width: 700, height: 500, x: 350, y: 326, radius: 142 } as const;

/** Lowest and highest angle of an arc's nozzles over the ground, degrees. */
const lowest = 4;
const highest = 79;

/** Nozzles of an arc: the left side from the bottom up, then the right. */
export function arcNozzles(perSide: number): ArcNozzle[] {
	const step = perSide > 1 ? (highest - lowest) / (perSide - 1) : 0;
	return (['left', 'right'] as const).flatMap((side, s) =>
		Array.from({ length: perSide }, (_, i): ArcNozzle => {
			const angle = ((perSide > 1 ? lowest + i * step : 40) * Math.PI) / 180;
			const ux = (side === 'left' ? -1 : 1) * Math.cos(angle);
			const uy = -Math.sin(angle);
			return {
				n: s * perSide + i + 1,
				side,
				place: i + 1,
				x: arcBox.x + ux * arcBox.radius,
				y: arcBox.y + uy * arcBox.radius,
				ux,
				uy
			};
		})
	);
}

/** Outline of one spray: from the nozzle out to a length, wider at its end. */
export function sprayPath(nozzle: ArcNozzle, length: number, half = 14): string {
	const { x, y, ux, uy } = nozzle;
	const [px, py] = [-uy, ux];
	const point = (along: number, across: number) =>
		`${(x + ux * along + px * across).toFixed(1)} ${(y + uy * along + py * across).toFixed(1)}`;
	return `M${point(0, half * 0.45)}L${point(length, half)}L${point(length, -half)}L${point(0, -half * 0.45)}Z`;
}

/** A mark across a spray at a length from its nozzle. */
export function crossMark(nozzle: ArcNozzle, length: number, half = 16): string {
	const { x, y, ux, uy } = nozzle;
	const [px, py] = [-uy * half, ux * half];
	const [cx, cy] = [x + ux * length, y + uy * length];
	return `M${(cx - px).toFixed(1)} ${(cy - py).toFixed(1)}L${(cx + px).toFixed(1)} ${(cy + py).toFixed(1)}`;
}
