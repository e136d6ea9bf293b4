<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { ActionData, PageData } from './$types';
	import JobForm from '$lib/job/plan/JobForm.svelte';
	import { fillFrom } from '$lib/job/plan/edit-job';
	import { JobPlanState } from '$lib/job/plan/job-plan.svelte';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const plan = untrack(() => {
		const made = new JobPlanState({ ...data.source, settings: data.farm.settings });
		fillFrom(made, data.edited);
		return made;
	});
	/** The calibration that the job rested on has a newer one beside it, or was withdrawn. */
	const stale = $derived(
		data.edited.calibrationId !== null &&
			plan.calibrationId === '' &&
			!data.source.calibrations.some((c) => c.id === data.edited.calibrationId)
	);
</script>

<JobForm
	{plan}
	title={m.edit_the_job()}
	submit={m.save_the_job()}
	back="/jobs/{data.edited.id}"
	message={form?.message}
>
	{#snippet note()}
		{#if stale}<p class="look">
				{m.the_job_was_planned_with_a({ signedDay: dayText(data.signedDay) })}
			</p>{/if}
	{/snippet}
</JobForm>
