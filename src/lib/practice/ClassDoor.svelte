<!-- @component The way into a class: a code for a learner, and for a trainer the classes of the farm. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { exercises } from '$core';
	import Field from '$lib/kit/Field.svelte';
	import { getJson } from '$lib/device/device.svelte';
	import { methodWords } from '$lib/wording/methods';
	import { exerciseTitle } from '$lib/wording/practice';
	import type { ClassLine } from '$lib/wire/practice';
	import { askJson } from './ask-json';

	let code = $state('');
	let problem = $state('');
	let classes = $state.raw<readonly ClassLine[] | null>(null);
	let exercise = $state(exercises[0]!.id);
	let refused = $state('');

	// Who may give a class is said by the server: to all others it does not answer.
	onMount(async () => (classes = await getJson<readonly ClassLine[]>('/api/practice/classes')));

	function join(event: SubmitEvent) {
		event.preventDefault();
		const clean = code.replace(/\s/g, '').toUpperCase();
		if (!/^[2-9A-HJ-NP-Z]{8}$/.test(clean)) {
			problem = m.class_code_bad({ code });
			return;
		}
		void goto(`/practice/class/${clean}`);
	}
	async function give() {
		const answer = await askJson<{ code: string }>(fetch, '/api/practice/classes', {
			method: 'POST',
			body: { exercise }
		});
		if (answer.ok) await goto(`/practice/class/${answer.value.code}`);
		else refused = answer.message;
	}
</script>

<section class="card grid content-start gap-4 p-4">
	<h2>{m.class_title()}</h2>
	<form class="grid gap-2" onsubmit={join} novalidate>
		<Field label={m.class_code()} bind:value={code} {problem} hint={m.class_code_hint()} />
		<button type="submit" class="btn go">{m.class_join()}</button>
	</form>
	{#if classes}
		<div class="grid gap-2 border-t border-t-rule pt-3">
			<h3>{m.class_give()}</h3>
			<p class="lab">{m.class_give_lead()}</p>
			<Field
				label={m.class_exercise()}
				type="choice"
				bind:value={exercise}
				options={exercises.map((e) => ({ value: e.id, label: `${exerciseTitle(e)} · ${methodWords[e.method].name}` }))}
			/>
			<button type="button" class="btn" onclick={() => void give()}>{m.class_make_code()}</button>
			{#if refused}<p class="problem" role="alert">{refused}</p>{/if}
			{#if classes.length > 0}
				<ul class="grid gap-1">
					{#each classes as one (one.code)}
						<li>
							<a class="flex min-h-12 items-center justify-between gap-3" href="/practice/class/{one.code}"
								><b class="num text-[1.2rem]">{one.code}</b><span class="truncate"
									>{exerciseTitle({ id: one.exercise })}</span
								><span class="whitespace-nowrap">{m.class_signed_of({ signed: one.signed, seats: one.seats })}</span></a
							>
						</li>
					{/each}
				</ul>
			{/if}
		</div>
	{/if}
</section>
