<!-- @component Whether the pump feeds the nozzles and the agitation after the change. -->
<script lang="ts">
	import { m } from '$words';
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
		{m.the_pump_gives_nozzles_take_and({
			pump: f.flow(numbers.pump),
			flowUnit: f.flowUnit,
			flow: f.flow(numbers.pump - stir - pump.spare),
			stir: f.flow(stir),
			which: numbers.stir === null ? m.n5_of_the_tank_a_minute_as() : ''
		})}
		<b>{f.flow(Math.abs(pump.spare))} {f.flowUnit} {pump.enough ? m.to_spare() : m.short()}</b>.
	</p>
{/if}

<style>
	.no {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
