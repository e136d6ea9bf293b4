<script lang="ts">
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import type { RunEntry } from '$core';
	import type { LayoutData } from './$types';
	import { device as theDevice, getJson } from '$lib/device/device.svelte';
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
				onAdded: () => void device.runOutbox.added()
			})
	);
	provideRun(run);

	onMount(() => {
		// Another device may have worked on this job: what it added is taken in when the server can be asked.
		void getJson<{ entries: readonly RunEntry[]; sealed: boolean }>(`/api/jobs/${data.kept.head.id}`).then((stored) => {
			if (stored) run.takeIn(stored.entries, stored.sealed);
		});
		void device.farm();
	});
</script>

{@render children()}
