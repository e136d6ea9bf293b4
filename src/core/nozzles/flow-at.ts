import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { FlowPoint } from './nozzle';

/**
 * Flow of a nozzle at any pressure, from the points of its sheet: flow is taken to run straight in the square root of
 * pressure from point to point, and by the square law from the nearest point outside of them. With one point this is
 * `q √(P / P₁)`; on points of an orifice it is that everywhere.
 *
 * points: one or more, pressures rising, Pa and m³/s, over 0. pressure: Pa, over 0. Source: orifice equation.
 * @example
 * flowAt([{ pressure: 3, flow: 1.2 }], 4) // => 1.3856406460551018
 * flowAt([{ pressure: 1, flow: 1 }, { pressure: 4, flow: 2.2 }], 2.25) // => 1.6
 */
export function flowAt(points: readonly FlowPoint[], pressure: Pressure): Flow {
	const above = points.findIndex((p) => p.pressure >= pressure);
	if (above <= 0) return byLaw(points[above === 0 ? 0 : points.length - 1]!, pressure);
	const [a, b] = [points[above - 1]!, points[above]!];
	const [ra, rb] = [Math.sqrt(a.pressure), Math.sqrt(b.pressure)];
	return si<'flow'>(a.flow + ((b.flow - a.flow) * (Math.sqrt(pressure) - ra)) / (rb - ra));
}

const byLaw = ({ pressure, flow }: FlowPoint, at: Pressure): Flow => si<'flow'>(flow * Math.sqrt(at / pressure));
