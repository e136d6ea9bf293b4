<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { page } from '$app/state';
	import type { RunEntry } from '$core';
	import type { PageData } from './$types';
	import RunFrame from '$lib/components/RunFrame.svelte';
	import { keepAwake } from '$lib/device/awake';
	import { device as theDevice, getJson } from '$lib/state/device.svelte';
	import { JobRunState } from '$lib/state/job-run.svelte';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const run = untrack(
		() =>
			new JobRunState(data.kept, data.farm.settings, {
				store: device.runs,
				newId: device.newId,
				now: device.now,
				onAdded: () => void device.runOutbox.added()
			})
	);
	let awake = $state<boolean | null>(null);

	onMount(() => {
		// Another device may have worked on this job: what it added is taken in when the server can be asked.
		void getJson<{ entries: readonly RunEntry[] }>(`/api/jobs/${data.kept.head.id}`).then((stored) => {
			if (stored) run.takeIn(stored.entries);
		});
		void device.farm();
		return keepAwake({
			locks: 'wakeLock' in navigator ? navigator.wakeLock : null,
			visible: () => document.visibilityState === 'visible',
			onVisibility: (turned) => {
				document.addEventListener('visibilitychange', turned);
				return () => document.removeEventListener('visibilitychange', turned);
			},
			told: (on) => (awake = on)
		});
	});
	const names = $derived(run.head.job.blocks.map((b) => b.name).join(', '));
</script>

<svelte:head><title>Load {run.current?.n ?? 1} · {names} · Fallow</title></svelte:head>

<RunFrame {run} {awake} status={device.status} path={page.url.pathname} />
