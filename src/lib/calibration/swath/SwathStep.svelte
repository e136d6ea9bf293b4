<!-- @component The swath, measured in the way of its kind of rig. -->
<script lang="ts">
	import type { RoundState } from '$lib/calibration/round.svelte';
	import SwathBoom from './SwathBoom.svelte';

	let { state }: { state: RoundState } = $props();
	const others = {
		boomless: () => import('./SwathBoomless.svelte'),
		airblast: () => import('./SwathAlley.svelte'),
		knapsack: () => import('./SwathPattern.svelte')
	};
</script>

{#if state.rig.kind === 'boom'}
	<SwathBoom {state} />
{:else}
	{#await others[state.rig.kind]() then { default: Swath }}<Swath {state} />{/await}
{/if}
