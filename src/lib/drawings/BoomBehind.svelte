<!--
@component A boom from behind: fans from their angle, spacing and height, what lies twice and what gets nothing, and the
stripe that the ground gets.
-->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Nozzles across the swath that spray. */
		nozzles: number;
		/** Spacing over height: how many heights lie between two nozzles. */
		spacingOverHeight: number;
		/** Reach of a fan to each side over the spacing. */
		reach: number;
		/** Share of the mean of each strip of ground; empty while it is not known. */
		strips: readonly number[];
		/** Words on the height, with unit. */
		height: string;
		angle: number;
	}
	let { nozzles, spacingOverHeight, reach, strips, height, angle }: Props = $props();

	const W = 900;
	const shown = $derived(Math.min(nozzles, 16));
	const gap = $derived(W / shown);
	const boom = 16;
	/** The drawing keeps its angle as far as it fits. */
	const ground = $derived(boom + Math.max(54, Math.min(118, gap / Math.max(0.2, spacingOverHeight))));
	const shade = (share: number) => Math.max(4, Math.min(100, 200 * share - 100));
	const cells = $derived(
		strips.length > 0 ? strips.slice(0, Math.max(1, Math.round((strips.length * shown) / nozzles))) : []
	);
	const cell = $derived(W / Math.max(1, cells.length));
</script>

<svg
	viewBox="0 0 {W} {ground + 50}"
	role="img"
	aria-label={m.fans_of_degrees_above_the_target({ nozzles, angle, height, figure: Math.round(reach * 100) })}
>
	<path d="M0 {boom - 6}H{W}" stroke="var(--ink)" stroke-width="6" stroke-linecap="round" />
	{#each { length: shown }, i (i)}
		{@const x = gap * (i + 0.5)}
		<path
			d="M{x} {boom + 6}L{x - gap * reach} {ground}H{x + gap * reach}Z"
			fill="var(--dye-light)"
			opacity="0.34"
			stroke="var(--dye)"
			stroke-width="0.8"
		/>
		<path d="M{x - 4} {boom - 4}h8l3 10h-14z" fill="var(--ink)" />
	{/each}
	<rect
		x="0"
		y={ground}
		width={W}
		height="30"
		fill="var(--straw-wash)"
		stroke="var(--straw-edge)"
		stroke-width="0.75"
	/>
	{#each cells as share, i (i)}
		<rect
			x={i * cell}
			y={ground}
			width={cell + 0.5}
			height="30"
			shape-rendering="crispEdges"
			fill="color-mix(in oklab, var(--dye) {shade(share)}%, var(--straw-wash))"
		/>
		{#if share > 1.25}<rect x={i * cell} y={ground - 4} width={cell + 0.3} height="4" fill="var(--amber)" />
		{:else if share < 0.75}<rect x={i * cell} y={ground + 30} width={cell + 0.3} height="4" fill="var(--rust)" />{/if}
	{/each}
	<path d="M{W - 12} {boom}V{ground}" stroke="var(--ink)" stroke-width="1.5" stroke-dasharray="3 3" />
	<rect x={W - 118} y={(boom + ground) / 2 - 14} width="98" height="26" rx="4" fill="var(--card)" />
	<text x={W - 24} y={(boom + ground) / 2 + 6} text-anchor="end">{height}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	text {
		font: 700 20px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
	@media (max-width: 859px) {
		text {
			font-size: 34px;
		}
	}
</style>
