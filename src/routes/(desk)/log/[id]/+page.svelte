<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import { timeAt } from '$lib/settings/farm-time';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import RecordFacts from '$lib/record/RecordFacts.svelte';
	import Fold from '$lib/kit/Fold.svelte';

	let { data }: { data: PageData } = $props();
	const { form, errors, enhance, submitting } = openForm(untrack(() => data.form));
	const problems = $derived(firstErrors($errors));
	let adding = $state(false);
	// What is wrong with it has to be seen, also where the page came without a script.
	$effect.pre(() => {
		if (Object.keys(problems).length > 0) adding = true;
	});
	const { record } = $derived(data);
	const when = (at: string) => timeAt(data.farm.settings, Date.parse(at));
</script>

<svelte:head
	><title>{m.fallow_day({ day: dayText(record.day), list: record.blocks.map((b) => b.name).join(', ') })}</title
	></svelte:head
>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{record.blocks.map((b) => b.name).join(', ')}</h1>
			<p class="lab">
				{m.sealed_entry_of_the_log({ day: dayText(record.day), sealedAt: when(data.sealedAt), place: data.place })}
				{#if record.takenIn}{m.taken_in_from_a_file()}{:else}<a href="/jobs/{data.id}">{m.the_job()}</a>{/if}
			</p>
		</div>
		<div class="do">
			<a class="btn plain" href="/log/{data.id}/print?paper=A4" target="_blank" rel="noreferrer">{m.print_a4()}</a>
			<a class="btn plain" href="/log/{data.id}/print?paper=LETTER" target="_blank" rel="noreferrer"
				>{m.print_letter()}</a
			>
		</div>
	</div>
	{#each data.amendments as a, i (i)}
		<div class="card added">
			<p class="lab">{m.added_by({ at: when(a.at), by: a.by })}</p>
			<p>{a.text}</p>
		</div>
	{/each}
	<div class="grid grid-cols-[minmax(0,1fr)_auto] gap-4.5 items-start phone:grid-cols-1">
		<RecordFacts {record} settings={data.farm.settings} />
		<ul class="grid gap-3" aria-label={m.fields()}>
			{#each data.ground as { id, block } (id)}
				<li class="card grid gap-1.5 justify-items-center py-3 px-4">
					<BlockMini {block} /><a class="tap" href="/ground/{id}">{block.name}</a>
				</li>
			{/each}
		</ul>
	</div>
	<Fold bind:open={adding} title={m.add_to_this_record()}>
		<form class="card grid gap-3 max-w-160 py-4 px-4.5" method="post" action="?/amend" novalidate use:enhance>
			<input type="hidden" name="id" value={$form.id} />
			<p class="lab">{m.the_record_itself_stays_as_it()}</p>
			<Field name="by" label={m.who_adds_it()} bind:value={$form.by} problem={problems.by} required />
			<Field
				type="lines"
				name="text"
				label={m.what_is_to_be_added()}
				rows={3}
				bind:value={$form.text}
				problem={problems.text}
			/>
			{#if problems.all}<p class="problem" role="alert">✕ {problems.all}</p>{/if}
			<button class="btn go" disabled={$submitting}>{m.add_it()}</button>
		</form>
	</Fold>
	<p class="lab seal">{m.seal({ hash: data.hash })}</p>
</main>

<style>
	.added {
		padding: 12px 18px;
		border-left: 8px solid var(--straw);
	}
	.seal {
		font-size: 0.85rem;
		word-break: break-all;
	}
</style>
