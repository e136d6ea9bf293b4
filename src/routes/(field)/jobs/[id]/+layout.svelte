<script lang="ts">
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import type { RunEntry } from '$core';
	import type { LayoutData } from './$types';
	import { device as theDevice, getJson } from '$lib/device/device.svelte';
	import { follow } from '$lib/device/news';
	import type { KeptLog } from '$lib/entries/calibration-store';
	import type { JobHead } from '$lib/wire/run-message';
	import { JobRunState } from '$lib/job/run/job-run.svelte';
	import { provideRun } from '$lib/job/run/run-context';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	const device = theDevice();
	const run = untrack(
		() =>
			new JobRunState(data.kept, data.farm.settings, {
				store: device.runs,
				newId: device.newId,
				now: device.now,
				onAdded: () => void device.runOutbox.added(),
				by: data.farm.me?.name ?? ''
			})
	);
	provideRun(run);

	onMount(() => {
		const { id } = data.kept.head;
		// Other devices work on this job too: what they add is kept and taken in as soon as it is heard of.
		const askOthers = async () => {
			const stored = await getJson<KeptLog<JobHead, RunEntry> & { readonly sealed: boolean }>(`/api/jobs/${id}`);
			if (!stored) return;
			await device.runs.merge({ head: stored.head, entries: stored.entries });
			run.takeIn(stored.entries, stored.sealed);
		};
		void askOthers();
		void device.farm();
		return follow(device.news, (news) => news.kind === 'job' && news.id === id, askOthers);
	});
</script>

{@render children()}
