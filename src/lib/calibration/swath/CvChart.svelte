<!-- @component CV against swath width, with the limit and the width that is taken. The chart is fetched when it is shown. -->
<script lang="ts">
	import { m } from '$words';
	import type { SwathCandidate } from '$core';
	import { showDecimals } from '$core';
	import { chart } from '$lib/kit/chart';

	interface Props {
		candidates: readonly SwathCandidate[];
		best: SwathCandidate | null;
		/** Greatest CV, share. */
		limit: number;
		/** Pan to pan, in `unit`. */
		spacing: number;
		unit: string;
		decimalComma: boolean;
	}
	let { candidates, best, limit, spacing, unit, decimalComma }: Props = $props();

	const points = $derived(
		candidates
			.filter((c) => Number.isFinite(c.cv))
			.map((c) => ({ x: Number((c.spacings * spacing).toFixed(2)), y: Number((c.cv * 100).toFixed(1)) }))
	);
	const options = $derived({
		chart: { type: 'line' as const, height: 132 },
		series: [{ name: m.cv(), data: points }],
		stroke: { width: 3, curve: 'straight' as const },
		markers: {
			size: 3,
			discrete: best
				? [
						{
							seriesIndex: 0,
							dataPointIndex: candidates.indexOf(best),
							size: 8,
							fillColor: 'var(--dye)',
							strokeColor: 'var(--ink)'
						}
					]
				: []
		},
		xaxis: {
			type: 'numeric' as const,
			title: { text: m.swath_unit({ unit }), offsetY: -4 },
			tickAmount: 7,
			decimalsInFloat: 0,
			labels: { rotate: 0, hideOverlappingLabels: true },
			tooltip: { enabled: false }
		},
		yaxis: { title: { text: m.cv_title() }, min: 0, decimalsInFloat: 0 },
		annotations: {
			yaxis: [
				{
					y: limit * 100,
					borderColor: 'var(--moss)',
					label: {
						text: m.even_up_to({ figure: showDecimals(limit * 100, 0, decimalComma) }),
						position: 'left',
						textAnchor: 'start' as const
					}
				}
			],
			points: best
				? [
						{
							x: Number((best.spacings * spacing).toFixed(2)),
							y: Number((best.cv * 100).toFixed(1)),
							marker: { size: 0 },
							label: { text: `${showDecimals(best.spacings * spacing, 1, decimalComma)} ${unit}` }
						}
					]
				: []
		}
	});
</script>

<div
	class="card min-h-33.5 py-0 px-2"
	role="img"
	aria-label={m.cv_against_swath_width({
		which: best
			? m.taken_at({
					figure: showDecimals(best.spacings * spacing, 1, decimalComma),
					unit,
					showDecimals2: showDecimals(best.cv * 100, 1, decimalComma)
				})
			: m.no_width_is_even_enough()
	})}
	{@attach chart(() => options)}
></div>
