<!-- @component Whether a sprayer is due, why, and what was sprayed with it since it was calibrated. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
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
			? m.calibrate_it_again()
			: due.state === 'soon'
				? m.due_soon()
				: due.day
					? m.due({ day: dayText(due.day) })
					: m.not_due()
	);
	const area = $derived(showFigure(inUnit('area', si<'area'>(due.since.area), units.area), 3, settings.decimalComma));
</script>

<section class={['grid gap-1 py-2 px-3 border-l-6 border-l-moss bg-card', due.state]} aria-label={m.when_it_is_due()}>
	<h2 class="text-[1.2rem]">{heading}</h2>
	{#each due.reasons as reason (reason.code)}<p>{dueReasonText(reason, settings)}</p>{/each}
	<p class="lab">
		{m.since_it_was_calibrated_h_and({
			hours: showFigure(due.since.hours, 2, settings.decimalComma),
			area,
			area2: units.area
		})} <a href="/farm">{m.the_farms_rules()}</a>
	</p>
</section>

<style>
	.soon {
		border-color: var(--straw);
	}
	.due {
		border-color: var(--amber);
	}
</style>
