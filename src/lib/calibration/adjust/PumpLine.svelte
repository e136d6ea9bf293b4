<!-- @component Whether the pump feeds the nozzles and the agitation after the change. -->
<script lang="ts">
	import { usualAgitation } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { adjustFigures } from '$lib/show/adjust';

	let { adjust }: { adjust: AdjustState } = $props();
	const f = $derived(adjustFigures(adjust.source.settings));
	const numbers = $derived(adjust.source.numbers);
	const pump = $derived(adjust.pump);
	const stir = $derived(numbers.stir ?? usualAgitation(numbers.tank));
</script>

{#if pump && numbers.pump !== null}
	<p class:no={!pump.enough}>
		{#if !pump.enough}<span aria-hidden="true">✕</span>{/if}
		The pump gives {f.flow(numbers.pump)}
		{f.flowUnit}. Nozzles take {f.flow(numbers.pump - stir - pump.spare)} and agitation {f.flow(stir)}{numbers.stir ===
		null
			? ' (5 % of the tank a minute, as usual)'
			: ''}:
		<b>{f.flow(Math.abs(pump.spare))} {f.flowUnit} {pump.enough ? 'to spare' : 'short'}</b>.
	</p>
{/if}

<style>
	.no {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
