<!-- @component Asks why a signed calibration is withdrawn, and by whom: it stays on record, and nothing new rests on it. -->
<script lang="ts">
	import { m } from '$words';
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

<Sheet {open} title={m.withdraw_this_calibration()} lead={m.it_stays_on_record_with_your()} back={m.cancel()} {onclose}>
	<form {id} class="grid gap-3" method="post" action="?/withdraw" use:enhance>
		<Field name="reason" label={m.reason()} bind:value={$form.reason} problem={problems.reason} required />
		<Field name="by" label={m.your_name()} bind:value={$form.by} problem={problems.by} required />
	</form>
	{#snippet foot()}<button class="btn go" form={id} disabled={$submitting}>{m.withdraw()}</button>{/snippet}
</Sheet>
