<!-- @component Left, right or both: one side shut is a setting of its own. Nothing where the sprayer has one part only. -->
<script lang="ts">
	import { m } from '$words';
	import { twoSided } from '$core';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { calibration }: { calibration: CalibrationState } = $props();
	const value = $derived(
		calibration.entered.off.includes(0) ? 'right' : calibration.entered.off.includes(1) ? 'left' : 'both'
	);
	const shut = { both: [], left: [1], right: [0] } as const;
</script>

{#if twoSided(calibration.sprayer)}
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
				if (!calibration.signedOff) void calibration.add({ kind: 'sections', off: [...shut[v]] });
			}}
		/>
		{#if value !== 'both'}<p class="text-amber-text text-[0.9rem] font-semibold text-right phone:text-left">
				{m.with_one_side_shut_pressure_throw()}
			</p>{/if}
	</div>
{/if}
