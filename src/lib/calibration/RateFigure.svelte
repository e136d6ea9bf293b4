<!-- @component A spray volume, large, with its ±, in the farm's unit and any other. -->
<script lang="ts">
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

<div class="rate">
	<p class="big"><span class="num" data-testid="rate">{shown.value}</span> <span class="unit">{shown.unit}</span></p>
	<p class="pm">
		<span class="num">± {shown.interval}</span>
		<span class="lab">95 times in 100 the truth lies within. Unrounded {whole}.</span>
	</p>
	{#if shown.tooWide}<p class="wide">▲ {wideWords(relativeU95, decimalComma, budget)}</p>{/if}
	<dl>
		{#each others as other (other.unit)}
			<div>
				<dd class="num">{other.value}</dd>
				<dt>{other.unit} ± {other.interval}</dt>
			</div>
		{/each}
	</dl>
</div>

<style>
	.rate {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 6px 28px;
		align-items: end;
	}
	.wide {
		grid-column: 1 / -1;
		font-weight: 600;
	}
	.big {
		line-height: 0.9;
	}
	.big .num {
		font-size: 5.6rem;
		letter-spacing: -0.03em;
	}
	.unit {
		font-size: 1.4rem;
		font-weight: 600;
	}
	.pm .num {
		display: block;
		font-size: 1.8rem;
	}
	dl {
		grid-column: 1 / 3;
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		gap: 10px;
		margin: 6px 0 0;
	}
	dl div {
		padding: 4px 10px;
		border: 1px solid var(--rule);
		border-radius: 6px;
	}
	dd {
		margin: 0;
		font-size: 1.5rem;
		line-height: 1.1;
	}
	dt {
		color: var(--soft);
		font-size: 0.82rem;
		white-space: nowrap;
	}
	@media (max-width: 700px) {
		.rate {
			grid-template-columns: 1fr;
		}
		.big .num {
			font-size: 5.4rem;
		}
		dl {
			grid-column: 1;
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
