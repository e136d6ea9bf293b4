<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { askedFields, shortestReason } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import RecordFacts from '$lib/record/RecordFacts.svelte';
	import StopReasons from '$lib/job/StopReasons.svelte';
	import { stopKey } from '$lib/wire/passed-stops';
	import { recordFieldWords } from '$lib/wording/records';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	let asked = $state(untrack(() => ({ ...data.asked, ...form?.asked })));
	let reasons = $state<Record<string, string>>({});
	const open = $derived(data.draft.open.some((stop) => (reasons[stopKey(stop)] ?? '').trim().length < shortestReason));
	const problems = $derived<Record<string, string | undefined>>(form?.problems ?? {});
	/** What a record usually has and this one would not: told before it is sealed, for nobody can change it then. */
	const empty = $derived([
		...(data.draft.record.weather.before === null ? ['the weather before'] : []),
		...(data.draft.record.weather.end === null ? ['the weather at the end'] : []),
		...(['crop', 'stage', 'target', 'buffer'] as const)
			.filter((name) => asked[name].trim() === '')
			.map((name) => recordFieldWords[name].toLowerCase())
	]);
	/** What is known already stands beside the form; what is asked stands in it. */
	const known = $derived({ ...data.draft.record, ...Object.fromEntries(askedFields.map((name) => [name, ''])) });
</script>

<svelte:head><title>The record · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>The record of this job</h1>
		<p class="lab">
			Look it through. Once it is sealed it is not changed any more, only added to, and both stand.
			<a href="/jobs/{page.params.id}">Back to the job</a>
		</p>
	</div>
	<div class="two">
		<form
			method="post"
			novalidate
			use:enhance={() =>
				({ update }) =>
					update({ reset: false })}
			class="card"
		>
			{#each askedFields as name (name)}
				<FormField
					{name}
					label={recordFieldWords[name]}
					bind:value={asked[name]}
					problem={problems[name]}
					required={name === 'operator' || data.required.includes(name)}
				/>
			{/each}
			<StopReasons
				stops={data.draft.open}
				reasonOf={(stop) => reasons[stopKey(stop)] ?? ''}
				onreason={(stop, reason) => (reasons[stopKey(stop)] = reason)}
				name="passed"
			/>
			{#if empty.length > 0}<p class="empty">
					▲ Sealed as it stands, these stay empty: {empty.join(', ')}. What was not written down cannot be added to the
					day later.
				</p>{/if}
			{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
			<button class="btn go big" disabled={open}>Seal the record</button>
		</form>
		<RecordFacts record={known} settings={data.farm.settings} />
	</div>
</main>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
		gap: 18px;
		align-items: start;
	}
	form {
		display: grid;
		gap: 12px;
		padding: 18px;
	}
	.empty {
		margin: 0;
		padding: 8px 14px;
		border-left: 6px solid var(--amber);
		background: var(--amber-wash);
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	@media (max-width: 859px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
