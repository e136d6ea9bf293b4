<!-- @component The loads of a job under way as tanks: dry, mixing, spraying, out. The one that is shown has the dye's edge. -->
<script lang="ts">
	import { m } from '$words';
	import { shownRunLoad } from './run-facts';
	import type { JobRunState } from './job-run.svelte';

	let { run, small = false }: { run: JobRunState; small?: boolean } = $props();
	/** Of a long job, the loads around the one at work. */
	const most = 3;
	const all = $derived(run.run?.loads ?? []);
	const from = $derived(small ? 0 : Math.max(0, Math.min(all.length - most, (run.shown?.n ?? 1) - 2)));
	const loads = $derived(small ? all : all.slice(from, from + most));
</script>

{#if small}
	<div class="strip flex gap-0.75 py-1.5 px-4 bg-bar" aria-hidden="true">
		{#each loads as load (load.n)}<i
				class:wet={load.state === 'out'}
				class:now={load.n === run.shown?.n}
				style="--level:{load.next === null ? 100 : (load.next / load.steps.length) * 100}%"
			></i>{/each}
	</div>
{:else}
	<ol>
		{#each loads as load (load.n)}
			{@const s = shownRunLoad(run, load)}
			<li class="grid min-w-0">
				<button
					type="button"
					class="card"
					class:on={load.n === run.shown?.n}
					aria-pressed={load.n === run.shown?.n}
					onclick={() => (run.looked = load.n)}
				>
					<span
						class="tank relative self-start h-20.5 border-3 border-ink rounded-[10px] bg-straw-wash overflow-hidden"
						class:out={load.state === 'out'}
						aria-hidden="true"><i style="height:{(load.state === 'out' ? s.full : s.level) * 100}%"></i></span
					>
					<span class="grid gap-0.75 content-start">
						<span class="flex flex-wrap gap-x-2 gap-y-0.5 items-center"
							><b>{m.load_n({ n: s.n })}</b> <span class="tag" data-state={load.state}>{s.state}</span></span
						>
						<span><span class="num text-[1.45rem]">{s.mix}</span> {s.over}</span>
						<span class="lab text-[0.88rem]">{s.products}</span>
					</span>
				</button>
			</li>
		{/each}
	</ol>
	{#if all.length > most}<p class="lab text-[0.88rem]">
			{m.loads_to_of({ from: from + 1, from2: from + loads.length, count: all.length })}
			<button
				type="button"
				class="link"
				disabled={run.shown?.n === 1}
				onclick={() => (run.looked = (run.shown?.n ?? 2) - 1)}>{m.the_one_before()}</button
			>
			<button
				type="button"
				class="link"
				disabled={run.shown?.n === all.length}
				onclick={() => (run.looked = (run.shown?.n ?? 0) + 1)}>{m.the_next_one()}</button
			>
		</p>{/if}
{/if}

<style>
	.strip i {
		flex: 1;
		height: 8px;
		border-radius: 2px;
		background: linear-gradient(90deg, var(--dye-light) var(--level), var(--straw-wash) var(--level));
	}
	.strip .wet {
		background: var(--dye-light);
	}
	.strip .now {
		outline: 2px solid var(--straw);
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(0, 1fr));
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 1fr);
		gap: 14px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	button.card {
		display: grid;
		grid-template-columns: 58px minmax(0, 1fr);
		gap: 14px;
		padding: 14px;
		border-width: 2px;
		color: inherit;
		font: inherit;
		text-align: left;
		cursor: pointer;
	}
	.on {
		border-color: var(--dye);
	}
	.tank i {
		position: absolute;
		inset: auto 0 0;
		background: var(--dye);
	}
	.tank.out {
		background: var(--dye-wash);
	}
	.tag {
		padding: 1px 7px;
		border-radius: 3px;
		background: var(--straw-wash);
		color: var(--straw-text);
		font: 600 0.85rem var(--font-text);
	}
	[data-state='mixing'],
	[data-state='spraying'] {
		background: var(--dye-key);
		color: var(--on-dye);
	}
	[data-state='out'],
	[data-state='mixed'],
	[data-state='paused'] {
		background: var(--dye-wash);
		color: var(--dye-text);
	}
	.link {
		min-height: 32px;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
	.link:disabled {
		color: var(--soft);
		text-decoration: none;
	}
</style>
