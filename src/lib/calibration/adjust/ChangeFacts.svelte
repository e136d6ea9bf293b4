<!-- @component What a change consists of, and what it is predicted to bring. -->
<script lang="ts">
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

<dl>
	{#each changeLines(change, settings.decimalComma) as line (line.name)}
		<div>
			<dt>{line.name}</dt>
			<dd class:num={line.name !== 'Nozzles' && line.name !== 'Set'}>{line.text}</dd>
		</div>
	{/each}
	{#if shown}
		<div class="brings">
			<dt>Predicted, with water</dt>
			<dd>
				<span class="num" data-testid="predicted">{shown.figure}</span>
				{f.rateUnit} <small>± {shown.interval}</small>
			</dd>
		</div>
	{/if}
</dl>

<style>
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 28px;
		margin: 0;
	}
	dt {
		color: var(--soft);
		font-size: 0.92rem;
	}
	dd {
		margin: 0;
		font-weight: 600;
	}
	dd.num,
	dd .num {
		font-size: 1.7rem;
		line-height: 1.1;
	}
	.brings {
		margin-left: auto;
	}
	@media (max-width: 859px) {
		.brings {
			margin-left: 0;
		}
	}
</style>
