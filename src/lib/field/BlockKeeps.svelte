<!-- @component What still keeps people, a harvest or a sowing off blocks, counted down while the page is open. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import type { BlockState } from '$core';
	import type { FarmClock } from '$lib/settings/farm-time';
	import { timeAt } from '$lib/settings/farm-time';
	import { zoneSuffix } from '$lib/frame/phone-clock.svelte';
	import { keepAtWork, keepsOf } from '$lib/show/keeps';

	interface Props {
		states: readonly BlockState[];
		/** Blocks that are being sprayed: their keep-out begins when the last load is out. */
		atWork?: readonly { readonly block: string; readonly product: string; readonly whole: number }[];
		/** Ids of blocks by name, where there is a page to go to. */
		ids: Readonly<Record<string, string>>;
		/** Now, s, as the server had it: what is drawn first. */
		now: number;
		clock: FarmClock;
		/** Without the names, for the page or the card of one block. */
		bare?: boolean;
	}
	let { states, atWork = [], ids, now, clock, bare = false }: Props = $props();
	let passed = $state(0);
	onMount(() => {
		const began = performance.now();
		const timer = setInterval(() => (passed = (performance.now() - began) / 1000), 20_000);
		return () => clearInterval(timer);
	});
	const shown = $derived([
		...atWork.map((one) => ({ block: one.block, keeps: [keepAtWork(one)] })),
		...states.flatMap((state) => {
			const keeps = keepsOf(
				state,
				now + passed,
				(s) => `${timeAt(clock, s * 1000)}${zoneSuffix(clock.timeZone, s * 1000)}`
			);
			return keeps.length > 0 ? [{ block: state.block, keeps }] : [];
		})
	]);
</script>

{#if shown.length > 0}
	<ul class="grid">
		{#each shown as { block, keeps }, i (i)}
			{#each keeps as keep, k (k)}
				<li class={keep.kind}>
					<span class="tag">{keep.kind === 'entry' ? '✕ ' : keep.kind === 'not-entered' ? '▲ ' : ''}{keep.what}</span>
					<span class="text grid min-w-0">
						{#if !bare}<b class="text-[1.05rem]"
								>{#if ids[block]}<a class="tap" href="/ground/{ids[block]}">{block}</a>{:else}{block}{/if}</b
							>{/if}
						<span class="lab">{keep.until}</span>
					</span>
					<span class="num left">{keep.left}</span>
					{#if keep.kind !== 'not-entered'}
						<span
							class="bar col-span-full h-2 border border-straw-edge bg-straw-wash {keep.run === null
								? 'border-dashed'
								: ''}"
							aria-hidden="true"
							><i
								class="block h-full bg-dye forced-colors:bg-[Highlight] forced-colors:forced-color-adjust-none"
								style="width: {100 * (keep.run ?? 0)}%"
							></i></span
						>
					{/if}
				</li>
			{/each}
		{/each}
	</ul>
{/if}

<style>
	ul {
		container-type: inline-size;
	}
	li {
		display: grid;
		grid-template-columns: 136px minmax(0, 1fr) auto;
		gap: 6px 14px;
		align-items: center;
		min-height: 56px;
		padding: 7px 0;
		border-top: 1px solid var(--rule);
	}
	.tag {
		display: grid;
		align-items: center;
		min-height: 36px;
		padding: 3px 9px;
		border: 1.5px solid var(--straw-edge);
		border-radius: 4px;
		background: var(--straw-wash);
		color: var(--straw-ink, var(--ink));
		font: 700 1.02rem/1.15 var(--font-figures);
		font-stretch: 84%;
	}
	.entry .tag {
		border-color: var(--rust);
		background: var(--rust-wash);
	}
	.not-entered .tag {
		border-color: var(--amber);
		background: var(--amber-wash);
	}
	.left {
		font-size: 1.6rem;
		text-align: right;
		white-space: nowrap;
	}
	.not-entered .left {
		font-size: 1.15rem;
	}
	/* In a card, and on the smallest phone: the count beside its word, the rest under them. */
	@container (max-width: 370px) {
		li {
			grid-template: 'tag left' auto 'text text' auto 'bar bar' auto / minmax(0, 1fr) auto;
			gap: 4px 10px;
		}
		.tag {
			grid-area: tag;
			justify-self: start;
		}
		.text {
			grid-area: text;
		}
		.left {
			grid-area: left;
			font-size: 1.35rem;
		}
		.bar {
			grid-area: bar;
		}
	}
</style>
