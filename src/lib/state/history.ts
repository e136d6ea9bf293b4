import type { ApexOptions } from 'apexcharts';
import { showFigure } from '$core';

/** One calibration of a history, as the server tells it. */
export interface TraceLike {
	readonly id: string;
	readonly signedDay: string;
	readonly person: string;
	readonly rate: number;
	readonly relativeU95: number;
	readonly wear: number | null;
	readonly unevenness: number | null;
	readonly nozzles: readonly { readonly n: number; readonly off: number | null }[];
}

export interface NozzleGrid {
	readonly nozzles: readonly number[];
	readonly rows: readonly { readonly id: string; readonly day: string; readonly cells: readonly (number | null)[] }[];
	/** Nozzles that went one way over the last three calibrations or more, by more than 4 % in all. */
	readonly drifting: readonly { readonly n: number; readonly by: number }[];
}

/** Nozzles against calibrations: how far each was off its group, so that the same one drifting shows. */
export function nozzleGrid(traces: readonly TraceLike[]): NozzleGrid {
	const nozzles = [...new Set(traces.flatMap((t) => t.nozzles.map((n) => n.n)))].sort((a, b) => a - b);
	const rows = traces.map((t) => {
		const off = new Map(t.nozzles.map((n) => [n.n, n.off]));
		return { id: t.id, day: t.signedDay, cells: nozzles.map((n) => off.get(n) ?? null) };
	});
	const drifting = nozzles.flatMap((n, i) => {
		const line = rows.slice(-3).map((row) => row.cells[i] ?? null);
		if (line.length < 3 || line.some((v) => v === null)) return [];
		const [a, b, c] = line as [number, number, number];
		const steady = (b - a) * (c - b) > 0;
		return steady && Math.abs(c - a) > 0.04 ? [{ n, by: c - a }] : [];
	});
	return { nozzles, rows, drifting };
}

interface Dated {
	readonly day: string;
	readonly value: number;
}

/** A line over days with its last value told beside it, and a limit where there is one. */
export function lineOptions(
	points: readonly Dated[],
	title: string,
	limit: { readonly at: number; readonly words: string } | null
): { readonly options: ApexOptions; readonly words: string; readonly points: number } {
	const data = points.map((p) => ({ x: Date.parse(p.day), y: Number(p.value.toPrecision(4)) }));
	const last = points.at(-1);
	const values = points.map((p) => p.value);
	const [low, high] = [Math.min(...values, limit?.at ?? Infinity), Math.max(...values, limit?.at ?? -Infinity)];
	const room = Math.max((high - low) * 0.25, Math.abs(high) * 0.03, 0.5);
	return {
		points: points.length,
		words: last
			? `${title}: ${points.map((p) => `${showFigure(p.value, 3)} on ${p.day}`).join(', ')}`
			: `${title}: nothing yet`,
		options: {
			chart: { type: 'line', height: 260 },
			series: [{ name: title, data }],
			stroke: { width: 3, curve: 'straight' },
			markers: { size: 5, strokeWidth: 0 },
			xaxis: { type: 'datetime', tooltip: { enabled: false } },
			yaxis: {
				title: { text: title },
				min: Math.max(values.every((v) => v >= 0) ? 0 : -Infinity, low - room),
				max: high + room,
				labels: { formatter: (v: number) => showFigure(v, 3) }
			},
			annotations: {
				yaxis: limit ? [{ y: limit.at, borderColor: 'var(--amber)', label: { text: limit.words } }] : [],
				points: last
					? [
							{
								x: Date.parse(last.day),
								y: Number(last.value.toPrecision(4)),
								marker: { size: 0 },
								label: { text: showFigure(last.value, 3), offsetY: -6 }
							}
						]
					: []
			}
		}
	};
}
