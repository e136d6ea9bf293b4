<!-- @component Volume against speed for one nozzle at the ends and the middle of its pressures. Fetched when it is shown. -->
<script lang="ts">
	import { m } from '$words';
	import type { Reach, VolumePerArea, Speed } from '$core';
	import { inUnit, si, volumeAt } from '$core';
	import { chart } from '$lib/kit/chart';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { adjustFigures } from '$lib/show/adjust';

	interface Props {
		reach: Reach;
		wanted: VolumePerArea;
		/** Where it is used. */
		speed: Speed;
		settings: FarmSettings;
		paced: boolean;
		name: string;
	}
	let { reach, wanted, speed, settings, paced, name }: Props = $props();
	const f = $derived(adjustFigures(settings));
	const unit = $derived(f.speedUnit(false) as 'km/h' | 'mph');
	const toShown = $derived((v: number) => (paced ? v * 100 : inUnit('speed', si<'speed'>(v), unit)));
	const rate = $derived((r: number) => inUnit('volumePerArea', si<'volumePerArea'>(r), settings.rateUnit));
	const pressures = $derived(
		[reach.pressures.low, (reach.pressures.low + reach.pressures.high) / 2, reach.pressures.high].map((p) =>
			si<'pressure'>(p)
		)
	);
	const points = 40;
	const series = $derived(
		pressures.map((p) => ({
			name: `${f.pressure(p)} ${f.pressureUnit}`,
			data: Array.from({ length: points + 1 }, (_, i) => {
				const v = reach.speeds.low + ((reach.speeds.high - reach.speeds.low) * i) / points;
				return {
					x: Number(toShown(v).toPrecision(4)),
					y: Number(rate(volumeAt(reach, si<'speed'>(v), p)).toPrecision(4))
				};
			})
		}))
	);
	/** A round figure well over what is wanted, so that the line lies in the middle. */
	const step = $derived(10 ** Math.floor(Math.log10(rate(wanted))) / 2);
	const top = $derived(Math.ceil((rate(wanted) * 2.4) / step / 4) * step * 4);
	const options = $derived({
		chart: { type: 'line' as const, height: 210 },
		series,
		colors: ['var(--straw-edge)', 'var(--ink)', 'var(--amber)'],
		stroke: { width: [2, 3, 2], curve: 'straight' as const },
		xaxis: {
			type: 'numeric' as const,
			title: { text: paced ? m.of_the_present_speed() : unit, offsetY: -14 },
			tickAmount: 7,
			decimalsInFloat: 1,
			labels: { rotate: 0, hideOverlappingLabels: true },
			tooltip: { enabled: false }
		},
		yaxis: { title: { text: f.rateUnit }, min: 0, max: top, tickAmount: 4, decimalsInFloat: top < 10 ? 1 : 0 },
		annotations: {
			yaxis: [
				{
					y: rate(wanted),
					borderColor: 'var(--dye)',
					strokeDashArray: 0,
					label: { text: m.wanted_wanted({ wanted: f.rate(wanted) }), position: 'right', textAnchor: 'end' as const }
				}
			],
			points: [
				{ x: Number(toShown(speed).toPrecision(4)), y: rate(wanted), marker: { size: 7, fillColor: 'var(--dye)' } },
				// Each line is named where it begins to be seen.
				...series.map((s) => {
					const at = s.data.find((d) => d.y < top * 0.94) ?? s.data[0]!;
					return { x: at.x, y: at.y, marker: { size: 0 }, label: { text: s.name, textAnchor: 'start' as const } };
				})
			]
		}
	});
</script>

{#key options}
	<div
		class="min-h-53.5"
		role="img"
		aria-label={m.spray_volume_against_speed_with_at({
			name,
			list: series.map((s) => s.name).join(', '),
			wanted: f.rate(wanted),
			rateUnit: f.rateUnit
		})}
		{@attach chart(() => options)}
	></div>
{/key}
