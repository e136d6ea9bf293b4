<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { exercises } from '$core';
	import AppBar from '$lib/frame/AppBar.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { getJson } from '$lib/device/device.svelte';
	import ClassBoard from '$lib/practice/ClassBoard.svelte';
	import PracticeBand from '$lib/practice/PracticeBand.svelte';
	import { askJson } from '$lib/practice/ask-json';
	import { practiceDevice } from '$lib/practice/practice-device';
	import { typedText } from '$lib/settings/typed-text';
	import { methodWords } from '$lib/wording/methods';
	import { exerciseTitle } from '$lib/wording/practice';
	import type { ClassDoorAnswer, ClassView } from '$lib/wire/practice';

	const device = practiceDevice();
	const code = $derived(page.params.code ?? '');
	/** How often the trainer's page looks again, ms. */
	const again = 4000;

	let door = $state.raw<ClassDoorAnswer | null>(null);
	let view = $state.raw<ClassView | null>(null);
	let trouble = $state('');
	let name = $state('');
	let problem = $state('');
	/** The yard that this device has in the class already. */
	let own = $state('');
	const exercise = $derived(door && (exercises.find((e) => e.id === door?.exercise) ?? null));

	const look = async () => {
		view = (await getJson<ClassView>(`/api/practice/classes/${code}`)) ?? view;
	};
	onMount(() => {
		void (async () => {
			const kept = (await device.all()).find((one) => one.yard.head.seat?.code === code);
			own = kept?.yard.head.id ?? '';
			const answer = await askJson<ClassDoorAnswer>(fetch, `/api/practice/join/${code}`, { method: 'GET' });
			if (answer.ok) door = answer.value;
			else trouble = answer.message;
			await look();
		})();
		const timer = setInterval(() => view && void look(), again);
		return () => clearInterval(timer);
	});

	async function join(event: SubmitEvent) {
		event.preventDefault();
		if (name.trim() === '') {
			problem = m.class_name_missing();
			return;
		}
		if (!door) return;
		const answer = await askJson<{ token: string }>(fetch, `/api/practice/join/${code}`, {
			method: 'POST',
			body: { name: name.trim() }
		});
		if (!answer.ok) {
			problem = answer.message;
			return;
		}
		const id = await device.begin({
			exercise: door.exercise,
			seed: door.seed,
			seat: { code, token: answer.value.token, name: name.trim() }
		});
		await goto(`/practice/${id}/ready`);
	}
	async function end() {
		const answer = await askJson(fetch, `/api/practice/classes/${code}`, { method: 'DELETE' });
		if (answer.ok) await goto('/practice');
		else trouble = answer.message;
	}
</script>

<svelte:head><title>{m.class_page_title({ code })}</title></svelte:head>
<AppBar path={page.url.pathname} />
<PracticeBand><a href="/practice">{m.yard_leave()}</a></PracticeBand>
<main class="plain-page">
	<h1>{m.class_title()}</h1>
	{#if trouble}<p class="problem" role="alert">{trouble}</p>{/if}
	{#if view}
		<ClassBoard {view} address="{page.url.origin}/practice/class/{code}" onend={() => void end()} />
	{/if}
	{#if door && exercise}
		<section class="card grid gap-3 p-4">
			<h2>{view ? m.class_join_too() : m.class_join_title({ title: exerciseTitle(exercise) })}</h2>
			<p class="lab">
				{m.practice_goal_short({ goal: typedText(exercise.goal), minutes: exercise.minutes })}
				{methodWords[exercise.method].name}
			</p>
			{#if own}
				<a class="btn go" href="/practice/{own}/ready">{m.practice_go_on()}</a>
			{:else}
				<form class="grid gap-3" onsubmit={(event) => void join(event)} novalidate>
					<Field
						label={m.class_your_name()}
						bind:value={name}
						{problem}
						hint={m.class_your_name_hint()}
						autocomplete="name"
					/>
					<button type="submit" class="btn go">{m.class_join()}</button>
				</form>
			{/if}
		</section>
	{/if}
</main>
