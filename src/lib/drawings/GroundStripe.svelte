<!-- @component What the ground gets under each nozzle: dye where it is covered, paler where a nozzle gives less, straw where nothing is known. -->
<script lang="ts">
	import type { ShownJug } from '$lib/state/jug-board';

	interface Props {
		jugs: readonly ShownJug[];
		/** Amount of an even catch, in the jugs' unit. */
		reference: number | null;
		/** Words on the even band; none when empty. */
		band?: string;
	}
	let { jugs, reference, band = '' }: Props = $props();

	/** Strength of the dye: 1 at the reference, falling twice as fast as the flow, so that 15 % less can be seen. */
	const strength = (amount: number) => Math.max(0.08, Math.min(1, 1 - 2 * (1 - amount / (reference ?? amount))));
</script>

<div class="stripe">
	<div class="words">
		<p class="lab">What the ground gets under each nozzle</p>
		{#if band}<p class="band"><i></i>{band}</p>{/if}
	</div>
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
	.words {
		display: flex;
		justify-content: space-between;
		gap: 12px;
	}
	.lab,
	.band {
		font-size: 0.85rem;
	}
	.band {
		color: var(--moss-text);
	}
	.band i {
		display: inline-block;
		width: 16px;
		height: 9px;
		margin-right: 6px;
		background: var(--moss-wash);
		box-shadow: inset 0 0 0 1px var(--moss);
	}
	.cells {
		display: flex;
		height: 24px;
		border: 1px solid var(--rule);
	}
	.cells i {
		flex: 1;
	}
	.dry {
		background: var(--straw-wash);
		box-shadow: inset 0 0 0 0.5px var(--straw-edge);
	}
</style>
