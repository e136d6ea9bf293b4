<!-- @component What was changed since the last calibration, as a round opens: what to hold, and what to expect. -->
<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import type { MadeChange } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { aimText } from '$lib/show/change-lines';
	import ChangeFacts from '$lib/calibration/adjust/ChangeFacts.svelte';

	let { change, settings }: { change: MadeChange; settings: FarmSettings } = $props();
</script>

<section class="card" aria-label="Changed since the last calibration">
	<h3>
		Changed on {dayText(change.day)}: {aimText(change.aim, settings.decimalComma)} wanted. This calibration checks it.
	</h3>
	{#if change.carried}<p class="lab">
			It begins as the calibration before was made: method, course, rows and sides, target.
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
