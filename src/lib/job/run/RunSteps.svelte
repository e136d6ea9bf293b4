<!-- @component The steps of mixing one load, large, with what is done and when; the one at work is lit. -->
<script lang="ts">
	import { typedText } from '$lib/settings/typed-text';
	import { clockOf } from './run-facts';
	import RunPour from './RunPour.svelte';
	import type { JobRunState } from './job-run.svelte';

	let { run }: { run: JobRunState } = $props();
	const load = $derived(run.shown);
</script>

{#if load}
	<ol class="card">
		{#each run.lines as line, i (i)}
			{@const done = load.done[i]}
			<li
				class:done
				class:now={i === load.next && load.n === run.current?.n}
				aria-current={i === load.next ? 'step' : undefined}
			>
				<span class="box" aria-hidden="true">{done ? '✓' : i + 1}</span>
				<span class="what">
					<b>{line.text}</b>
					<small>{line.why}{done ? ` · done ${clockOf(done.at, run.settings)}` : ''}</small>
					{#if done?.poured && line.poured && typedText(done.poured.typed) !== typedText(line.poured)}<small
							class="look">▲ {typedText(done.poured.typed)} went in</small
						>{/if}
					{#if line.poured && i === load.next && load.n === run.current?.n}<RunPour {run} unit={line.unit} />{/if}
					{#if line.look && !done}<small class="look">▲ {line.look}</small>{/if}
				</span>
				<span class="figure"><span class="num">{line.figure}</span> {line.unit}</span>
				<span class="how">
					{#if line.how.length === 0}<span>sight gauge</span>{/if}
					{#each line.how as how (how)}<span>{how}</span>{/each}
				</span>
			</li>
		{/each}
	</ol>
{/if}

<style>
	ol {
		margin: 0;
		padding: 2px 18px;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 40px minmax(0, 1fr) auto 190px;
		gap: 16px;
		align-items: center;
		min-height: 76px;
		padding: 6px 0;
		border-bottom: 1px solid var(--hair);
	}
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
	b {
		font-size: 1.1rem;
	}
	small {
		display: block;
		color: var(--soft);
		font-size: 0.92rem;
	}
	.now small {
		color: var(--ink);
	}
	small.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.figure {
		text-align: right;
		white-space: nowrap;
	}
	.num {
		font-size: 2.3rem;
		line-height: 1;
	}
	.how {
		display: grid;
		font-size: 0.88rem;
		line-height: 1.25;
	}
</style>
