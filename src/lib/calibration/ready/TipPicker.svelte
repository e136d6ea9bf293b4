<!-- @component Which tip of the nozzle bodies is turned down: what is caught and rated goes by it. -->
<script lang="ts">
	import { m } from '$words';
	import type { TypedSprayer } from '$core';
	import { withTip } from '$core';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import Field from '$lib/kit/Field.svelte';

	let { calibration }: { calibration: CalibrationState } = $props();
	const sprayer = $derived(calibration.head.rig);
	const tips = $derived(sprayer.tips ?? []);
	const known = $derived(tips.some((t) => t.name === sprayer.nozzle));
</script>

{#if tips.length > 1 && !calibration.signedOff}
	<Field
		label={m.tip_that_is_turned_down()}
		type="choice"
		bind:value={
			() => (known ? sprayer.nozzle : ''),
			(tip) => void calibration.add({ kind: 'rig', rig: $state.snapshot(withTip(sprayer, tip)) as TypedSprayer })
		}
		options={[
			...(known ? [] : [{ value: '', label: m.pick_one() }]),
			...tips.map((t) => ({ value: t.name, label: t.name }))
		]}
	/>
{/if}
