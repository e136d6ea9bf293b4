<!-- @component Jobs that were planned on this device and that the server has not heard of: what a kept page cannot list. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { say } from '$lib/kit/say';
	import { dayText } from '$lib/settings/day-text';
	import type { Device } from '$lib/device/device.svelte';
	import type { JobHead } from '$lib/wire/run-message';

	let device = $state<Device>();
	let heads = $state.raw<readonly { readonly head: JobHead; readonly begun: boolean }[]>([]);
	// The device's memory is loaded after the page.
	onMount(async () => (device = (await import('$lib/device/device.svelte')).device()));
	async function look(here: Device): Promise<void> {
		const logs = await here.runs.unsent();
		heads = logs.flatMap(({ head, entries, fresh }) =>
			fresh && head.plan ? [{ head, begun: entries.length > 0 }] : []
		);
	}
	$effect(() => {
		if (!device) return;
		// What is sent meanwhile goes from the list.
		void device.status;
		void look(device);
	});
	async function takeBack(head: JobHead): Promise<void> {
		const here = device;
		if (!here) return;
		const gone = await here.runs.takeBack(head.id);
		void here.kick();
		await look(here);
		if (!gone) return;
		const bringBack = async () => {
			await here.runs.create(head);
			void here.kick();
			await look(here);
		};
		say(m.job_deleted(), { label: m.undo(), run: () => void bringBack() });
	}
</script>

{#if heads.length > 0}
	<ul class="grid gap-2.5" aria-label={m.planned_on_this_device()}>
		{#each heads as { head, begun } (head.id)}
			{@const { id, job, sprayer } = head}
			<li class="card flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-l-8! border-l-straw-edge! p-4">
				<div class="min-w-0">
					<p class="lab"><b>{m.planned_on_this_device()}</b> · {m.not_sent_yet_inline()}</p>
					<b class="text-[1.15rem]">{job.blocks.map((b) => b.name).join(', ')}</b>
					<p class="lab">
						{[dayText(job.day), sprayer, ...job.products.map((p) => p.label.name)].filter(Boolean).join(' · ')}
					</p>
				</div>
				<div class="flex flex-wrap gap-2.5">
					{#if !begun}<button type="button" class="btn plain text-rust-text" onclick={() => void takeBack(head)}
							>{m.delete_word()}</button
						>{/if}
					<a class="btn" href="/jobs/{id}/run">{begun ? m.continue_word() : m.mix_do()}</a>
				</div>
			</li>
		{/each}
	</ul>
{/if}
