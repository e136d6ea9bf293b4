<!-- @component The working, line by line with units, in the school that the reader picks. -->
<script lang="ts">
	import { m } from '$words';
	import { workingText } from '$lib/wording/working';
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
			rule: workingText(line.rule),
			figures: workingText(asWritten(line.figures, decimalComma))
		}))
	);
	const names = {
		speed: m.ground_speed(),
		width: m.swath(),
		area: m.ground(),
		used: m.used(),
		flow: m.flow(),
		rate: m.spray_volume()
	};
</script>

<div class="working">
	<div class="flex flex-wrap justify-between items-center gap-x-4 gap-y-2 mb-1.5">
		<h2>{m.the_working()}</h2>
		<Segmented
			label={m.school_of_the_working()}
			options={[
				{ value: 'units', label: m.by_units() },
				{ value: '5940', label: '5940' },
				{ value: '600', label: '600' },
				{ value: 'hour', label: m.per_hour() },
				{ value: 'reading', label: m.reading_title() }
			]}
			value={shown}
			onchange={(v) => (picked = v)}
		/>
	</div>
	<ol>
		{#each lines as line (line.finds)}
			<li
				class="grid grid-cols-[104px_minmax(0,0.8fr)_minmax(0,1.2fr)] items-baseline gap-x-3 py-1.25 px-0 border-b border-dashed border-b-rule max-[700px]:grid-cols-[1fr]"
			>
				<span class="font-semibold">{names[line.finds]}</span>
				<span class="text-soft font-normal text-[0.86rem] leading-[1.25]">{line.rule}</span>
				<span class="figures">{line.figures}</span>
			</li>
		{/each}
	</ol>
</div>

<style>
	li:last-child {
		border: 0;
		font-weight: 700;
	}
	.figures {
		font-family: var(--font-figures);
		font-stretch: 82%;
		font-variant-numeric: tabular-nums;
		font-size: 1.1rem;
	}
	@media (max-width: 700px) {
		.figures {
			font-size: 1.05rem;
		}
	}
</style>
