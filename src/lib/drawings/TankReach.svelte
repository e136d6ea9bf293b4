<!-- @component The ground of one tank as a strip: blue where it surely reaches, hatched where it runs dry by its ±. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Ground in one unit: where it surely reaches, where it may run dry, and what is told between. */
		least: number;
		area: number;
		most: number;
		unit: string;
		/** How a figure is written. */
		write: (value: number) => string;
	}
	let { least, area, most, unit, write }: Props = $props();
	const end = $derived(Math.max((Number.isFinite(most) ? most : area) * 1.12, area * 1.05));
	const x = (value: number) => (Math.min(value, end) / end) * 360;
	/** Where the words of the dry end end. */
	const dry = $derived(Math.min(360, x(area) + 60));
	const step = $derived.by(() => {
		const raw = end / 5;
		const ten = 10 ** Math.floor(Math.log10(raw));
		return [1, 2, 2.5, 5, 10].map((m) => m * ten).find((s) => s >= raw)!;
	});
	const ticks = $derived(
		Array.from({ length: Math.floor(area / step) + 1 }, (_, i) => i * step).filter((t) => x(t) < dry - 140 || t === 0)
	);
	const id = $props.id();
</script>

<svg viewBox="-2 0 364 52" role="img" aria-label={m.the_tank_runs_dry_after_about({ area: write(area), unit })}>
	<defs>
		<pattern id="dry-{id}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
			<rect width="7" height="7" fill="var(--card)" />
			<rect width="4" height="7" fill="var(--dye)" />
		</pattern>
	</defs>
	<rect x="0" y="2" width="360" height="22" fill="var(--straw-wash)" />
	<rect x="0" y="2" width={x(least)} height="22" fill="var(--dye)" />
	<rect x={x(least)} y="2" width={x(most) - x(least)} height="22" fill="url(#dry-{id})" />
	<rect x="0" y="2" width="360" height="22" fill="none" stroke="var(--straw-edge)" stroke-width="1.5" />
	{#each ticks as t, i (t)}
		<path d="M{x(t)} 24v6" stroke="var(--ink)" stroke-width="1.5" />
		<text x={x(t)} y="46" text-anchor={t === 0 ? 'start' : 'middle'}
			>{write(t)}{i > 0 && i === ticks.length - 1 ? ` ${unit}` : ''}</text
		>
	{/each}
	<path d="M{x(area)} 20v12" stroke="var(--ink)" stroke-width="2.5" />
	<text class="dry" x={dry} y="46" text-anchor="end">{m.runs_dry_about_here()}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	text {
		fill: var(--soft);
		font: 500 13px var(--font-text);
	}
	.dry {
		fill: var(--ink);
		font-weight: 650;
	}
</style>
