<!-- @component The runs over the course: timed or typed, struck ones still on record, and those still open. -->
<script lang="ts">
	import { m } from '$words';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import type { Run } from '$core';
	import { showDecimals } from '$core';
	import { typedText } from '$lib/settings/typed-text';

	interface Props {
		runs: readonly Run[];
		/** Time of a run, s; null where it cannot be read. */
		seconds: (run: Run) => number | null;
		/** Speed for a time, in words with unit. */
		speedOf: (time: number | null) => string;
		/** Runs that a calibration asks for. */
		wanted: number;
		/** What one is called, and whether they go out and back. Default: runs over a course. */
		what?: 'Run' | 'Go';
		readOnly: boolean;
		decimalComma: boolean;
		onstrike: (id: string) => void;
		onrestore: (id: string) => void;
	}
	let { runs, seconds, speedOf, wanted, what = 'Run', readOnly, decimalComma, onstrike, onrestore }: Props = $props();

	const open = $derived(Math.max(0, wanted - runs.filter((r) => !r.struck).length));
</script>

<ol class="grid gap-2" aria-label={what === 'Go' ? m.goes_name() : m.runs_name()} class:plain={what === 'Go'}>
	{#each runs as run, i (run.id)}
		{@const time = seconds(run)}
		<li class:struck={run.struck}>
			<span class="text-dye-text text-[1.35rem]" aria-hidden="true">{what === 'Go' ? '·' : i % 2 ? '←' : '→'}</span>
			<span class="whitespace-nowrap"
				>{what === 'Go' ? m.go_name() : m.run_name()}
				{i + 1}
				{what === 'Go' ? '' : i % 2 ? m.back() : m.out()}{#if run.by === 'typed'}<small
						class="ml-1.5 text-soft phone:hidden">{m.typed()}</small
					>{/if}</span
			>
			<span class="num text-[1.6rem]"
				>{time === null ? typedText(run.time.typed) : `${showDecimals(time, 2, decimalComma)} s`}</span
			>
			{#if what === 'Run' || run.struck}<span class="text-soft text-[0.95rem]"
					>{run.struck ? m.struck() : speedOf(time)}</span
				>{/if}
			{#if run.struck && !readOnly}
				<button
					type="button"
					class="grid place-items-center w-12 min-h-12 rounded-[6px] bg-transparent text-dye-text cursor-pointer"
					onclick={() => onrestore(run.id)}
					aria-label={m.restore_name({ name: what.toLowerCase(), i: i + 1 })}
					title={m.restore_it_it_counts_again()}><Undo2 size={20} aria-hidden="true" /></button
				>
			{:else if !readOnly}
				<button
					type="button"
					class="w-12 min-h-12 rounded-[6px] bg-transparent text-rust-text text-[1.1rem] cursor-pointer"
					onclick={() => onstrike(run.id)}
					aria-label={m.strike({ name: what.toLowerCase(), i: i + 1 })}
					title={m.strike_it_it_stays_on_record()}>✕</button
				>
			{/if}
		</li>
	{/each}
	{#each { length: open }, i (i)}
		<li class="open">
			<span class="text-dye-text text-[1.35rem]" aria-hidden="true">·</span><span>{what} {runs.length + i + 1}</span>
		</li>
	{/each}
</ol>

<style>
	.plain li {
		grid-template-columns: 12px 1fr auto 48px;
	}
	li {
		display: grid;
		grid-template-columns: 26px 1fr auto 5.4rem 48px;
		align-items: center;
		gap: 10px;
		min-height: 56px;
		padding: 4px 6px 4px 12px;
		border: 1px solid var(--rule);
		border-radius: 6px;
		background: var(--card);
	}
	.open {
		border: 1px dashed var(--straw-edge);
		background: var(--straw-wash);
		color: var(--straw-text);
	}
	.struck {
		text-decoration: line-through;
		color: var(--soft);
	}
	@media (max-width: 859px) {
		li {
			min-height: 46px;
			padding: 0 2px 0 10px;
			gap: 8px;
			grid-template-columns: 18px minmax(0, 1fr) auto 4.6rem 44px;
		}
		.open {
			min-height: 34px;
		}
	}
</style>
