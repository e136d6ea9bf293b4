<script lang="ts">
	import { m } from '$words';
	import PlannedHere from '$lib/job/plan/PlannedHere.svelte';
	import { may } from '$lib/kit/may';
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import type { PageData } from './$types';
	import { jobStates } from '$lib/wording/jobs';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
</script>

<svelte:head><title>{m.jobs_fallow()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<h1>{m.jobs()}</h1>
		{#if may('plan')}<a class="btn go" href="/jobs/new">{m.plan_a_job()}</a>{/if}
	</div>
	{#if data.jobs.length === 0}
		<p class="card p-4.5">
			{m.a_job_brings_ground_a_calibrated()}
		</p>
	{/if}
	<PlannedHere />
	<ul class="grid gap-2.5">
		{#each data.jobs as job (job.id)}
			<li class="card" data-state={job.state}>
				<p class="day num text-[1.5rem]">{dayText(job.day)}</p>
				<div class="phone:col-span-full">
					<h2 class="text-[1.2rem]"><a class="tap" href="/jobs/{job.id}">{job.blocks.join(', ')}</a></h2>
					<p class="lab">{[job.sprayer, ...job.products].filter(Boolean).join(' · ')}</p>
				</div>
				<p>
					<span class="num text-[1.5rem]">{show('area', job.area, settings).figure}</span>
					{show('area', job.area, settings).unit}
				</p>
				<p>
					<span class="num text-[1.5rem]">{job.loads}</span>
					{m.loads_which({
						which: job.state === 'under-way' ? m.out_loads_out_after({ loadsOut: job.loadsOut }) : '',
						loads: job.loads
					})}
				</p>
				<p class="state"><b>{jobStates[job.state]}</b></p>
				<a
					class="btn"
					class:go={job.state === 'under-way'}
					href="/jobs/{job.id}{{ planned: '/run', 'under-way': '/run', sprayed: '/close', closed: '' }[job.state]}"
					>{{ planned: m.mix_do(), 'under-way': m.continue_word(), sprayed: m.close(), closed: m.look_title() }[
						job.state
					]}</a
				>
			</li>
		{/each}
	</ul>
</main>

<style>
	li {
		display: grid;
		grid-template-columns: 120px minmax(0, 1fr) 110px 130px 96px 104px;
		gap: 6px 24px;
		align-items: center;
		padding: 12px 18px;
		border-left: 8px solid var(--straw-edge);
	}
	li[data-state='under-way'] {
		border-left-color: var(--dye-light);
	}
	li[data-state='sprayed'],
	li[data-state='closed'] {
		border-left-color: var(--dye);
	}
	@media (max-width: 859px) {
		li {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
