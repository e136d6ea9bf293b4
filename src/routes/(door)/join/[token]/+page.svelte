<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { superForm } from 'sveltekit-superforms';
	import type { PageData } from './$types';
	import { page } from '$app/state';
	import Field from '$lib/kit/Field.svelte';
	import AccountFields from '$lib/people/AccountFields.svelte';
	import { roleMay, roleWords } from '$lib/wording/people';

	let { data }: { data: PageData } = $props();
	const { form, errors, enhance, submitting } = superForm(
		untrack(() => data.form),
		{ resetForm: false }
	);
</script>

<svelte:head><title>{m.join_page({ farm: data.farm })}</title></svelte:head>

{#if data.forPassword}
	<h1>{m.new_password()}</h1>
{:else}
	<h1>{m.join_farm({ farm: data.farm })}</h1>
	<p><b>{roleWords(data.role)}.</b> {roleMay(data.role)}</p>
{/if}
<form class="card grid gap-4 p-5" method="post" use:enhance>
	{#if $errors._errors?.[0]}<p class="problem" role="alert">✕ {$errors._errors[0]}</p>{/if}
	{#if data.forPassword}
		<Field
			name="password"
			type="password"
			label={m.new_password()}
			autocomplete="new-password"
			hint={m.password_hint()}
			bind:value={$form.password}
			problem={$errors.password?.[0]}
			required
		/>
		<button class="btn go big" disabled={$submitting}>{m.save()}</button>
	{:else if data.me}
		<button class="btn go big" disabled={$submitting}>{m.join_as({ name: data.me })}</button>
	{:else}
		<AccountFields bind:account={$form} problems={$errors} />
		<button class="btn go big" disabled={$submitting}>{m.make_the_account_and_join()}</button>
		<p class="lab">
			{m.have_an_account_already()} <a href="/sign-in?to={encodeURIComponent(page.url.pathname)}">{m.sign_in()}</a>
		</p>
	{/if}
</form>
