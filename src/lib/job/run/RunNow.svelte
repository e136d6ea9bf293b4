<!-- @component The one step at the tank that a phone shows: its amount as large as it goes, with what to measure it, and what comes after. -->
<script lang="ts">
	import RunPour from './RunPour.svelte';
	import type { JobRunState } from './job-run.svelte';

	let { run, wears }: { run: JobRunState; wears: string } = $props();
	const load = $derived(run.shown);
	const at = $derived(load ? (load.next ?? load.steps.length - 1) : 0);
	const line = $derived(run.lines[at]);
	const after = $derived(run.lines.slice(at + 1));
</script>

{#if load && line}
	<section class="now">
		<p class="lab">Step {at + 1} of {run.lines.length} · {line.why}</p>
		<h2>{line.text}</h2>
		<p class="figure" data-testid="amount">
			<span class="num" class:long={line.figure.length > 5}>{line.figure}</span> <b>{line.unit}</b>
		</p>
		{#each line.how as how (how)}<p class="how">{how}</p>{/each}
		{#if line.look}<p class="look">▲ {line.look}</p>{/if}
		{#if line.poured && load.n === run.current?.n}<RunPour {run} unit={line.unit} />{/if}
		{#if at === 0}<p class="lab"><b>Wear</b> {wears} Fill below shoulder height; the hose ends above the water.</p>{/if}
	</section>
	{#if after.length > 0}
		<ol aria-label="After that">
			{#each after as next, i (i)}<li>
					<span>{next.text}</span> <span><span class="num">{next.figure}</span> {next.unit}</span>
				</li>{/each}
		</ol>
	{/if}
{/if}

<style>
	.now {
		display: grid;
		gap: 4px;
		padding: 14px 16px;
		border-bottom: 1px solid var(--rule);
		background: var(--card);
	}
	h2 {
		font-size: 1.7rem;
	}
	.figure {
		display: flex;
		align-items: baseline;
		gap: 10px;
		font-size: 1.8rem;
	}
	.figure .num {
		font-size: 6.4rem;
		line-height: 1;
	}
	.figure .long {
		font-size: 4.6rem;
	}
	.how {
		font-size: 1.1rem;
		font-weight: 600;
	}
	.look {
		padding: 8px 12px;
		border-left: 6px solid var(--amber);
		background: var(--amber-wash);
		font-weight: 600;
	}
	ol {
		margin: 0;
		padding: 0 16px;
		list-style: none;
	}
	li {
		display: flex;
		justify-content: space-between;
		gap: 12px;
		align-items: baseline;
		min-height: 44px;
		padding: 6px 0;
		border-bottom: 1px solid var(--hair);
	}
	li .num {
		font-size: 1.35rem;
	}
</style>
