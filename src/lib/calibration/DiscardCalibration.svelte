<!-- @component Throws a calibration in progress away: asked first, and undone by one tap afterwards. -->
<script lang="ts">
	import { m } from '$words';
	import { goto } from '$app/navigation';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { say } from '$lib/kit/say';
	import type { CalibrationState } from './calibration.svelte';

	interface Props {
		calibration: CalibrationState;
		open: boolean;
		onclose: () => void;
	}
	let { calibration, open, onclose }: Props = $props();
	const readings = $derived(
		calibration.entries.filter((e) => ['run', 'plot-run', 'track', 'catch', 'pan', 'used'].includes(e.kind)).length
	);

	async function discard() {
		const lost = await calibration.add({ kind: 'discard' });
		// What the device could not keep is said above the page.
		if (lost.length > 0) return onclose();
		await goto(`/sprayers/${calibration.head.sprayerId}`);
		say(m.calibration_discarded(), { label: m.undo(), run: () => void undo() });
	}
	async function undo() {
		await calibration.bringBack();
		await goto(`/rounds/${calibration.head.id}`);
	}
</script>

<Sheet
	{open}
	title={m.discard_this_calibration()}
	lead={readings === 0 ? m.nothing_was_measured_in_it_yet() : m.readings_stay_on_record_and_no({ readings })}
	back={m.cancel()}
	{onclose}
>
	{#snippet foot()}<button type="button" class="btn go" onclick={() => void discard()}>{m.discard()}</button>{/snippet}
</Sheet>
