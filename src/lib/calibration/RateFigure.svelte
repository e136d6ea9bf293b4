<!-- @component A spray volume, large, with its ±, in the farm's unit and any other. -->
<script lang="ts">
	import { m } from '$words';
	import { inUnit, showFigure } from '$core';
	import type { Budget, VolumePerArea } from '$core';
	import type { RateUnit } from '$lib/settings/rate-units';
	import { rateUnits } from '$lib/settings/rate-units';
	import { shownRate, wideWords } from '$lib/show/answer';

	interface Props {
		/** Spray volume, m³/m². */
		rate: VolumePerArea;
		/** 2u/R. */
		relativeU95: number;
		/** The farm's unit. */
		unit: RateUnit;
		decimalComma: boolean;
		/** What its ± comes from, for the reading that would tell most. */
		budget?: Budget;
	}
	let { rate, relativeU95, unit, decimalComma, budget }: Props = $props();

	const shown = $derived(shownRate(rate, relativeU95, unit, decimalComma));
	const others = $derived(
		rateUnits.filter((u) => u !== unit).map((u) => shownRate(rate, relativeU95, u, decimalComma))
	);
	const whole = $derived(showFigure(inUnit('volumePerArea', rate, unit), 5, decimalComma));
</script>

<div class="grid grid-cols-[auto_1fr] gap-x-7 gap-y-1.5 items-end max-[700px]:grid-cols-[1fr]">
	<p class="leading-[0.9]">
		<span class="num text-[5.6rem] tracking-[-0.03em] max-[700px]:text-[5.4rem]" data-testid="rate">{shown.value}</span>
		<span class="text-[1.4rem] font-semibold">{shown.unit}</span>
	</p>
	<p>
		<span class="num block text-[1.8rem]">± {shown.interval}</span>
		<span class="lab">{m.n95_times_in_100_the_truth({ whole })}</span>
	</p>
	{#if shown.tooWide}<p class="col-span-full font-semibold">▲ {wideWords(relativeU95, decimalComma, budget)}</p>{/if}
	<dl
		class="col-[1/3] grid grid-cols-[repeat(4,1fr)] gap-2.5 mx-0 mt-1.5 mb-0 max-[700px]:col-1 max-[700px]:grid-cols-[1fr_1fr]"
	>
		{#each others as other (other.unit)}
			<div class="py-1 px-2.5 border border-rule rounded-[6px]">
				<dd class="num text-[1.5rem] leading-[1.1]">{other.value}</dd>
				<dt class="text-soft text-[0.82rem] whitespace-nowrap">{other.unit} ± {other.interval}</dt>
			</div>
		{/each}
	</dl>
</div>
