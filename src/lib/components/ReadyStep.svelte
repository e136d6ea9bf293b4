<!-- @component The walk round the rig: ten things to tick, each with its reason. -->
<script lang="ts">
	import { rigChecks } from '$core';
	import type { RoundState } from '$lib/state/round.svelte';
	import { rigCheckWords } from '$lib/wording/rig-checks';
	import Check from '@lucide/svelte/icons/check';

	let { state }: { state: RoundState } = $props();
	const done = $derived(rigChecks.filter((c) => state.round.ticks.has(c)).length);
</script>

<ul>
	{#each rigChecks as check (check)}
		{@const on = state.round.ticks.has(check)}
		<li>
			<button
				type="button"
				role="checkbox"
				aria-checked={on}
				aria-describedby="why-{check}"
				class:on
				disabled={state.signedOff}
				onclick={() => void state.add({ kind: 'tick', check, done: !on })}
			>
				<span class="tick" aria-hidden="true"
					>{#if on}<Check size={26} strokeWidth={3.5} />{/if}</span
				>
				<span class="title">{rigCheckWords[check].title}</span>
				<span class="why" id="why-{check}">{rigCheckWords[check].why}</span>
			</button>
		</li>
	{/each}
</ul>
<p class="sr-only" role="status">{done} of {rigChecks.length} ticked</p>

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		grid-template-columns: 1fr 1fr;
		grid-auto-rows: 1fr;
		gap: 10px;
		flex: 1;
		min-height: 0;
	}
	button {
		display: grid;
		grid-template: auto 1fr / 48px 1fr;
		column-gap: 14px;
		align-content: center;
		width: 100%;
		height: 100%;
		min-height: 76px;
		padding: 8px 14px;
		border: 1px solid var(--straw-edge);
		border-left-width: 8px;
		border-radius: 6px;
		background: var(--straw-wash);
		color: var(--ink);
		text-align: left;
		font: inherit;
		cursor: pointer;
	}
	button.on {
		border-color: var(--dye);
		background: var(--card);
	}
	button:disabled {
		opacity: 1;
		cursor: default;
	}
	.tick {
		grid-row: 1 / 3;
		align-self: center;
		display: grid;
		place-items: center;
		width: 42px;
		height: 42px;
		border: 2px solid var(--ink);
		border-radius: 5px;
		background: var(--card);
	}
	.on .tick {
		border-color: var(--dye);
		background: var(--dye);
		color: var(--on-dye);
	}
	.title {
		font-weight: 650;
		font-size: 1.08rem;
		align-self: end;
	}
	.why {
		color: var(--soft);
		font-size: 0.92rem;
		line-height: 1.3;
	}
	@media (max-width: 859px) {
		ul {
			grid-template-columns: 1fr;
			grid-auto-rows: auto;
			padding-bottom: 12px;
		}
	}
</style>
