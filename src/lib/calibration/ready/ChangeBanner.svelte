<!-- @component What was changed since the last calibration, as a calibration opens: what to hold, and what to expect. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import type { MadeChange } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { aimText } from '$lib/show/change-lines';
	import ChangeFacts from '$lib/calibration/adjust/ChangeFacts.svelte';

	let { change, settings }: { change: MadeChange; settings: FarmSettings } = $props();
</script>

<section class="card" aria-label={m.changed_since_the_last_calibration()}>
	<h3>
		{m.changed_on_wanted_this_calibration_checks({
			day: dayText(change.day),
			aim: aimText(change.aim, settings.decimalComma)
		})}
	</h3>
	{#if change.carried}<p class="lab">
			{m.it_begins_as_the_calibration_before()}
		</p>{/if}
	<ChangeFacts {change} prediction={{ volume: change.predicted, sure: change.sure }} {settings} />
</section>

<style>
	section {
		display: grid;
		gap: 6px;
		padding: 10px 16px;
		border-left: 8px solid var(--dye);
	}
	h3 {
		font: 600 1rem var(--font-text);
	}
</style>
