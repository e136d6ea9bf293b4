<!-- @component The sprayer was corrected since this calibration began: asked once whether it goes by that. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import type { Rig } from '$core';
	import { withTip } from '$core';
	import { rigChanges } from '$lib/wording/rig-changes';
	import type { RoundState } from './round.svelte';

	interface Props {
		round: RoundState;
		/** The sprayer as the farm has it now; null where nobody can be asked. */
		now: Rig | null;
	}
	let { round, now: sprayer }: Props = $props();
	/** Which tip is turned down is this calibration's own, no correction. */
	const now = $derived(sprayer && withTip(sprayer, round.head.rig.nozzle));
	const place = untrack(() => `fallow-rig-as-it-was-${round.head.id}`);
	let kept = $state(untrack(() => localStorage.getItem(place) ?? ''));
	const changes = $derived(now && !round.signedOff ? rigChanges(round.head.rig, now) : []);

	function keep() {
		kept = JSON.stringify(now);
		localStorage.setItem(place, kept);
	}
</script>

{#if now && changes.length > 0 && JSON.stringify(now) !== kept}
	<div class="look mb-3 grid gap-2" role="status">
		<p><b>▲ The sprayer was corrected since this calibration began:</b> {changes.join(', ')}.</p>
		<div class="flex flex-wrap gap-2.5">
			<button
				type="button"
				class="btn"
				onclick={() => void round.add({ kind: 'rig', rig: $state.snapshot(now) as Rig })}>Use it here</button
			>
			<button type="button" class="btn plain" onclick={keep}>Leave this calibration as it is</button>
		</div>
	</div>
{/if}
