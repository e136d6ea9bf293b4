<!-- @component A block as a small drawing: its boundary where it has one, else its rows, a bed or a wall, in straw. -->
<script lang="ts">
	import type { TypedBlock } from '$core';

	let { block }: { block: TypedBlock } = $props();
	const [W, H, pad] = [132, 92, 6];
	/** Rings in drawing units: degrees squeezed by the latitude, fitted into the frame. */
	const path = $derived.by(() => {
		if (!block.boundary) return '';
		const all = block.boundary.flat(2);
		const squeeze = Math.cos(((all[0]?.[1] ?? 0) * Math.PI) / 180);
		const xs = all.map((p) => p[0] * squeeze);
		const ys = all.map((p) => p[1]);
		const [left, right, bottom, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
		const one = Math.min((W - 2 * pad) / (right - left || 1), (H - 2 * pad) / (top - bottom || 1));
		const x = (v: number) => W / 2 + (v * squeeze - (left + right) / 2) * one;
		const y = (v: number) => H / 2 - (v - (bottom + top) / 2) * one;
		return block.boundary
			.flat()
			.map((ring) => `M${ring.map(([a, b]) => `${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join('L')}Z`)
			.join('');
	});
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
		width: 132px;
		height: 92px;
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
