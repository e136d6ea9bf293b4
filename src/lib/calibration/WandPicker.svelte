<!-- @component Whether the wand was held still or swung: noted with the readings, since it changes what the ground gets. -->
<script lang="ts">
	import { m } from '$words';
	import type { CalibrationState } from './calibration.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { calibration }: { calibration: CalibrationState } = $props();
	const value = $derived(calibration.entered.notes.get('wand') === 'swung' ? 'swung' : 'still');
</script>

<div>
	<p class="lab mb-1 font-semibold text-ink">{m.the_wand_was()}</p>
	<Segmented
		label={m.how_the_wand_was_held()}
		options={[
			{ value: 'still', label: m.held_still() },
			{ value: 'swung', label: m.swung() }
		]}
		{value}
		onchange={(v) => {
			if (!calibration.signedOff) void calibration.add({ kind: 'noted', what: 'wand', text: v });
		}}
	/>
</div>
