<!-- @component How far off the prediction was that a calibration began with. -->
<script lang="ts">
	import { m } from '$words';
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

<section class="card" class:off={!gap.held} aria-label={m.prediction()} role="status">
	<p>
		<span class="num text-[1.7rem] leading-[1.1]" data-testid="gap"
			>{gap.share < 0 ? '−' : '+'}{f.percent(gap.share)}</span
		>
		<b>{m.against_the_prediction()}</b>
	</p>
	<p class="lab">
		{m.was_predicted_the_two_may_differ({
			figure: shown.figure,
			interval: shown.interval,
			rateUnit: f.rateUnit,
			since,
			joint: f.percent(gap.joint),
			which: gap.held ? m.the_change_did_what_it_should() : m.they_do_not_meet_look_at()
		})}
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
