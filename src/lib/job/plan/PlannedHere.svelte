<!-- @component Jobs that were planned on this device and that the server has not heard of: what a kept page cannot list. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { dayText } from '$lib/settings/day-text';
	import type { Device } from '$lib/device/device.svelte';
	import type { JobHead } from '$lib/wire/run-message';

	let device = $state<Device>();
	let heads = $state.raw<readonly JobHead[]>([]);
	// The device's memory is loaded after the page.
	onMount(async () => (device = (await import('$lib/device/device.svelte')).device()));
	$effect(() => {
		const here = device;
		if (!here) return;
		// What is sent meanwhile goes from the list.
		void here.status;
		void here.runs
			.unsent()
			.then((logs) => (heads = logs.flatMap(({ head, fresh }) => (fresh && head.plan ? [head] : []))));
	});
</script>

{#if heads.length > 0}
	<ul class="grid gap-2.5" aria-label={m.planned_on_this_device()}>
		{#each heads as { id, job, sprayer } (id)}
			<li class="card flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-l-8! border-l-straw-edge! p-4">
				<div class="min-w-0">
					<p class="lab"><b>{m.planned_on_this_device()}</b> · {m.not_sent_yet_inline()}</p>
					<b class="text-[1.15rem]">{job.blocks.map((b) => b.name).join(', ')}</b>
					<p class="lab">
						{[dayText(job.day), sprayer, ...job.products.map((p) => p.label.name)].filter(Boolean).join(' · ')}
					</p>
				</div>
				<a class="btn" href="/jobs/{id}/run">{m.mix_do()}</a>
			</li>
		{/each}
	</ul>
{/if}
