<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import { page } from '$app/state';
	import type { TypedSprayer } from '$core';
	import type { CalibrationMessage } from '$lib/wire/calibration-message';
	import type { LayoutData } from './$types';
	import CalibrationFrame from '$lib/calibration/CalibrationFrame.svelte';
	import { device as theDevice, getJson } from '$lib/device/device.svelte';
	import { follow } from '$lib/device/news';
	import type { StepName } from '$lib/calibration/calibration-steps';
	import { isStepName, stepTitle } from '$lib/calibration/calibration-steps';
	import { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { provideCalibrationState } from '$lib/calibration/calibration-context';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	const device = theDevice();
	const calibration = untrack(
		() =>
			new CalibrationState(data.kept, data.farm.settings, {
				store: device.store,
				newId: device.newId,
				now: device.now,
				onAdded: () => void device.outbox.added()
			})
	);
	provideCalibrationState(calibration);

	// Another device may have worked on this calibration: what it added is taken in when the server can be asked. What this device
	// has goes first, or the server would not know a calibration that has just begun.
	const askOthers = async () => {
		await device.outbox.kick();
		const stored = await getJson<CalibrationMessage>(`/api/rounds/${calibration.head.id}`);
		if (!stored) return;
		// Its head as the server has it: the page's own goes by corrections.
		await device.store.merge({ head: stored.round, entries: stored.entries });
		calibration.takeIn(stored.entries);
	};
	void askOthers();
	onMount(() =>
		follow(device.news, (news) => news.kind === 'calibration' && news.id === calibration.head.id, askOthers)
	);
	// Signed on another device meanwhile: what came later goes on in a new calibration.
	$effect(() => {
		if (device.moved?.from === calibration.head.id) location.assign(`/rounds/${device.moved.to}`);
	});
	/** The sprayer as the farm has it now, or as this device last saw it. */
	let now = $state<TypedSprayer | null>(null);
	async function askSprayer(id: string) {
		const fresh = await getJson<{ rig: TypedSprayer }>(`/api/sprayers/${id}`);
		now = fresh?.rig ?? (await device.store.sprayer(id))?.rig ?? null;
	}
	void askSprayer(untrack(() => data.kept.head.sprayerId));

	// The farm's settings may have changed since; the next calibration opens with them.
	void device.farm();

	const step: StepName = $derived(isStepName(page.params.step ?? '') ? (page.params.step as StepName) : 'ready');
</script>

<svelte:head
	><title>{m.fallow_step({ step: stepTitle(step, calibration.sprayer.kind), name: calibration.head.rig.name })}</title
	></svelte:head
>

<CalibrationFrame {calibration} {step} {now} status={device.status} path={page.url.pathname}>
	{@render children()}
</CalibrationFrame>
