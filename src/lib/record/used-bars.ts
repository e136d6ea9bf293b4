import type { ApexOptions } from 'apexcharts';
import { showFigure } from '$core';

interface YearUse {
	readonly year: number;
	readonly product: string;
	readonly kind: 'volume' | 'mass';
	readonly total: number;
}

/** What was used of each product by year as bars; `shown` tells an amount in the farm's own unit. */
export function usedBars(
	used: readonly YearUse[],
	kind: 'volume' | 'mass',
	unit: { readonly name: string; readonly of: (total: number) => number },
	comma: boolean
): { readonly options: ApexOptions; readonly words: string; readonly products: number } {
	const mine = used.filter((u) => u.kind === kind);
	const products = [...new Set(mine.map((u) => u.product))].sort();
	const years = [...new Set(mine.map((u) => u.year))].sort((a, b) => a - b);
	const at = (product: string, year: number) => mine.find((u) => u.product === product && u.year === year)?.total ?? 0;
	// The newest year is told in full dye; those before it in paler ones, the oldest first.
	const pale = (i: number) =>
		`color-mix(in oklab, var(--dye) ${Math.round(100 - ((years.length - 1 - i) / Math.max(1, years.length)) * 75)}%, var(--card))`;
	return {
		products: products.length,
		words: years
			.map(
				(year) =>
					`${year}: ${products
						.filter((p) => at(p, year) > 0)
						.map((p) => `${p} ${showFigure(unit.of(at(p, year)), 3, comma)} ${unit.name}`)
						.join(', ')}`
			)
			.join('. '),
		options: {
			chart: { type: 'bar', height: Math.max(140, products.length * (years.length * 22 + 18) + 70) },
			series: years.map((year) => ({
				name: `${year}`,
				data: products.map((p) => Number(unit.of(at(p, year)).toPrecision(4)))
			})),
			colors: years.map((_, i) => pale(i)),
			plotOptions: { bar: { horizontal: true, barHeight: '86%', dataLabels: { position: 'top' } } },
			stroke: { width: 1, colors: ['var(--card)'] },
			dataLabels: {
				enabled: true,
				textAnchor: 'middle',
				style: { fontSize: '13px', colors: ['var(--ink)'] },
				background: { enabled: false },
				offsetX: 76,
				formatter: (value: number, { seriesIndex }: { seriesIndex: number }) =>
					value === 0 ? '' : `${years[seriesIndex]}  ${showFigure(value, 3, comma)} ${unit.name}`
			},
			xaxis: {
				categories: products,
				min: 0,
				// Room for what stands beside the longest bar.
				max: Math.max(...mine.map((u) => unit.of(u.total)), 0) * 1.2 || 1,
				title: { text: unit.name },
				labels: { formatter: (v: string) => showFigure(Number(v), 2, comma) }
			},
			yaxis: { labels: { maxWidth: 220, style: { fontSize: '14px' } } }
		}
	};
}
