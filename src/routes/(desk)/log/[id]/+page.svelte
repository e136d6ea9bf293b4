<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import FormText from '$lib/kit/FormText.svelte';
	import { timeAt } from '$lib/settings/farm-time';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import RecordFacts from '$lib/record/RecordFacts.svelte';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const { record } = $derived(data);
	let by = $state('');
	let text = $state('');
	const when = (at: string) => timeAt(data.farm.settings.timeZone, Date.parse(at));
</script>

<svelte:head><title>{record.day}, {record.blocks.map((b) => b.name).join(', ')} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{record.blocks.map((b) => b.name).join(', ')}</h1>
			<p class="lab">
				{record.day} · sealed {when(data.sealedAt)}, entry {data.place} of the log ·
				{#if record.takenIn}taken in from a file{:else}<a href="/jobs/{data.id}">the job</a>{/if}
			</p>
		</div>
		<div class="do">
			<a class="btn plain" href="/log/{data.id}/print?paper=A4" target="_blank" rel="noreferrer">Print, A4</a>
			<a class="btn plain" href="/log/{data.id}/print?paper=LETTER" target="_blank" rel="noreferrer">Print, Letter</a>
		</div>
	</div>
	{#each data.amendments as a, i (i)}
		<div class="card added">
			<p class="lab">Added {when(a.at)} by {a.by}</p>
			<p>{a.text}</p>
		</div>
	{/each}
	<div class="facts">
		<RecordFacts {record} settings={data.farm.settings} />
		<ul aria-label="The ground">
			{#each data.ground as { id, block } (id)}
				<li class="card"><BlockMini {block} /><a href="/ground/{id}">{block.name}</a></li>
			{/each}
		</ul>
	</div>
	<details open={form?.message ? true : undefined}>
		<summary>Add to this record</summary>
		<form
			class="card"
			method="post"
			action="?/amend"
			novalidate
			use:enhance={() =>
				async ({ result, update }) => {
					await update({ reset: false });
					if (result.type === 'success') by = text = '';
				}}
		>
			<input type="hidden" name="id" value={data.nextId} />
			<p class="lab">The record itself stays as it is; what you add stands beside it, with your name and the time.</p>
			<FormField name="by" label="Who adds it" bind:value={by} required />
			<FormText name="text" label="What is to be added" rows={3} bind:value={text} />
			{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
			<button class="btn go">Add it</button>
		</form>
	</details>
	<p class="lab seal">Seal {data.hash}</p>
</main>

<style>
	.facts {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 18px;
		align-items: start;
	}
	ul {
		display: grid;
		gap: 12px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		gap: 6px;
		justify-items: center;
		padding: 12px 16px;
	}
	@media (max-width: 859px) {
		.facts {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.added {
		padding: 12px 18px;
		border-left: 8px solid var(--straw);
	}
	details form {
		display: grid;
		gap: 12px;
		max-width: 640px;
		padding: 16px 18px;
	}
	summary {
		min-height: 48px;
		padding-top: 10px;
		font-weight: 600;
		cursor: pointer;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.seal {
		font-size: 0.85rem;
		word-break: break-all;
	}
</style>
