<!-- @component Whether a wetted width was taped or guessed: a guess counts for less, and says so. -->
<script lang="ts">
	import { m } from '$words';
	import type { RoundState } from '$lib/calibration/round.svelte';

	let { round }: { round: RoundState } = $props();
	const width = $derived(round.entered.wetted?.typed);
</script>

{#if width}
	<label class="flex gap-2 items-center min-h-12">
		<input
			class="w-6 h-6"
			type="checkbox"
			checked={round.entered.wettedGuessed}
			disabled={round.signedOff}
			onchange={({ currentTarget: { checked } }) =>
				void round.add(() => (width ? { kind: 'wetted', width, estimated: checked } : null))}
		/>
		{m.estimated_by_eye_not_taped_counts({ figure: Math.round(round.skill.estimatedWidth * 200) })}
	</label>
{/if}
