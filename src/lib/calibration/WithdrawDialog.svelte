<!-- @component Asks why a signed calibration is withdrawn, and by whom: it stays on record, and nothing new rests on it. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import type { SuperValidated } from 'sveltekit-superforms';
	import Field from '$lib/kit/Field.svelte';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';

	interface Props {
		/** What is asked, empty. */
		form: SuperValidated<{ by: string; reason: string }>;
		open: boolean;
		onclose: () => void;
	}
	let { form: initial, open, onclose }: Props = $props();
	const id = $props.id();
	const { form, errors, enhance, submitting } = openForm(untrack(() => initial));
	const problems = $derived(firstErrors($errors));
</script>

<Sheet
	{open}
	title="Withdraw this calibration?"
	lead="It stays on record with your reason. No job and no tank can rest on it after that."
	back="Cancel"
	{onclose}
>
	<form {id} class="grid gap-3" method="post" action="?/withdraw" use:enhance>
		<Field name="reason" label="Reason" bind:value={$form.reason} problem={problems.reason} required />
		<Field name="by" label="Your name" bind:value={$form.by} problem={problems.by} required />
	</form>
	{#snippet foot()}<button class="btn go" form={id} disabled={$submitting}>Withdraw</button>{/snippet}
</Sheet>
