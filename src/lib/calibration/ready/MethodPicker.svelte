<!--
@component The ways in which this kind of sprayer can be measured. Readings of another way stay, and are compared.
Plain radio buttons: it stands in a calibration's first view, which is kept small for a weak signal.
-->
<script lang="ts">
	import { m } from '$words';
	import { methodsFor } from '$core';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { methodName } from '$lib/wording/methods';

	let { calibration }: { calibration: CalibrationState } = $props();
	const id = $props.id();
</script>

<div
	class="inline-flex flex-wrap border-2 border-ink rounded-[6px] bg-card overflow-hidden"
	role="radiogroup"
	aria-label={m.way_of_measuring()}
>
	{#each methodsFor(calibration.sprayer) as method (method)}
		<label
			class="relative grid place-items-center min-h-11.5 py-0 px-3.5 text-[0.95rem] cursor-pointer"
			class:on={calibration.method === method}
		>
			<input
				class="sr-only"
				type="radio"
				name="{id}-method"
				value={method}
				checked={calibration.method === method}
				disabled={calibration.signedOff}
				onchange={() => void calibration.add({ kind: 'method', method })}
			/>
			{methodName(method, calibration.sprayer.kind)}
		</label>
	{/each}
</div>

<style>
	label.on {
		background: var(--ink);
		color: var(--paper);
	}
	label:has(:focus-visible) {
		outline: 3px solid var(--dye);
		outline-offset: -3px;
	}
</style>
