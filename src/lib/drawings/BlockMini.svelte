<!-- @component A block as a small drawing: its boundary where it has one, else its rows, a bed or a wall, in straw. -->
<script lang="ts">
	import type { TypedBlock } from '$core';
	import { outlinePath } from './outline';

	let { block }: { block: TypedBlock } = $props();
	const [W, H, pad] = [132, 92, 6];
	const path = $derived(
		block.boundary ? outlinePath(block.boundary, { x: W / 2, y: H / 2, width: W - 2 * pad, height: H - 2 * pad }) : ''
	);
	const rows = $derived(
		block.extent.by === 'rows'
			? Math.min(12, block.extent.rows)
			: block.extent.by === 'trees' || block.kind === 'orchard'
				? 7
				: block.kind === 'bed'
					? 2
					: block.kind === 'strip'
						? 1
						: 0
	);
</script>

<svg viewBox="0 0 {W} {H}" aria-hidden="true">
	{#if path}<path d={path} class="ground" fill-rule="evenodd" />
	{:else if rows > 0}
		{#each { length: rows }, i (i)}
			{@const gap = (W - 2 * pad) / rows}
			<rect
				x={pad + gap * i + gap * 0.18}
				y={pad}
				width={Math.max(3, gap * 0.5)}
				height={H - 2 * pad}
				class="ground"
				rx="2"
			/>
		{/each}
	{:else if block.kind === 'surface'}
		<path
			d="M{pad} {pad}H{W - pad}V{H - pad}H{pad}ZM{pad} {H / 3}H{W - pad}M{pad} {(2 * H) / 3}H{W - pad}M{W /
				3} {pad}V{H / 3}M{W / 2} {H / 3}V{(2 * H) / 3}M{W / 3} {(2 * H) / 3}V{H - pad}"
			class="ground"
		/>
	{:else}<rect x={pad} y={pad} width={W - 2 * pad} height={H - 2 * pad} class="ground dash" rx="3" />{/if}
</svg>

<style>
	svg {
		display: block;
		width: 84px;
		height: 60px;
	}
	.ground {
		fill: var(--straw-wash);
		stroke: var(--straw-edge);
		stroke-width: 1.5;
	}
	.dash {
		stroke-dasharray: 5 4;
	}
</style>
