<!-- @component Which tip of the nozzle bodies is turned down: what is caught and rated goes by it. -->
<script lang="ts">
	import { m } from '$words';
	import type { Rig } from '$core';
	import { withTip } from '$core';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import Field from '$lib/kit/Field.svelte';

	let { round }: { round: RoundState } = $props();
	const rig = $derived(round.head.rig);
	const tips = $derived(rig.tips ?? []);
	const known = $derived(tips.some((t) => t.name === rig.nozzle));
</script>

{#if tips.length > 1 && !round.signedOff}
	<Field
		label={m.tip_that_is_turned_down()}
		type="choice"
		bind:value={
			() => (known ? rig.nozzle : ''),
			(tip) => void round.add({ kind: 'rig', rig: $state.snapshot(withTip(rig, tip)) as Rig })
		}
		options={[
			...(known ? [] : [{ value: '', label: m.pick_one() }]),
			...tips.map((t) => ({ value: t.name, label: t.name }))
		]}
	/>
{/if}
