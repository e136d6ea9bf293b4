<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import { page } from '$app/state';
	import type { Rig } from '$core';
	import type { RoundHead } from '$lib/wire/round-message';
	import type { LayoutData } from './$types';
	import RoundFrame from '$lib/calibration/RoundFrame.svelte';
	import { device as theDevice, getJson } from '$lib/device/device.svelte';
	import { follow } from '$lib/device/news';
	import type { StepName } from '$lib/calibration/round-steps';
	import { isStepName, stepTitle } from '$lib/calibration/round-steps';
	import { RoundState } from '$lib/calibration/round.svelte';
	import { provideRound } from '$lib/calibration/round-context';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	const device = theDevice();
	const round = untrack(
		() =>
			new RoundState(data.kept, data.farm.settings, {
				store: device.store,
				newId: device.newId,
				now: device.now,
				onAdded: () => void device.outbox.added()
			})
	);
	provideRound(round);

	// Another device may have worked on this round: what it added is taken in when the server can be asked. What this device
	// has goes first, or the server would not know a round that has just begun.
	const askOthers = async () => {
		await device.outbox.kick();
		const stored = await getJson<{ round: RoundHead; entries: typeof data.kept.entries }>(
			`/api/rounds/${round.head.id}`
		);
		if (!stored) return;
		// Its head as the server has it: the page's own goes by corrections.
		await device.store.merge({ head: stored.round, entries: stored.entries });
		round.takeIn(stored.entries);
	};
	void askOthers();
	onMount(() => follow(device.news, (news) => news.kind === 'calibration' && news.id === round.head.id, askOthers));
	// Signed on another device meanwhile: what came later goes on in a new calibration.
	$effect(() => {
		if (device.moved?.from === round.head.id) location.assign(`/rounds/${device.moved.to}`);
	});
	/** The sprayer as the farm has it now, or as this device last saw it. */
	let now = $state<Rig | null>(null);
	async function askSprayer(id: string) {
		const fresh = await getJson<{ rig: Rig }>(`/api/sprayers/${id}`);
		now = fresh?.rig ?? (await device.store.rig(id))?.rig ?? null;
	}
	void askSprayer(untrack(() => data.kept.head.sprayerId));

	// The farm's settings may have changed since; the next round opens with them.
	void device.farm();

	const step: StepName = $derived(isStepName(page.params.step ?? '') ? (page.params.step as StepName) : 'ready');
</script>

<svelte:head
	><title>{m.fallow_step({ step: stepTitle(step, round.rig.kind), name: round.head.rig.name })}</title></svelte:head
>

<RoundFrame {round} {step} {now} status={device.status} path={page.url.pathname}>
	{@render children()}
</RoundFrame>
