<!-- @component How far off the prediction was that a round began with. -->
<script lang="ts">
	import type { Measured } from '$core';
	import { predictionGap, relativeU } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { adjustFigures } from '$lib/show/adjust';

	interface Props {
		predicted: number;
		/** 2u of it, as a share. */
		sure: number;
		/** Where the prediction is from, to stand after its figure. */
		since: string;
		rate: Measured<'volumePerArea'>;
		settings: FarmSettings;
	}
	let { predicted, sure, since, rate, settings }: Props = $props();
	const f = $derived(adjustFigures(settings));
	const gap = $derived(predictionGap(predicted, sure, rate.value, 2 * relativeU(rate)));
	const shown = $derived(f.sure(predicted, sure));
</script>

<section class="card" class:off={!gap.held} aria-label="Prediction" role="status">
	<p>
		<span class="num text-[1.7rem] leading-[1.1]" data-testid="gap"
			>{gap.share < 0 ? '−' : '+'}{f.percent(gap.share)}</span
		>
		<b>against the prediction</b>
	</p>
	<p class="lab">
		{shown.figure} ± {shown.interval}
		{f.rateUnit} was predicted {since}; the two may differ by ± {f.percent(gap.joint)}.
		{gap.held
			? 'The change did what it should.'
			: 'They do not meet: look at the gauge, the nozzles that were fitted, and the gear that was driven.'}
	</p>
</section>

<style>
	section {
		padding: 10px 18px;
		border-left: 8px solid var(--moss);
	}
	.off {
		border-color: var(--amber);
	}
</style>
