<!-- Begins a round: gives it an id, keeps its head on the device, and goes to its first step. -->
<script lang="ts">
	import { afterNavigate, goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { Rig } from '$core';
	import type { Setting } from '$lib/wire/rig';
	import AppBar from '$lib/frame/AppBar.svelte';
	import { device as theDevice, getJson, longWait } from '$lib/device/device.svelte';

	let problem = $state('');
	/** Opened by its address, or gone back to: nothing begins before somebody says so. */
	let asks = $state(false);

	afterNavigate(({ type }) => {
		if (type === 'link' || type === 'goto') void begin();
		else void ask();
	});
	/** The sprayer that is asked about, as this device knows it. */
	let name = $state('');
	async function ask() {
		asks = true;
		const known = await theDevice().store.rig(page.url.searchParams.get('sprayer') ?? '');
		name = known?.rig.name ?? '';
	}

	async function begin() {
		asks = false;
		problem = '';
		const device = theDevice();
		const sprayerId = page.url.searchParams.get('sprayer') ?? '';
		const kept = await device.store.rig(sprayerId);
		// A sprayer that is new to this device is worth waiting for; one that it knows is not held up by a slow answer.
		const answer = /^[0-9a-f-]{36}$/.test(sprayerId)
			? await getJson<{ rig: Rig; settings: readonly Setting[] }>(
					`/api/sprayers/${sprayerId}`,
					fetch,
					kept ? undefined : longWait
				)
			: null;
		if (answer) await device.store.keepRig(sprayerId, { rig: answer.rig, settings: answer.settings });
		const known = answer ?? kept;
		const rig = known?.rig;
		if (!rig) {
			problem = 'This sprayer is not known here. Open it once while the farm can be reached, then begin the round.';
			return;
		}
		const id = device.newId();
		const wanted = page.url.searchParams.get('setting');
		const setting = known?.settings.find((s) => s.id === wanted) ?? known?.settings[0];
		await device.store.create({
			id,
			sprayerId,
			startedAt: new Date(device.now()).toISOString(),
			rig,
			...(setting ? { setting } : {})
		});
		void device.outbox.kick();
		await goto(`/rounds/${id}/ready`, { replaceState: true });
	}
</script>

<svelte:head><title>New calibration · Fallow</title></svelte:head>
<AppBar path="/rounds" />
<main class="grid gap-4 justify-items-start py-8 px-6">
	{#if problem}
		<p role="alert">{problem}</p>
		<button type="button" class="btn go" onclick={() => void begin()}>Try again</button>
		<a class="btn" href="/sprayers">To the sprayers</a>
	{:else if asks}
		<h1>New calibration{name ? ` of ${name}` : ''}</h1>
		<button type="button" class="btn go big" onclick={() => void begin()}>Start a calibration</button>
		<a class="btn plain" href="/sprayers">To the sprayers</a>
	{:else}
		<p class="lab">Beginning the round …</p>
	{/if}
</main>
