<!-- @component Whether a wetted width was taped or guessed: a guess counts for less, and says so. -->
<script lang="ts">
	import type { RoundState } from '$lib/calibration/round.svelte';

	let { round }: { round: RoundState } = $props();
	const width = $derived(round.round.wetted?.typed);
</script>

{#if width}
	<label>
		<input
			type="checkbox"
			checked={round.round.wettedGuessed}
			disabled={round.signedOff}
			onchange={(e) => void round.add({ kind: 'wetted', width, estimated: e.currentTarget.checked })}
		/>
		Estimated by eye, not taped (counts ± {Math.round(round.skill.estimatedWidth * 200)} %)
	</label>
{/if}

<style>
	label {
		display: flex;
		gap: 8px;
		align-items: center;
		min-height: 48px;
	}
	input {
		width: 24px;
		height: 24px;
	}
</style>
