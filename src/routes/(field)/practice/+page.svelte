<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import AppBar from '$lib/frame/AppBar.svelte';
	import PhoneBar from '$lib/frame/PhoneBar.svelte';
	import ClassDoor from '$lib/practice/ClassDoor.svelte';
	import FreePlay from '$lib/practice/FreePlay.svelte';
	import PracticeBand from '$lib/practice/PracticeBand.svelte';
	import YardList from '$lib/practice/YardList.svelte';
	import { newSeed } from '$lib/practice/new-seed';
	import { practiceDevice } from '$lib/practice/practice-device';
	import type { KeptPractice } from '$lib/practice/kept-practice';
	import { keptPractice } from '$lib/practice/kept-practice';
	import type { FaultKind } from '$core';

	const device = practiceDevice();
	let kept = $state.raw<readonly KeptPractice[]>([]);
	onMount(async () => (kept = (await device.all()).flatMap(keptPractice)));
	const begin = async (exercise: string, faults?: readonly FaultKind[]) =>
		goto(`/practice/${await device.begin({ exercise, seed: newSeed(crypto), ...(faults ? { faults } : {}) })}/ready`);
</script>

<svelte:head><title>{m.practice_list_title()}</title></svelte:head>
<AppBar path={page.url.pathname} />
<PracticeBand />
<main class="plain-page">
	<div>
		<h1>{m.practice_yard()}</h1>
		<p class="lab">{m.practice_lead()}</p>
	</div>
	<YardList {kept} onbegin={(exercise) => void begin(exercise)} />
	<div class="grid grid-cols-2 gap-5 phone:grid-cols-1">
		<FreePlay onbegin={(exercise, faults) => void begin(exercise, faults)} />
		<ClassDoor />
	</div>
</main>
<div class="hidden phone:block"><PhoneBar path={page.url.pathname} /></div>
