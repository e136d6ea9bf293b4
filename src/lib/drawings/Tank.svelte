<!--
@component A tank filled to its load: product as a band of dye at its own height. Of a load under way: still to mix is a
dashed tank with the line that it will be filled to, at work is full to what is in it, sprayed out is empty.
-->
<script lang="ts">
	interface Props {
		/** Mix in the tank as a share of the tank, 0 to 1. */
		full: number;
		/** Liquid product as a share of the tank. */
		product: number;
		/** How far a load under way is. */
		look?: 'dry' | 'now' | 'out' | undefined;
		/** What is in the tank now as a share of it, where that is known. */
		left?: number | null | undefined;
	}
	let { full, product, look, left }: Props = $props();
	const H = 150;
	const line = $derived(Math.min(1, full) * (H - 12));
	const level = $derived(look === 'dry' || look === 'out' ? 0 : Math.min(1, left ?? full) * (H - 12));
	const band = $derived(product > 0 && level > 0 && left == null ? Math.max(3, product * (H - 12)) : 0);
	const id = $props.id();
</script>

<svg viewBox="0 0 104 {H}" aria-hidden="true">
	<clipPath id="tank-{id}"><rect x="5" y="6" width="94" height={H - 12} rx="15" /></clipPath>
	<rect x="5" y="6" width="94" height={H - 12} rx="15" fill="var(--straw-wash)" />
	<g clip-path="url(#tank-{id})">
		<rect x="5" y={H - 6 - level} width="94" height={level} fill="var(--dye-light)" opacity="0.55" />
		<rect x="5" y={H - 6 - level} width="94" height={level} fill="var(--dye)" opacity="0.75" />
		{#if look === 'dry' || left != null}<path
				d="M5 {H - 6 - line}H99"
				class="stroke-dye stroke-3 [stroke-dasharray:5_5]"
			/>{/if}
		{#if band > 0}<rect x="5" y={H - 6 - level} width="94" height={band} fill="#0d3d78" />{/if}
	</g>
	<rect
		x="5"
		y="6"
		width="94"
		height={H - 12}
		rx="15"
		fill="none"
		stroke="var(--ink)"
		stroke-width="3"
		stroke-dasharray={look === 'dry' ? '8 6' : undefined}
	/>
	{#if look === 'out'}<path d="M34 76l13 14l24 -30" class="fill-none stroke-dye stroke-[7]" />{/if}
	<rect x="36" y="0" width="32" height="8" rx="3" fill="var(--ink)" />
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
</style>
