<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import type { ActionData, PageData } from './$types';
	import JobForm from '$lib/job/plan/JobForm.svelte';
	import { JobPlanState } from '$lib/job/plan/job-plan.svelte';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const plan = untrack(
		() =>
			new JobPlanState({ ...data.source, settings: data.farm.settings }, page.url.searchParams.get('block'), data.start)
	);
</script>

<JobForm
	{plan}
	title={m.plan_a_job()}
	submit={m.save_this_job()}
	back="/jobs"
	area={data.start?.area}
	message={form?.message}
/>
