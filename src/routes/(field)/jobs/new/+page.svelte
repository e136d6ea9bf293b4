<!-- Plans a job on the device: it is kept here first, and sent as soon as the server can be reached. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { PageData } from './$types';
	import AppBar from '$lib/frame/AppBar.svelte';
	import OutboxStatus from '$lib/frame/OutboxStatus.svelte';
	import PhoneBar from '$lib/frame/PhoneBar.svelte';
	import { device as theDevice } from '$lib/device/device.svelte';
	import JobForm from '$lib/job/plan/JobForm.svelte';
	import { JobPlanState } from '$lib/job/plan/job-plan.svelte';
	import { keepPlan } from '$lib/job/plan/keep-plan';
	import { plannedHead } from '$lib/job/plan/planned-job';
	import { dayAt, timeAt } from '$lib/settings/farm-time';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const plan = untrack(() => {
		const { settings } = data.farm;
		// The day is this device's, also where what it plans from was heard on another.
		const today = dayAt(settings.timeZone, device.now());
		return new JobPlanState({ ...data.source, today, settings }, page.url.searchParams.get('block'), data.start);
	});
	let message = $state('');
	let busy = $state(false);

	async function keep(id: string) {
		const head = plannedHead(plan, id);
		if (!head || busy) return;
		busy = true;
		message = '';
		try {
			const kept = await keepPlan($state.snapshot(head) as typeof head, {
				runs: device.runs,
				kick: () => device.runOutbox.kick(),
				patience: () => new Promise((over) => setTimeout(over, 4000))
			});
			if ('refused' in kept) {
				message = kept.refused;
				return;
			}
			await goto(kept.at === 'server' ? `/jobs/${id}` : `/jobs/${id}/run`);
		} catch (error) {
			message = m.plan_not_kept({ why: error instanceof Error ? error.message : String(error) });
		} finally {
			busy = false;
		}
	}
</script>

<a class="skip" href="#page">{m.to_the_page()}</a>
<AppBar path={page.url.pathname} farm={data.farm.name} me={data.me}>
	{#snippet right()}
		{#if device.status.state !== 'sent'}<OutboxStatus status={device.status} />{/if}
	{/snippet}
</AppBar>
<PhoneBar path={page.url.pathname} me={data.me} />
<div id="page">
	<JobForm
		{plan}
		title={m.plan_a_job()}
		submit={m.save_this_job()}
		back="/jobs"
		area={data.start?.area}
		{message}
		onkeep={keep}
		{busy}
	>
		{#snippet note()}
			{#if data.heard !== null}
				<p class="look">{m.planned_from_what_was_heard({ when: timeAt(data.farm.settings, data.heard) })}</p>
			{/if}
		{/snippet}
	</JobForm>
</div>
