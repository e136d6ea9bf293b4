<!-- @component The one step at the tank that a phone shows: its amount as large as it goes, with what to measure it, and what comes after. -->
<script lang="ts">
	import { m } from '$words';
	import RunPour from './RunPour.svelte';
	import type { JobRunState } from './job-run.svelte';

	let { run, wears }: { run: JobRunState; wears: string } = $props();
	const load = $derived(run.shown);
	const at = $derived(load ? (load.next ?? load.steps.length - 1) : 0);
	const line = $derived(run.lines[at]);
	const after = $derived(run.lines.slice(at + 1));
</script>

{#if load && line}
	<section class="grid gap-1 py-3.5 px-4 border-b border-b-rule bg-card">
		<p class="lab">{m.step_of({ at: at + 1, count: run.lines.length, why: line.why })}</p>
		<h2 class="text-[1.7rem]">{line.text}</h2>
		<p class="figure flex items-baseline gap-2.5 text-[1.8rem]" data-testid="amount">
			<span class="num text-[6.4rem] leading-none" class:long={line.figure.length > 5}>{line.figure}</span>
			<b>{line.unit}</b>
		</p>
		{#each line.how as how (how)}<p class="text-[1.1rem] font-semibold">{how}</p>{/each}
		{#if line.look}<p class="look py-2 px-3 border-l-6 border-l-amber bg-amber-wash">▲ {line.look}</p>{/if}
		{#if line.poured && load.n === run.current?.n}<RunPour {run} unit={line.poured.unit} shown={line.unit} />{/if}
		{#if at === 0}<p class="lab"><b>{m.wear()}</b> {m.fill_below_shoulder_height_the_hose({ wears })}</p>{/if}
	</section>
	{#if after.length > 0}
		<ol class="py-0 px-4" aria-label={m.after_that()}>
			{#each after as next, i (i)}<li
					class="flex justify-between gap-3 items-baseline min-h-11 py-1.5 px-0 border-b border-b-hair"
				>
					<span>{next.text}</span> <span><span class="num text-[1.35rem]">{next.figure}</span> {next.unit}</span>
				</li>{/each}
		</ol>
	{/if}
{/if}

<style>
	.figure .long {
		font-size: 4.6rem;
	}
</style>
