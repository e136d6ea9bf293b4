<!-- @component The steps of mixing one load, large, with what is done and when; the one at work is lit. -->
<script lang="ts">
	import { m } from '$words';
	import { typedText } from '$lib/settings/typed-text';
	import { clockOf } from './run-facts';
	import RunPour from './RunPour.svelte';
	import type { JobRunState } from './job-run.svelte';

	let { run }: { run: JobRunState } = $props();
	const load = $derived(run.shown);
</script>

{#if load}
	<ol class="card m-0 py-0.5 px-4.5 list-none">
		{#each run.lines as line, i (i)}
			{@const done = load.done[i]}
			<li
				class="grid grid-cols-[40px_minmax(0,1fr)_auto_190px] gap-4 items-center min-h-19 py-1.5 px-0 border-b border-b-hair"
				class:done
				class:now={i === load.next && load.n === run.current?.n}
				aria-current={i === load.next ? 'step' : undefined}
			>
				<span class="box" aria-hidden="true">{done ? '✓' : i + 1}</span>
				<span class="what">
					<b class="text-[1.1rem]">{line.text}</b>
					<small class="block text-soft text-[0.92rem]"
						>{line.why}{done ? m.done_at({ at: clockOf(done.at, run.settings) }) : ''}</small
					>
					{#if done?.poured && line.poured && (done.again.length > 0 || typedText(done.poured.typed) !== typedText(line.poured))}
						<!-- What was done twice went in twice: each as it was typed, or as planned where nobody said, as the record counts it. -->
						<small class="look block text-soft text-[0.92rem]"
							>{m.went_in({
								typed: [done.poured, ...done.again].map((pour) => typedText(pour?.typed ?? line.poured!)).join(' + ')
							})}</small
						>
					{/if}
					{#if line.poured && i === load.next && load.n === run.current?.n}<RunPour
							{run}
							unit={line.poured.unit}
							shown={line.unit}
						/>{/if}
					{#if line.look && !done}<small class="look block text-soft text-[0.92rem]">▲ {line.look}</small>{/if}
				</span>
				<span class="text-right whitespace-nowrap"
					><span class="num text-[2.3rem] leading-none">{line.figure}</span> {line.unit}</span
				>
				<span class="grid text-[0.88rem] leading-[1.25]">
					{#if line.how.length === 0}<span>{m.sight_gauge()}</span>{/if}
					{#each line.how as how (how)}<span>{how}</span>{/each}
				</span>
			</li>
		{/each}
	</ol>
{/if}

<style>
	li:last-child {
		border: 0;
	}
	.now {
		margin: 0 -18px;
		padding: 6px 18px;
		background: var(--dye-wash);
	}
	.box {
		display: grid;
		place-items: center;
		width: 38px;
		height: 38px;
		border: 2px solid var(--ink);
		border-radius: 5px;
		background: var(--card);
		font: 700 1.2rem var(--font-figures);
	}
	.done .box {
		border-color: var(--moss);
		background: var(--moss);
		color: #fff;
	}
	.now small {
		color: var(--ink);
	}
	small.look {
		color: var(--amber-text);
		font-weight: 600;
	}
</style>
