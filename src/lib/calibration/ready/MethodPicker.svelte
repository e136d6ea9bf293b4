<!--
@component The ways in which this kind of rig can be measured. Readings of another way stay, and are compared.
Plain radio buttons: it stands in a round's first view, which is kept small for a weak signal.
-->
<script lang="ts">
	import { methodsFor } from '$core';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { methodName } from '$lib/wording/methods';

	let { round }: { round: RoundState } = $props();
	const id = $props.id();
</script>

<div class="ways" role="radiogroup" aria-label="Way of measuring">
	{#each methodsFor(round.rig) as method (method)}
		<label class:on={round.method === method}>
			<input
				class="sr-only"
				type="radio"
				name="{id}-method"
				value={method}
				checked={round.method === method}
				disabled={round.signedOff}
				onchange={() => void round.add({ kind: 'method', method })}
			/>
			{methodName(method, round.rig.kind)}
		</label>
	{/each}
</div>

<style>
	.ways {
		display: inline-flex;
		flex-wrap: wrap;
		border: 2px solid var(--ink);
		border-radius: 6px;
		background: var(--card);
		overflow: hidden;
	}
	label {
		position: relative;
		display: grid;
		place-items: center;
		min-height: 46px;
		padding: 0 14px;
		font-size: 0.95rem;
		cursor: pointer;
	}
	label.on {
		background: var(--ink);
		color: var(--paper);
	}
	label:has(:focus-visible) {
		outline: 3px solid var(--dye);
		outline-offset: -3px;
	}
</style>
