<!-- @component A tank filled to its load: water as wash, product as a band of dye at its own height. -->
<script lang="ts">
	interface Props {
		/** Mix in the tank as a share of the tank, 0 to 1. */
		full: number;
		/** Liquid product as a share of the tank. */
		product: number;
	}
	let { full, product }: Props = $props();
	const H = 150;
	const level = $derived(Math.min(1, full) * (H - 12));
	const band = $derived(product > 0 ? Math.max(3, product * (H - 12)) : 0);
	const id = $props.id();
</script>

<svg viewBox="0 0 104 {H}" aria-hidden="true">
	<clipPath id="tank-{id}"><rect x="5" y="6" width="94" height={H - 12} rx="15" /></clipPath>
	<rect x="5" y="6" width="94" height={H - 12} rx="15" fill="var(--straw-wash)" />
	<g clip-path="url(#tank-{id})">
		<rect x="5" y={H - 6 - level} width="94" height={level} fill="var(--dye-light)" opacity="0.55" />
		<rect x="5" y={H - 6 - level} width="94" height={level} fill="var(--dye)" opacity="0.75" />
		{#if band > 0}<rect x="5" y={H - 6 - level} width="94" height={band} fill="#0d3d78" />{/if}
	</g>
	<rect x="5" y="6" width="94" height={H - 12} rx="15" fill="none" stroke="var(--ink)" stroke-width="3" />
	<rect x="36" y="0" width="32" height="8" rx="3" fill="var(--ink)" />
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
</style>
