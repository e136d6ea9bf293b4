<!-- @component What happened to a sprayer: new nozzles, pump, gauge, hoses, tyres, filter. It puts calibrations in doubt. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { SuperValidated } from 'sveltekit-superforms';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import type { SprayerEventKind } from '$lib/wording/events';
	import { eventWords, sprayerEventKinds } from '$lib/wording/events';

	interface Props {
		events: readonly {
			readonly id: string;
			readonly day: string;
			readonly what: SprayerEventKind;
			readonly note: string;
		}[];
		/** The next one, on the farm's day until another is typed. */
		next: SuperValidated<{ day: string; what: SprayerEventKind; note: string }>;
	}
	let { events, next }: Props = $props();
	const id = $props.id();
	const { form, errors, enhance, submitting } = openForm(untrack(() => next));
	const problems = $derived(firstErrors($errors));
</script>

<section class="grid gap-2.5" id="events" aria-labelledby="{id}-title">
	<h2 id="{id}-title">{m.service_history()}</h2>
	<form
		class="grid grid-cols-[160px_220px_1fr_auto] gap-3 items-end phone:grid-cols-[1fr_1fr]"
		method="post"
		action="?/event"
		use:enhance
	>
		<Field name="day" type="date" label={m.on_title()} bind:value={$form.day} problem={problems.day} required />
		<Field
			name="what"
			type="choice"
			label={m.what()}
			bind:value={() => $form.what, (what) => ($form.what = what as SprayerEventKind)}
			options={sprayerEventKinds.map((kind) => ({ value: kind, label: eventWords[kind].name }))}
		/>
		<Field name="note" label={m.note()} bind:value={$form.note} problem={problems.note} />
		<button class="btn" disabled={$submitting}>{m.add_to_the_history()}</button>
	</form>
	{#if events.length === 0}
		<p class="lab">{m.nothing_yet_new_nozzles_a_pump()}</p>
	{:else}
		<ol>
			{#each events as event (event.id)}
				<li
					class="grid grid-cols-[110px_220px_1fr] gap-3 py-2 px-0 border-b border-dashed border-b-rule phone:grid-cols-[1fr_1fr]"
				>
					<span class="num">{dayText(event.day)}</span> <b>{eventWords[event.what].name}</b> <span>{event.note}</span>
				</li>
			{/each}
		</ol>
	{/if}
</section>
