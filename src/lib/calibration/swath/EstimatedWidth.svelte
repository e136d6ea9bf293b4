<!-- @component Whether a wetted width was taped or guessed: a guess counts for less, and says so. -->
<script lang="ts">
	import { m } from '$words';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';

	let { calibration }: { calibration: CalibrationState } = $props();
	const width = $derived(calibration.entered.wetted?.typed);
</script>

{#if width}
	<label class="check">
		<input
			type="checkbox"
			checked={calibration.entered.wettedGuessed}
			disabled={calibration.signedOff}
			onchange={({ currentTarget: { checked } }) =>
				void calibration.add(() => (width ? { kind: 'wetted', width, estimated: checked } : null))}
		/>
		{m.estimated_by_eye_not_taped_counts({ figure: Math.round(calibration.skill.estimatedWidth * 200) })}
	</label>
{/if}
