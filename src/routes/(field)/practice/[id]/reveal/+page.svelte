<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { factor } from '$core';
	import AppBar from '$lib/frame/AppBar.svelte';
	import { useCalibrationState } from '$lib/calibration/calibration-context';
	import PracticeBand from '$lib/practice/PracticeBand.svelte';
	import RevealPage from '$lib/practice/RevealPage.svelte';
	import { newSeed } from '$lib/practice/new-seed';
	import { practiceDevice } from '$lib/practice/practice-device';
	import { revealOf } from '$lib/practice/reveal-of';
	import { useYard } from '$lib/practice/yard-context';

	const yard = useYard();
	const calibration = useCalibrationState();
	const device = practiceDevice();
	/** Nothing of the truth is told before the calibration is signed. */
	const revealed = $derived(
		calibration.signedOff
			? revealOf({ yard: { head: yard.head, entries: yard.items }, entries: calibration.entries })
			: null
	);
	let times = $state.raw<readonly number[]>([]);
	onMount(async () => {
		const all = await device.all();
		times = all
			.filter(
				(one) =>
					one.signed && one.yard.head.exercise === yard.head.exercise && one.yard.head.begunAt <= yard.head.begunAt
			)
			.reverse()
			.slice(-4)
			.flatMap((one) => revealOf(one)?.yard.time ?? [])
			.map((seconds) => seconds / factor('time', 'min'));
	});
	const begin = async (exercise: string) =>
		goto(`/practice/${await device.begin({ exercise, seed: newSeed(crypto) })}/ready`);
</script>

<AppBar path={page.url.pathname} />
<PracticeBand><a href="/practice">{m.yard_leave()}</a></PracticeBand>
<main>
	{#if revealed}
		{#if yard.head.seat}
			<p class="flex flex-wrap items-center gap-4 px-6 pt-3">
				<b>{m.class_of({ code: yard.head.seat.code })}</b>
				<a href="/api/practice/seats/{yard.head.seat.token}" data-sveltekit-reload>{m.class_certificate()}</a>
			</p>
		{/if}
		<RevealPage {revealed} settings={calibration.settings} {times} onbegin={(exercise) => void begin(exercise)} />
	{:else}
		<div class="plain-page">
			<h1>{m.practice_not_signed()}</h1>
			<p>{m.practice_not_signed_lead()}</p>
			<a class="btn go" href="/practice/{yard.head.id}/sign-off">{m.sign_off()}</a>
		</div>
	{/if}
</main>
