import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { FlowPoint } from './nozzle';

/**
 * Pressure at which a nozzle passes a flow: the inverse of `flowAt`, `P₁ (q / q₁)²` with one point.
 *
 * points: one or more, pressures and flows rising. flow: m³/s, over 0.
 * Source: orifice equation.
 * @example
 * pressureAt([{ pressure: 3, flow: 1.2 }], 2.4) // => 12
 * pressureAt([{ pressure: 1, flow: 1 }, { pressure: 4, flow: 2.2 }], 1.6) // => 2.25
 */
export function pressureAt(points: readonly FlowPoint[], flow: Flow): Pressure {
	const above = points.findIndex((p) => p.flow >= flow);
	if (above <= 0) return byLaw(points[above === 0 ? 0 : points.length - 1]!, flow);
	const [a, b] = [points[above - 1]!, points[above]!];
	const [ra, rb] = [Math.sqrt(a.pressure), Math.sqrt(b.pressure)];
	const root = ra + ((rb - ra) * (flow - a.flow)) / (b.flow - a.flow);
	return si<'pressure'>(root * root);
}

const byLaw = ({ pressure, flow }: FlowPoint, at: Flow): Pressure => si<'pressure'>(pressure * (at / flow) ** 2);
