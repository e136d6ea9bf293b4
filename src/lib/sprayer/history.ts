import { m } from '$words';
import { dayText } from '$lib/settings/day-text';
import type { ApexOptions } from 'apexcharts';
import { addDays, daysBetween, showFigure, wearTrend } from '$core';

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
	comma: boolean,
	limits: readonly { readonly at: number; readonly words: string }[],
	/** A second line, dashed: where the first one goes. */
	trend: readonly Dated[] = []
): { readonly options: ApexOptions; readonly words: string; readonly points: number } {
	const data = points.map((p) => ({ x: Date.parse(p.day), y: Number(p.value.toPrecision(4)) }));
	const last = points.at(-1);
	const values = points.map((p) => p.value);
	const reach = [...values, ...limits.map((l) => l.at)];
	const [low, high] = [Math.min(...reach), Math.max(...reach)];
	const room = Math.max((high - low) * 0.25, Math.abs(high) * 0.03, 0.5);
	return {
		points: points.length,
		words: last
			? `${title}: ${points.map((p) => m.on_value({ value: showFigure(p.value, 3, comma), day: dayText(p.day) })).join(', ')}`
			: m.nothing_yet({ title }),
		options: {
			chart: { type: 'line', height: 260 },
			series: [
				{ name: title, data },
				...(trend.length > 0
					? [{ name: m.trend(), data: trend.map((p) => ({ x: Date.parse(p.day), y: Number(p.value.toPrecision(4)) })) }]
					: [])
			],
			colors: ['var(--dye)', 'var(--soft)'],
			stroke: { width: [3, 2], dashArray: [0, 6], curve: 'straight' },
			markers: { size: [5, 0], strokeWidth: 0 },
			xaxis: { type: 'datetime', tooltip: { enabled: false } },
			yaxis: {
				title: { text: title },
				min: Math.max(values.every((v) => v >= 0) ? 0 : -Infinity, low - room),
				max: high + room,
				labels: { formatter: (v: number) => showFigure(v, 3, comma) }
			},
			annotations: {
				yaxis: limits.map((l) => ({ y: l.at, borderColor: 'var(--amber)', label: { text: l.words } })),
				points: last
					? [
							{
								x: Date.parse(last.day),
								y: Number(last.value.toPrecision(4)),
								marker: { size: 0 },
								label: { text: showFigure(last.value, 3, comma), offsetY: -6 }
							}
						]
					: []
			}
		}
	};
}

/** A job that was closed: what really went on its ground, and what was planned by the calibration. */
export interface FieldVolume {
	readonly id: string;
	readonly day: string;
	/** m³/m². */
	readonly planned: number;
	readonly truth: number;
}

/** Over this the calibration is in doubt, %. */
const doubtful = 5;

/** Each job's true volume against what its calibration said, over time. */
export const fieldLine = (jobs: readonly FieldVolume[], comma: boolean) =>
	lineOptions(
		jobs.map((j) => ({ day: j.day, value: (j.truth / j.planned - 1) * 100 })),
		m.true_over_calibrated(),
		comma,
		[
			{ at: doubtful, words: m.n5_over_in_doubt() },
			{ at: -doubtful, words: m.n5_under_in_doubt() }
		]
	);

/** A set is worn out at this, share over rated. */
const wornOut = 0.1;
/** One sigma of a wear that was measured with a jug: what a set reads twice differs by. */
const scatter = 0.01;
/** Days ahead beyond which a date is no help. */
const farAhead = 3660;

/** The wear of the set that is fitted now, where it goes, and how sure that is. Older sets are left out. */
export function wearLine(traces: readonly TraceLike[], newNozzles: string | null, comma: boolean) {
	const set = traces.flatMap((t) =>
		t.wear === null || (newNozzles !== null && t.signedDay < newNozzles) ? [] : [{ day: t.signedDay, wear: t.wear }]
	);
	const first = set[0]?.day ?? '';
	const trend = wearTrend(
		set.map((p) => ({ day: daysBetween(first, p.day), wear: p.wear })),
		wornOut,
		scatter
	);
	const last = set.at(-1);
	const dayOf = (n: number | null) => (n === null || n > farAhead ? null : addDays(first, Math.round(n)));
	const crossing = dayOf(trend?.crossing ?? null);
	const line = lineOptions(
		set.map((p) => ({ day: p.day, value: p.wear * 100 })),
		m.over_new(),
		comma,
		[{ at: wornOut * 100, words: m.worn_out_at_10() }],
		trend && crossing && last && crossing > last.day
			? [
					{ day: first, value: trend.at(0) * 100 },
					{ day: crossing, value: wornOut * 100 }
				]
			: []
	);
	return { ...line, outlook: outlook() };

	function outlook(): string {
		if (!last || !trend) return '';
		if (last.wear >= wornOut)
			return m.this_set_is_past_10_already({
				figure: showFigure(last.wear * 100, 2, comma),
				day: dayText(last.day)
			});
		if (crossing === null) return trend.slope > 0 ? m.at_the_present_trend_10_is() : m.no_wear_can_be_seen_in();
		const [earliest, latest] = [dayOf(trend.earliest), dayOf(trend.latest)];
		const sure =
			earliest && latest
				? m.n95_sure_between_and({ earliest: dayText(earliest), latest: dayText(latest) })
				: earliest && earliest > last.day
					? m.n95_sure_not_before_calibrations_cannot({ earliest: dayText(earliest), points: trend.points })
					: m.calibrations_are_too_few_or_too({ points: trend.points });
		return m.at_the_present_trend_10_is_reached({ crossing: dayText(crossing), sure });
	}
}
