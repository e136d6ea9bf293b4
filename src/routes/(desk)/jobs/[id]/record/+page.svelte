<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { askedFields, shortestReason } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import RecordFacts from '$lib/record/RecordFacts.svelte';
	import StopReasons from '$lib/job/StopReasons.svelte';
	import { stopKey } from '$lib/wire/stop-key';
	import { recordFieldWords } from '$lib/wording/records';

	let { data }: { data: PageData } = $props();
	const { form: asked, errors, enhance, submitting } = openForm(untrack(() => data.form));
	let reasons = $state<Record<string, string>>({});
	const open = $derived(data.draft.open.some((stop) => (reasons[stopKey(stop)] ?? '').trim().length < shortestReason));
	const problems = $derived(firstErrors($errors));
	/** What a record usually has and this one would not: told before it is sealed, for nobody can change it then. */
	const empty = $derived([
		...(data.draft.record.weather.before === null ? [m.the_weather_before()] : []),
		...(data.draft.record.weather.end === null ? [m.the_weather_at_the_end()] : []),
		...(['crop', 'stage', 'target', 'buffer', 'licence'] as const)
			.filter((name) => $asked[name].trim() === '')
			.map((name) => recordFieldWords[name].toLowerCase())
	]);
	/** What is known already stands beside the form; what is asked stands in it. */
	const known = $derived({ ...data.draft.record, ...Object.fromEntries(askedFields.map((name) => [name, ''])) });
</script>

<svelte:head><title>{m.the_record_fallow()}</title></svelte:head>

<main class="plain-page">
	{#each data.ended as one (one.name)}
		<p class="card look p-3.5">{m.licence_had_ended({ name: one.name, day: dayText(one.until) })}</p>
	{/each}
	<div>
		<h1>{m.the_record_of_this_job()}</h1>
		<p class="lab">
			{m.look_it_through_once_it_is()}
			<a href="/jobs/{page.params.id}">{m.back_to_the_job()}</a>
		</p>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-4.5 items-start phone:grid-cols-1">
		<form method="post" novalidate use:enhance class="card grid gap-3 p-4.5">
			{#each askedFields as name (name)}
				<Field
					{name}
					label={recordFieldWords[name]}
					bind:value={$asked[name]}
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
			{#if empty.length > 0}<p class="py-2 px-3.5 border-l-6 border-l-amber bg-amber-wash">
					{m.sealed_as_it_stands_these_stay({ list: empty.join(', ') })}
				</p>{/if}
			{#if problems.all}<p class="problem" role="alert">✕ {problems.all}</p>{/if}
			<button class="btn go big" disabled={open || $submitting}>{m.seal_the_record()}</button>
		</form>
		<RecordFacts record={known} settings={data.farm.settings} />
	</div>
</main>
