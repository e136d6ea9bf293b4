<!-- @component A dial with a needle, to be read by whoever looks: it may lie. -->
<script lang="ts">
	import { m } from '$words';

	import { scaleFigure } from './scale-window';

	interface Props {
		label: string;
		/** What the needle shows, in the dial's unit. */
		value: number;
		/** Full scale. */
		most: number;
		/** From one told figure to the next, and marks between them. */
		step: number;
		parts: number;
		unit: string;
		decimalComma: boolean;
		still: boolean;
	}
	let { label, value, most, step, parts, unit, decimalComma, still }: Props = $props();

	const begin = -215;
	const sweep = 250;
	const angle = (v: number) => ((begin + (Math.min(v, most) / most) * sweep) * Math.PI) / 180;
	const point = (v: number, r: number) => `${70 + Math.cos(angle(v)) * r} ${70 + Math.sin(angle(v)) * r}`;
	const told = $derived(Array.from({ length: Math.round(most / step) + 1 }, (_, i) => i * step));
	const marks = $derived(Array.from({ length: Math.round((most / step) * parts) + 1 }, (_, i) => (i * step) / parts));
	const figure = (v: number) => scaleFigure(v, decimalComma);
	/** The marks that the needle stands between. */
	const low = $derived(Math.floor(value / (step / parts) + 1e-6) * (step / parts));
	const between = $derived(m.yard_scale_between({ low: figure(low), high: figure(low + step / parts), unit }));
</script>

<figure class="grid gap-0.5 justify-items-center">
	<svg viewBox="0 0 140 132" role="img" aria-label="{label}: {between}" class="block h-auto w-full max-w-36">
		<circle cx="70" cy="70" r="58" fill="var(--card)" stroke="var(--ink)" stroke-width="4" />
		{#each marks as v (v)}<path d="M{point(v, 50)}L{point(v, 56)}" stroke="var(--ink)" stroke-width="1.2" />{/each}
		{#each told as v (v)}
			<path d="M{point(v, 46)}L{point(v, 56)}" stroke="var(--ink)" stroke-width="2.6" />
			<text
				x={70 + Math.cos(angle(v)) * 34}
				y={70 + Math.sin(angle(v)) * 34 + 5}
				text-anchor="middle"
				font-size="15"
				font-weight="650"
				fill="var(--ink)">{figure(v)}</text
			>
		{/each}
		<path d="M70 70L{point(value, 50)}" stroke="var(--rust)" stroke-width="4" stroke-linecap="round" />
		<circle cx="70" cy="70" r="6" fill="var(--ink)" />
		<text x="70" y="112" text-anchor="middle" font-size="13" fill="var(--soft)">{unit}</text>
	</svg>
	<figcaption class="lab text-center">
		{label}{#if still}<br /><b class="text-ink">{between}</b>{/if}
	</figcaption>
</figure>
