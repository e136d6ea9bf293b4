<!-- @component The sprayer was corrected since this calibration began: asked once whether it goes by that. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import type { TypedSprayer } from '$core';
	import { withTip } from '$core';
	import { sprayerChanges } from '$lib/wording/sprayer-changes';
	import type { CalibrationState } from './calibration.svelte';

	interface Props {
		calibration: CalibrationState;
		/** The sprayer as the farm has it now; null where nobody can be asked. */
		now: TypedSprayer | null;
	}
	let { calibration, now: sprayer }: Props = $props();
	/** Which tip is turned down is this calibration's own, no correction. */
	const now = $derived(sprayer && withTip(sprayer, calibration.head.rig.nozzle));
	const place = untrack(() => `fallow-rig-as-it-was-${calibration.head.id}`);
	let kept = $state(untrack(() => localStorage.getItem(place) ?? ''));
	const changes = $derived(now && !calibration.signedOff ? sprayerChanges(calibration.head.rig, now) : []);

	function keep() {
		kept = JSON.stringify(now);
		localStorage.setItem(place, kept);
	}
</script>

{#if now && changes.length > 0 && JSON.stringify(now) !== kept}
	<div class="look mb-3 grid gap-2" role="status">
		<p><b>{m.the_sprayer_was_corrected_since_this()}</b> {changes.join(', ')}.</p>
		<div class="flex flex-wrap gap-2.5">
			<button
				type="button"
				class="btn"
				onclick={() => void calibration.add({ kind: 'rig', rig: $state.snapshot(now) as TypedSprayer })}
				>{m.use_it_here()}</button
			>
			<button type="button" class="btn plain" onclick={keep}>{m.leave_this_calibration_as_it_is()}</button>
		</div>
	</div>
{/if}
