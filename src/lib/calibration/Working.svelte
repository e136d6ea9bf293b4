<!-- @component The working, line by line with units, in the school that the reader picks. -->
<script lang="ts">
	import type { AnySheet, Measures, MethodCalibration, School } from '$core';
	import { workingOf } from '$core';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { asWritten } from '$lib/wording/as-written';

	interface Props {
		sheet: AnySheet;
		calibration: MethodCalibration;
		/** The farm's school; the reader may look at another. */
		school: School;
		measures: Measures;
		decimalComma: boolean;
	}
	let { sheet, calibration, school, measures, decimalComma }: Props = $props();

	let picked = $state<School | null>(null);
	const shown = $derived(picked ?? school);
	const lines = $derived(
		workingOf(sheet, calibration, shown, measures).map((line) => ({
			...line,
			figures: asWritten(line.figures, decimalComma)
		}))
	);
	const names = {
		speed: 'Ground speed',
		width: 'Swath',
		area: 'Ground',
		used: 'Used',
		flow: 'Flow',
		rate: 'Spray volume'
	};
</script>

<div class="working">
	<div class="head">
		<h2>The working</h2>
		<Segmented
			label="School of the working"
			options={[
				{ value: 'units', label: 'By units' },
				{ value: '5940', label: '5940' },
				{ value: '600', label: '600' },
				{ value: 'hour', label: 'Per hour' },
				{ value: 'reading', label: 'Reading' }
			]}
			value={shown}
			onchange={(v) => (picked = v)}
		/>
	</div>
	<ol>
		{#each lines as line (line.finds)}
			<li>
				<span class="what">{names[line.finds]}</span>
				<span class="rule">{line.rule}</span>
				<span class="figures">{line.figures}</span>
			</li>
		{/each}
	</ol>
</div>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 8px 16px;
		margin-bottom: 6px;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 104px minmax(0, 0.8fr) minmax(0, 1.2fr);
		align-items: baseline;
		column-gap: 12px;
		padding: 5px 0;
		border-bottom: 1px dashed var(--rule);
	}
	li:last-child {
		border: 0;
		font-weight: 700;
	}
	.what {
		font-weight: 600;
	}
	.rule {
		color: var(--soft);
		font-weight: 400;
		font-size: 0.86rem;
		line-height: 1.25;
	}
	.figures {
		font-family: var(--font-figures);
		font-stretch: 82%;
		font-variant-numeric: tabular-nums;
		font-size: 1.1rem;
	}
	@media (max-width: 700px) {
		li {
			grid-template-columns: 1fr;
		}
		.figures {
			font-size: 1.05rem;
		}
	}
</style>
