<!-- @component Whether a sprayer is due, why, and what was sprayed with it since it was calibrated. -->
<script lang="ts">
	import type { CalibrationDue, SinceCalibrated } from '$core';
	import { inUnit, showFigure, si } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import { dueReasonText } from '$lib/wording/due';

	interface Props {
		due: CalibrationDue & { readonly since: SinceCalibrated };
		settings: FarmSettings;
	}
	let { due, settings }: Props = $props();
	const units = $derived(fieldUnits(settings));
	const heading = $derived(
		due.state === 'due'
			? '▲ Calibrate it again'
			: due.state === 'soon'
				? 'Due soon'
				: due.day
					? `Due ${due.day}`
					: 'Not due'
	);
	const area = $derived(showFigure(inUnit('area', si<'area'>(due.since.area), units.area), 3, settings.decimalComma));
</script>

<section class={due.state} aria-label="When it is due">
	<h2>{heading}</h2>
	{#each due.reasons as reason (reason.code)}<p>{dueReasonText(reason, settings)}</p>{/each}
	<p class="lab">
		Since it was calibrated: {showFigure(due.since.hours, 2, settings.decimalComma)} h and {area}
		{units.area} sprayed. <a href="/farm">The farm’s rules</a>
	</p>
</section>

<style>
	section {
		display: grid;
		gap: 4px;
		padding: 8px 12px;
		border-left: 6px solid var(--moss);
		background: var(--card);
	}
	.soon {
		border-color: var(--straw);
	}
	.due {
		border-color: var(--amber);
	}
	h2 {
		font-size: 1.2rem;
	}
</style>
