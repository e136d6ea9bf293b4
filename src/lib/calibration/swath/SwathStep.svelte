<!-- @component The swath, measured in the way of its kind of sprayer. -->
<script lang="ts">
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import SwathBoom from './SwathBoom.svelte';

	let { state }: { state: CalibrationState } = $props();
	const others = {
		boomless: () => import('./SwathBoomless.svelte'),
		airblast: () => import('./SwathAlley.svelte'),
		knapsack: () => import('./SwathPattern.svelte')
	};
</script>

{#if state.sprayer.kind === 'boom'}
	<SwathBoom {state} />
{:else}
	{#await others[state.sprayer.kind]() then { default: Swath }}<Swath {state} />{/await}
{/if}
