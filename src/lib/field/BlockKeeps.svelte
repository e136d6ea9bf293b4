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
		{#each shown as { block, keeps }, i (i)}
			<li
				class="grid grid-cols-[minmax(120px,0.6fr)_minmax(0,2fr)] gap-x-4.5 gap-y-1.5 py-2.5 px-0 border-t border-t-rule"
			>
				{#if !bare}<b class="pt-1 text-[1.08rem]"
						>{#if ids[block]}<a href="/ground/{ids[block]}">{block}</a>{:else}{block}{/if}</b
					>{/if}
				<dl class="grid gap-1.5">
					{#each keeps as keep, k (k)}
						<div class={keep.kind}>
							<dt class="pt-1.25 font-semibold">
								{keep.kind === 'entry' ? '✕ ' : keep.kind === 'not-entered' ? '▲ ' : ''}{keep.what}
							</dt>
							<dd class="flex flex-wrap items-baseline gap-x-3 gap-y-0">
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
