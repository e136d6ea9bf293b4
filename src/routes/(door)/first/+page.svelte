<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { superForm } from 'sveltekit-superforms';
	import type { PageData } from './$types';
	import Field from '$lib/kit/Field.svelte';
	import AccountFields from '$lib/people/AccountFields.svelte';

	let { data }: { data: PageData } = $props();
	const { form, errors, enhance, submitting } = superForm(
		untrack(() => data.form),
		{ resetForm: false }
	);
</script>

<svelte:head><title>{m.first_account_page()}</title></svelte:head>

<h1>{m.first_account()}</h1>
<p>{m.first_account_lead()}</p>
<form class="card grid gap-4 p-5" method="post" use:enhance>
	{#if $errors._errors?.[0]}<p class="problem" role="alert">✕ {$errors._errors[0]}</p>{/if}
	{#if data.asksCode}
		<Field
			name="code"
			label={m.code_name()}
			hint={m.code_hint()}
			bind:value={$form.code}
			problem={$errors.code?.[0]}
			required
		/>
	{/if}
	<AccountFields bind:account={$form} problems={$errors} />
	<button class="btn go big" disabled={$submitting}>{m.make_the_account()}</button>
</form>
