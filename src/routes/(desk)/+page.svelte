<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import type { PageData } from './$types';
	import BlockKeeps from '$lib/field/BlockKeeps.svelte';
	import SprayerCard from '$lib/sprayer/SprayerCard.svelte';
	import TodayWeather from '$lib/today/TodayWeather.svelte';
	import type { TodayJob } from '$lib/today/today';
	import { todayHeading, todayItems } from '$lib/today/today';
	import { dueReasonText } from '$lib/wording/due';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const items = $derived(
		todayItems(
			data.sprayers.map(({ id, rig, openRound, due }) => ({ id, name: rig.name, openRound, due })),
			data.jobs,
			data.today
		)
	);
	const jobWords = (job: TodayJob) =>
		({
			planned:
				job.day < data.today
					? `was planned for ${dayText(job.day)}`
					: job.day === data.today
						? 'planned for today'
						: `planned for ${dayText(job.day)}`,
			'under-way': `${job.loadsOut} of ${job.loads} ${job.loads === 1 ? 'load' : 'loads'} out`,
			sprayed: 'all loads are out',
			closed: 'closed, without a record yet'
		})[job.state];
	const jobStep = { planned: '', 'under-way': '/run', sprayed: '/close', closed: '/record' };
	const jobDo = {
		planned: 'See the job',
		'under-way': 'Continue',
		sprayed: 'Close it',
		closed: 'Write the record'
	};
	const withWhat = (job: TodayJob) => [job.sprayer, ...job.products].filter(Boolean).join(', ');
</script>

<svelte:head><title>Today · Fallow</title></svelte:head>

{#snippet round(id: string, words: string)}
	<a class="btn" href="/rounds/new?sprayer={id}" data-sveltekit-preload-data="off">{words}</a>
{/snippet}

<div class="grid grid-cols-[1fr_392px] min-h-[calc(100dvh_-_56px)] phone:grid-cols-[1fr]">
	<main class="grid grid-cols-1 gap-3.5 content-start p-6 phone:py-4.5 phone:px-4">
		<h1 class="text-[2.2rem]">{todayHeading(items, data.today)}</h1>
		{#each items as item (item.kind + ('job' in item && item.job ? item.job.id : '') + ('sprayer' in item ? item.sprayer.id : ''))}
			{#if item.kind === 'first-sprayer'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">A boom, a boomless set, an arc or a knapsack</h2>
						<p class="mt-1">
							Tell Fallow what yours is, then calibrate it by measuring. What goes in each tank load follows from that.
						</p>
					</div>
					<a class="btn" href="/sprayers/new">Add the first sprayer</a>
				</div>
			{:else if item.kind === 'first-round'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">Calibrate {item.sprayer.name}</h2>
						<p class="mt-1">A jug, a tape and a stopwatch: measured once, it doses every tank load from then on.</p>
					</div>
					{@render round(item.sprayer.id, 'Start a calibration')}
				</div>
			{:else if item.kind === 'round'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">{item.sprayer.name}: calibration in progress</h2>
						<p class="mt-1">Every reading so far is saved. Continue where you stopped.</p>
					</div>
					<a class="btn" href="/rounds/{item.sprayer.openRound}">Continue</a>
				</div>
			{:else if item.kind === 'job' && item.job.state === 'under-way'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">{item.job.blocks.join(', ')}: {jobWords(item.job)}</h2>
						<p class="mt-1">{withWhat(item.job)}. Every step so far is kept.</p>
					</div>
					<a class="btn" href="/jobs/{item.job.id}/run">{jobDo['under-way']}</a>
				</div>
			{:else if item.kind === 'job'}
				<div class="item" class:straw={item.job.state === 'planned'} class:look={item.late}>
					<div>
						<b class="text-[1.08rem]">{item.late ? '▲ ' : ''}{item.job.blocks.join(', ')}: {jobWords(item.job)}</b>
						<p class="lab">
							{withWhat(item.job)}, {item.job.loads}
							{item.job.loads === 1 ? 'load' : 'loads'}
						</p>
					</div>
					<a class="btn" href="/jobs/{item.job.id}{jobStep[item.job.state]}">{jobDo[item.job.state]}</a>
				</div>
			{:else if item.kind === 'calibrate'}
				<div class="item look">
					<div>
						<b class="text-[1.08rem]"
							>▲ Calibrate {item.sprayer.name}{item.sprayer.due.reasons[0]?.code === 'never' ? '' : ' again'}{item.job
								? `, for ${item.job.blocks.join(', ')}`
								: ''}</b
						>
						{#each item.sprayer.due.reasons.filter((r) => r.due) as reason (reason.code)}
							<p class="lab">{dueReasonText(reason, settings)}</p>
						{/each}
					</div>
					{@render round(item.sprayer.id, 'Start a calibration')}
				</div>
			{:else if item.kind === 'soon'}
				<div class="item straw">
					<div>
						<b class="text-[1.08rem]">{item.sprayer.name} is due soon</b>
						{#each item.sprayer.due.reasons as reason (reason.code)}
							<p class="lab">{dueReasonText(reason, settings)}</p>
						{/each}
					</div>
					<a class="btn plain" href="/sprayers/{item.sprayer.id}">See it</a>
				</div>
			{:else if item.kind === 'nothing'}
				<div class="item">
					<div>
						<b class="text-[1.08rem]">Nothing waits</b>
						<p class="lab">No job is open, and every sprayer is calibrated.</p>
					</div>
					<a class="btn" href="/jobs/new">Plan a job</a>
				</div>
			{/if}
		{/each}
		{#if data.sprayers.length > 0}
			<nav class="flex flex-wrap gap-2.5" aria-label="Short answers">
				<a class="btn" href="/full-tank">One full tank</a>
				<a class="btn plain" href="/figures">Quick figures</a>
			</nav>
		{/if}
		{#if data.states.length > 0}
			<section class="pt-3" aria-label="Keep out, no harvest, no planting">
				<div class="page-head">
					<h2 class="mb-2">Keep out, no harvest, no planting</h2>
					<a href="/calendar" data-sveltekit-reload>As a calendar</a>
				</div>
				<BlockKeeps states={data.states} ids={data.blocks} now={data.now} timeZone={settings.timeZone} />
			</section>
		{/if}
		{#if data.sprayers.length > 0}<TodayWeather {settings} place={data.place} />{/if}
	</main>
	<aside
		class="grid gap-3 content-start py-6 px-5 border-l border-l-rule bg-paper-deep phone:border-0 phone:py-4.5 phone:px-4"
		aria-label="Sprayers"
	>
		<h2>Sprayers</h2>
		{#each data.sprayers as sprayer (sprayer.id)}
			<SprayerCard {...sprayer} {settings} />
		{/each}
		{#if data.sprayers.length > 0}<a class="btn plain" href="/sprayers/new">Add a sprayer</a>{/if}
	</aside>
</div>

<style>
	.now {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 18px;
		align-items: center;
		padding: 20px 22px;
		border-radius: 8px;
		background: var(--dye);
		color: var(--on-dye);
	}
	.now .btn {
		min-height: 60px;
		border-color: #fff;
		background: #fff;
		color: #0d3d78;
	}
	.item {
		display: grid;
		grid-template-columns: 12px 1fr auto;
		gap: 16px;
		align-items: center;
		padding: 12px 0 0;
		border-top: 1px solid var(--rule);
	}
	.item::before {
		content: '';
		height: 36px;
		background: var(--dye);
	}
	.item.straw::before {
		border: 1px solid var(--straw-edge);
		background: var(--straw-wash);
	}
	.item.look::before {
		background: var(--amber);
	}
	@media (max-width: 859px) {
		.now,
		.item {
			grid-template-columns: 1fr;
		}
		.item::before {
			display: none;
		}
	}
</style>
