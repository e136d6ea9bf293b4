<!-- @component What the ground gets under each nozzle: dye where it is covered, paler where a nozzle gives less, straw where nothing is known. -->
<script lang="ts">
	import type { ShownJug } from '$lib/state/jug-board';

	interface Props {
		jugs: readonly ShownJug[];
		/** Amount of an even catch, in the jugs' unit. */
		reference: number | null;
	}
	let { jugs, reference }: Props = $props();

	/** Strength of the dye: 1 at the reference, falling twice as fast as the flow, so that 15 % less can be seen. */
	const strength = (amount: number) => Math.max(0.08, Math.min(1, 1 - 2 * (1 - amount / (reference ?? amount))));
</script>

<div class="stripe">
	<p class="lab">What the ground gets under each nozzle</p>
	<div class="cells" aria-hidden="true">
		{#each jugs as jug (jug.n)}
			{#if jug.amount === null}
				<i class="dry"></i>
			{:else}
				<i style="background:color-mix(in oklab, var(--dye) {strength(jug.amount) * 100}%, var(--card))"></i>
			{/if}
		{/each}
	</div>
</div>

<style>
	.stripe {
		margin-top: 6px;
	}
	.lab {
		font-size: 0.85rem;
	}
	.cells {
		display: flex;
		height: 24px;
		border: 1px solid var(--rule);
	}
	i {
		flex: 1;
	}
	.dry {
		background: var(--straw-wash);
		box-shadow: inset 0 0 0 0.5px var(--straw-edge);
	}
</style>
