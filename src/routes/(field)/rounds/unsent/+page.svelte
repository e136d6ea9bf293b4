<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { device as theDevice } from '$lib/device/device.svelte';
	import { UnsentList } from '$lib/entries/unsent.svelte';
	import FieldPage from '$lib/frame/FieldPage.svelte';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import { roomOf } from '$lib/device/room';

	const device = theDevice();
	const list = new UnsentList({
		calibrations: device.store,
		runs: device.runs,
		before: device.before,
		kick: () => device.kick(),
		newId: device.newId,
		now: device.now
	});
	let room = $state<Awaited<ReturnType<typeof roomOf>>>(null);
	onMount(async () => {
		await list.load();
		room = await roomOf();
	});
	// What is sent meanwhile goes from the list.
	$effect(() => {
		void device.status;
		void list.load();
	});
	let href = $state('');
	async function save() {
		URL.revokeObjectURL(href);
		href = URL.createObjectURL(new Blob([await list.file()], { type: 'application/json' }));
	}
	const where = (item: (typeof list.items)[number]) =>
		item.kind === 'job' ? `/jobs/${item.id}/run` : `/rounds/${item.id}`;
</script>

<svelte:head><title>{m.unsent_page()}</title></svelte:head>

<FieldPage
	title={m.still_on_this_device()}
	back="/"
	backWords={m.today()}
	status={device.status}
	path={page.url.pathname}
>
	{#if list.items.length === 0}<p class="card p-4">✓ {m.nothing_unsent()}</p>{/if}
	<ul class="grid gap-3">
		{#each list.items as item (`${item.kind} ${item.id} ${item.why === null} ${item.before}`)}
			<li class="card grid gap-2.5 p-4">
				<a class="flex min-h-12 items-center text-[1.15rem] font-bold" href={where(item)}
					>{item.kind === 'job' ? m.job_named({ name: item.name }) : m.calibration_named({ name: item.name })}</a
				>
				{#if item.before}<p class="lab">{m.kept_before_anybody_signed_in()}</p>{/if}
				<p>{item.count > 0 ? m.readings_not_sent({ count: item.count }) : m.plan_is_on_this_device_only()}</p>
				{#if item.why}
					<p class="problem">✕ {item.why.message}</p>
					<div class="flex flex-wrap gap-2.5">
						<button type="button" class="btn" onclick={() => void list.retry(item)}>{m.try_again()}</button>
						{#if item.kind === 'calibration' && item.count > 0}
							<button
								type="button"
								class="btn"
								onclick={async () => {
									const id = await list.move(item);
									if (id) await goto(`/rounds/${id}`);
								}}>{m.move_to_a_new_calibration()}</button
							>
						{/if}
						<form
							onsubmit={(e) => {
								e.preventDefault();
								void list.discard(item);
							}}
						>
							<AskTwice ask={m.discard_these()} words={m.discard_for_good()} />
						</form>
					</div>
				{/if}
			</li>
		{/each}
	</ul>
	{#if list.items.length > 0}
		<div class="flex flex-wrap items-center gap-2.5">
			<button type="button" class="btn plain" onclick={() => void save()}>{m.save_these_to_a_file()}</button>
			{#if href}<a class="flex min-h-12 items-center" {href} download="fallow-unsent.json">{m.download_the_file()}</a
				>{/if}
		</div>
	{/if}
	{#if room}
		<p class="lab">
			{m.room_on_the_device({ used: room.used, all: room.all })}
			{room.lasting ? m.room_is_lasting() : m.room_is_not_lasting()}
		</p>
	{/if}
</FieldPage>
