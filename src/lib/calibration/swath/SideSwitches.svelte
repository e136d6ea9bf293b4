<!-- @component Left, right or both: one side shut is a setting of its own. Nothing where the rig has one part only. -->
<script lang="ts">
	import { m } from '$words';
	import { twoSided } from '$core';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { round }: { round: RoundState } = $props();
	const value = $derived(round.entered.off.includes(0) ? 'right' : round.entered.off.includes(1) ? 'left' : 'both');
	const shut = { both: [], left: [1], right: [0] } as const;
</script>

{#if twoSided(round.rig)}
	<div class="grid justify-items-end gap-1 phone:justify-items-start">
		<Segmented
			label={m.sides_that_spray()}
			options={[
				{ value: 'left', label: m.left_only() },
				{ value: 'both', label: m.both_sides() },
				{ value: 'right', label: m.right_only() }
			]}
			{value}
			onchange={(v) => {
				if (!round.signedOff) void round.add({ kind: 'sections', off: [...shut[v]] });
			}}
		/>
		{#if value !== 'both'}<p class="text-amber-text text-[0.9rem] font-semibold text-right phone:text-left">
				{m.with_one_side_shut_pressure_throw()}
			</p>{/if}
	</div>
{/if}
