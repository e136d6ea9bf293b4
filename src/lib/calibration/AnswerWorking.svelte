<!-- @component The line of the working that ends in the spray volume: its rule, and the rule with its figures. -->
<script lang="ts">
	import type { AnySheet, MethodCalibration } from '$core';
	import { workingOf } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { measuresOf } from '$lib/settings/field-units';
	import { asWritten } from '$lib/wording/as-written';
	import { workingText } from '$lib/wording/working';

	interface Props {
		sheet: AnySheet;
		calibration: MethodCalibration;
		settings: FarmSettings;
	}
	let { sheet, calibration, settings }: Props = $props();
	const line = $derived(
		workingOf(sheet, calibration, settings.school, measuresOf(settings)).find((l) => l.finds === 'rate')
	);
</script>

{#if line}
	<p class="font-figures font-stretch-[80%] leading-[1.45]">
		<span class="text-soft">{workingText(line.rule)}</span><br /><b
			>{workingText(asWritten(line.figures, settings.decimalComma))}</b
		>
	</p>
{/if}
