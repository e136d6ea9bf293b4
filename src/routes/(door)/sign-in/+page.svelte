<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { superForm } from 'sveltekit-superforms';
	import type { PageData } from './$types';
	import { page } from '$app/state';
	import { placeAfter } from '$lib/forms/door-forms';
	import Field from '$lib/kit/Field.svelte';
	import PasskeyIn from '$lib/people/PasskeyIn.svelte';
	import { roleWords } from '$lib/wording/people';

	let { data }: { data: PageData } = $props();
	const { form, errors, enhance, submitting } = superForm(
		untrack(() => data.form),
		{ resetForm: false }
	);
	const to = $derived(placeAfter(page.url.searchParams.get('to')));
</script>

<svelte:head><title>{m.sign_in_page()}</title></svelte:head>

<h1>{data.demo.length > 0 ? m.who_are_you_today() : m.sign_in()}</h1>
{#if data.demo.length > 0}
	<p>{m.demo_people_lead()}</p>
	<form method="post" action="?/demo&to={encodeURIComponent(to)}" class="grid gap-2.5">
		{#each data.demo as person (person.id)}
			<button class="btn plain min-h-16! justify-between!" name="person" value={person.id}
				><b>{person.name}</b><span class="text-soft">{roleWords(person.role)}</span></button
			>
		{/each}
	</form>
{/if}
<form class="card grid gap-4 p-5" method="post" action="?/enter&to={encodeURIComponent(to)}" use:enhance>
	<Field
		name="signInName"
		label={m.sign_in_name()}
		autocomplete="username"
		bind:value={$form.signInName}
		problem={$errors.signInName?.[0]}
		required
	/>
	<Field
		name="password"
		type="password"
		label={m.password()}
		autocomplete="current-password"
		bind:value={$form.password}
		problem={$errors.password?.[0]}
		required
	/>
	<button class="btn go big" disabled={$submitting}>{m.sign_in()}</button>
</form>
<PasskeyIn {to} />
<p class="lab">{m.password_lost_ask()}</p>
