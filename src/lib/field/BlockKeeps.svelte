<!-- @component What still keeps people, a harvest or a sowing off blocks, counted down while the page is open. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import type { BlockState } from '$core';
	import { timeAt } from '$lib/settings/farm-time';
	import { zoneSuffix } from '$lib/frame/phone-clock.svelte';
	import { keepsOf } from '$lib/show/keeps';

	interface Props {
		states: readonly BlockState[];
		/** Ids of blocks by name, where there is a page to go to. */
		ids: Readonly<Record<string, string>>;
		/** Now, s, as the server had it: what is drawn first. */
		now: number;
		timeZone: string;
		/** Without the names, for the page or the card of one block. */
		bare?: boolean;
	}
	let { states, ids, now, timeZone, bare = false }: Props = $props();
	let passed = $state(0);
	onMount(() => {
		const began = performance.now();
		const timer = setInterval(() => (passed = (performance.now() - began) / 1000), 20_000);
		return () => clearInterval(timer);
	});
	const shown = $derived(
		states.flatMap((state) => {
			const keeps = keepsOf(
				state,
				now + passed,
				(s) => `${timeAt(timeZone, s * 1000)}${zoneSuffix(timeZone, s * 1000)}`
			);
			return keeps.length > 0 ? [{ block: state.block, keeps }] : [];
		})
	);
</script>

{#if shown.length > 0}
	<ul class:bare>
		{#each shown as { block, keeps } (block)}
			<li>
				{#if !bare}<b
						>{#if ids[block]}<a href="/ground/{ids[block]}">{block}</a>{:else}{block}{/if}</b
					>{/if}
				<dl>
					{#each keeps as keep (keep.kind + keep.what + keep.until)}
						<div class={keep.kind}>
							<dt>{keep.kind === 'entry' ? '✕ ' : keep.kind === 'not-entered' ? '▲ ' : ''}{keep.what}</dt>
							<dd>
								<span class="num">{keep.left}</span>
								<span class="lab">{keep.until}</span>
							</dd>
						</div>
					{/each}
				</dl>
			</li>
		{/each}
	</ul>
{/if}

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: minmax(120px, 0.6fr) minmax(0, 2fr);
		gap: 6px 18px;
		padding: 10px 0;
		border-top: 1px solid var(--rule);
	}
	.bare li {
		grid-template-columns: minmax(0, 1fr);
		padding: 6px 0;
	}
	.bare dl div {
		grid-template-columns: minmax(0, 1fr);
	}
	.bare dt {
		padding-top: 2px;
	}
	li > b {
		padding-top: 4px;
		font-size: 1.08rem;
	}
	dl {
		display: grid;
		gap: 6px;
		margin: 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 150px minmax(0, 1fr);
		gap: 4px 14px;
		padding: 4px 10px;
		border-left: 8px solid var(--straw);
		background: var(--straw-wash);
		outline: 1px solid var(--straw-edge);
		color: var(--straw-ink, var(--ink));
	}
	dl .entry {
		border-left-color: var(--rust);
		background: var(--rust-wash);
		outline-color: var(--rust);
	}
	dl .not-entered {
		border-left-color: var(--amber);
		background: var(--amber-wash);
		outline-color: var(--amber);
	}
	.not-entered .num {
		font-size: 1.3rem;
	}
	dt {
		padding-top: 5px;
		font-weight: 600;
	}
	dd {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 12px;
		margin: 0;
	}
	.num {
		font-size: 1.7rem;
		white-space: nowrap;
	}
	.lab {
		color: inherit;
	}
	@media (max-width: 859px) {
		li,
		dl div {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
