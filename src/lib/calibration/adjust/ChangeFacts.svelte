<!-- @component What a change consists of, and what it is predicted to bring. -->
<script lang="ts">
	import { m } from '$words';
	import type { TypedChange } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { changeLines } from '$lib/show/change-lines';
	import { adjustFigures } from '$lib/show/adjust';

	interface Props {
		change: TypedChange;
		prediction: { readonly volume: number; readonly sure: number } | null;
		settings: FarmSettings;
	}
	let { change, prediction, settings }: Props = $props();
	const f = $derived(adjustFigures(settings));
	const shown = $derived(prediction && f.sure(prediction.volume, prediction.sure));
</script>

<dl class="flex flex-wrap gap-x-7 gap-y-1">
	{#each changeLines(change, settings.decimalComma) as line (line.name)}
		<div>
			<dt class="text-soft text-[0.92rem]">{line.name}</dt>
			<dd class="font-semibold" class:num={line.name !== 'Nozzles' && line.name !== 'Set'}>{line.text}</dd>
		</div>
	{/each}
	{#if shown}
		<div class="ml-auto phone:ml-0">
			<dt class="text-soft text-[0.92rem]">{m.predicted_with_water()}</dt>
			<dd class="font-semibold">
				<span class="num" data-testid="predicted">{shown.figure}</span>
				{f.rateUnit} <small>± {shown.interval}</small>
			</dd>
		</div>
	{/if}
</dl>

<style>
	dd.num,
	dd .num {
		font-size: 1.7rem;
		line-height: 1.1;
	}
</style>
