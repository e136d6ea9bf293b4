<!-- @component Saves the doses of a tank as a tank mix with a name, or deletes the one that they came from. -->
<script lang="ts">
	import { m } from '$words';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import Field from '$lib/kit/Field.svelte';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { say } from '$lib/kit/say';
	import type { FullTankState } from './full-tank.svelte';

	interface Props {
		tank: FullTankState;
		open: boolean;
		onclose: () => void;
	}
	let { tank, open, onclose }: Props = $props();
	let problem = $state('');
	const form = $props.id();
</script>

<Sheet {open} title={m.save_as_a_tank_mix()} lead={m.the_doses_stay_under_this_name()} back={m.cancel()} {onclose}>
	<form
		id={form}
		method="post"
		action="?/save"
		use:enhance={({ cancel, formData, action }) => {
			if (action.search === '?/delete') formData.set('mix', JSON.stringify({ id: tank.mixId }));
			else {
				const mix = tank.mix(tank.mixName);
				if (!mix) {
					problem = tank.products.length === 0 ? m.add_a_dose_first() : m.type_a_name_such_as();
					return cancel();
				}
				formData.set('mix', JSON.stringify({ id: v7(), mix }));
			}
			return async ({ result, update }) => {
				if (result.type === 'success') {
					await update({ reset: false });
					tank.mixId = String(result.data?.saved ?? '');
					if (result.data?.deleted) tank.mixName = '';
					say(result.data?.deleted ? m.deleted_sentence() : m.saved_sentence());
					onclose();
				} else problem = result.type === 'failure' ? String(result.data?.message) : m.not_sent_check_signal();
			};
		}}
	>
		<Field label={m.name()} bind:value={tank.mixName} {problem} />
	</form>
	{#snippet foot()}
		{#if tank.mixId}<AskTwice ask={m.delete_word()} words={m.delete_this_mix()} {form} formaction="?/delete" />{/if}
		<button class="btn go" {form}>{m.save()}</button>
	{/snippet}
</Sheet>
