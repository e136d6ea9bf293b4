<!-- Begins a calibration: gives it an id, keeps its head on the device, and goes to its first step. -->
<script lang="ts">
	import { m } from '$words';
	import { afterNavigate, goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { ChangedThing, Entry, TypedSprayer } from '$core';
	import { carryOver, changesOf, readSprayer, withTip } from '$core';
	import { changedNames } from '$lib/wording/events';
	import { calibrationBefore } from '$lib/calibration/calibration-before';
	import { firstStep } from '$lib/calibration/first-step';
	import type { CalibrationMessage } from '$lib/wire/calibration-message';
	import type { KeptSprayer } from '$lib/entries/calibration-store';
	import AppBar from '$lib/frame/AppBar.svelte';
	import { device as theDevice, getJson, longWait } from '$lib/device/device.svelte';
	import Toggles from '$lib/kit/Toggles.svelte';

	let problem = $state('');
	/** A calibration that this one begins from, since something was changed after it. */
	const after = $derived(page.url.searchParams.get('after') ?? '');
	let changed = $state<ChangedThing[]>([]);
	let things = $state<readonly ChangedThing[]>([]);
	function toggle(thing: ChangedThing) {
		changed = changed.includes(thing) ? changed.filter((t) => t !== thing) : [...changed, thing];
	}
	/** Opened by its address, or gone back to: nothing begins before somebody says so. */
	let asks = $state(false);

	afterNavigate(({ type }) => {
		// Somebody who comes for another person has said what changed.
		if (page.url.searchParams.get('changed') === 'person') changed = ['person'];
		const said = after === '' || changed.length > 0;
		if (said && (type === 'link' || type === 'goto')) void begin();
		else void ask();
	});
	/** The sprayer that is asked about, as this device knows it. */
	let name = $state('');
	async function ask() {
		asks = true;
		const known = await theDevice().store.sprayer(page.url.searchParams.get('sprayer') ?? '');
		name = known?.rig.name ?? '';
		things = changesOf(known?.rig.kind ?? 'boom');
	}

	async function begin() {
		asks = false;
		problem = '';
		const device = theDevice();
		const sprayerId = page.url.searchParams.get('sprayer') ?? '';
		const kept = await device.store.sprayer(sprayerId);
		// A sprayer that is new to this device is worth waiting for; one that it knows is not held up by a slow answer.
		const answer = /^[0-9a-f-]{36}$/.test(sprayerId)
			? await getJson<KeptSprayer>(`/api/sprayers/${sprayerId}`, fetch, kept ? undefined : longWait)
			: null;
		if (answer)
			await device.store.keepSprayer(sprayerId, {
				rig: answer.rig,
				settings: answer.settings,
				dial: answer.dial ?? null
			});
		const known = answer ?? kept;
		const sprayer = known?.rig;
		if (!sprayer) {
			problem = m.this_sprayer_is_not_known_here();
			return;
		}
		const id = device.newId();
		const carried = after === '' ? null : await carriedFrom(device, sprayer);
		if (after !== '' && !carried) {
			problem = m.the_calibration_before_is_not_known();
			return;
		}
		const wanted = carried?.setting ?? page.url.searchParams.get('setting');
		const setting = known?.settings.find((s) => s.id === wanted) ?? known?.settings[0];
		await device.store.create({
			id,
			sprayerId,
			startedAt: new Date(device.now()).toISOString(),
			rig: withTip(sprayer, setting?.tip),
			...(setting ? { setting } : {})
		});
		if (carried) await device.store.add(id, carried.entry);
		void device.outbox.kick();
		await goto(`/rounds/${id}/${carried?.first ?? 'ready'}`, { replaceState: true });
	}

	/** What holds of the calibration before, as one entry, and the first step that has to be measured again. */
	async function carriedFrom(device: ReturnType<typeof theDevice>, sprayer: TypedSprayer) {
		const known =
			(await getJson<CalibrationMessage>(`/api/rounds/${after}`, fetch, longWait).then(
				(answer) => answer && { head: answer.round, entries: answer.entries }
			)) ?? (await device.store.open(after));
		const signed = known?.entries.find((e) => e.kind === 'sign-off');
		const numbers = readSprayer(sprayer);
		if (!known || !numbers.ok || signed?.kind !== 'sign-off') return null;
		const farm = (await device.store.farm()) ?? (await device.farm(fetch, longWait));
		const before = farm && calibrationBefore(known.head, known.entries, farm.settings);
		const entry: Entry = {
			kind: 'carry',
			...(before ? { before } : {}),
			from: after,
			day: signed.day,
			changed: [...changed],
			entries: carryOver(known.entries, changed, numbers.value),
			id: device.newId(),
			seq: 0,
			at: new Date(device.now()).toISOString()
		};
		return { entry, setting: known.head.setting?.id ?? null, first: firstStep(changed, known.entries) };
	}
</script>

<svelte:head><title>{m.new_calibration_fallow()}</title></svelte:head>
<AppBar path="/rounds" />
<main class="grid gap-4 justify-items-start py-8 px-6">
	{#if problem}
		<p role="alert">{problem}</p>
		<button type="button" class="btn go" onclick={() => void begin()}>{m.try_again()}</button>
		<a class="btn" href="/sprayers">{m.to_the_sprayers()}</a>
	{:else if asks && after !== ''}
		<h1>{m.calibrate_again_which({ which: name ? `: ${name}` : '' })}</h1>
		<p class="max-w-[60ch]">
			{m.what_was_changed_since_it_is()}
		</p>
		<Toggles
			label={m.changed_since_title()}
			options={things.map((value) => ({
				value,
				label: `${changed.includes(value) ? '✓ ' : ''}${changedNames[value]}`
			}))}
			value={changed}
			looks={(on) => `btn big ${on ? 'ink' : 'plain'}`}
			onturn={toggle}
		/>
		<button type="button" class="btn go big" disabled={changed.length === 0} onclick={() => void begin()}
			>{m.start_the_calibration()}</button
		>
		<a class="btn plain" href="/calibrations/{after}">{m.back_title()}</a>
	{:else if asks}
		<h1>{m.new_calibration({ which: name ? m.of_name({ name }) : '' })}</h1>
		<button type="button" class="btn go big" onclick={() => void begin()}>{m.start_a_calibration()}</button>
		<a class="btn plain" href="/sprayers">{m.to_the_sprayers()}</a>
	{:else}
		<p class="lab">{m.starting_the_calibration()}</p>
	{/if}
</main>
