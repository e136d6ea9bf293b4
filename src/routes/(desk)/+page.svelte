<script lang="ts">
	import { m } from '$words';
	import { timeAt } from '$lib/settings/farm-time';
	import { getLocale } from '$words/runtime.js';
	import { addDays } from '$core';
	import { dayText } from '$lib/settings/day-text';
	import type { PageData } from './$types';
	import BlockKeeps from '$lib/field/BlockKeeps.svelte';
	import PlannedHere from '$lib/job/plan/PlannedHere.svelte';
	import SprayerCard from '$lib/sprayer/SprayerCard.svelte';
	import LoadStrip from '$lib/today/LoadStrip.svelte';
	import TodayWeather from '$lib/today/TodayWeather.svelte';
	import { show } from '$lib/show/show';
	import type { TodayJob } from '$lib/today/today';
	import { todayHeading, todayItems } from '$lib/today/today';
	import { dueReasonText } from '$lib/wording/due';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const items = $derived(
		todayItems(
			data.sprayers.map(({ id, rig, calibrationInProgress, due }) => ({
				id,
				name: rig.name,
				calibrationInProgress,
				due
			})),
			data.jobs,
			data.today
		)
	);
	const jobWords = (job: TodayJob) =>
		({
			planned:
				job.day < data.today
					? m.was_planned_for({ day: dayText(job.day) })
					: job.day === data.today
						? m.planned_for_today()
						: job.day === addDays(data.today, 1)
							? m.planned_for_tomorrow()
							: m.planned_for({ day: dayText(job.day) }),
			'under-way': m.of_loads_out({ loadsOut: job.loadsOut, loads: job.loads }),
			sprayed: m.all_loads_are_out_inline(),
			closed: m.closed_without_a_record_yet()
		})[job.state];
	const jobStep = { planned: '', 'under-way': '/run', sprayed: '/close', closed: '/record' };
	const jobDo = {
		planned: m.see_the_job(),
		'under-way': m.continue_word(),
		sprayed: m.close_it(),
		closed: m.write_the_record()
	};
	const withWhat = (job: TodayJob) => [job.sprayer, ...job.products].filter(Boolean).join(', ');
</script>

<svelte:head><title>{m.today_fallow()}</title></svelte:head>

{#snippet calibration(id: string, words: string)}
	<a class="btn" href="/rounds/new?sprayer={id}" data-sveltekit-preload-data="off">{words}</a>
{/snippet}

<div class="grid grid-cols-[1fr_392px] min-h-[calc(100dvh_-_56px)] phone:grid-cols-[minmax(0,1fr)]">
	<main class="grid grid-cols-1 gap-3.5 content-start p-6 phone:py-4.5 phone:px-4">
		<h1 class="text-[2.2rem]" class:phone:sr-only={data.runs.length > 0}>{todayHeading(items, data.today)}</h1>
		{#if data.diskLow}<p class="card look p-3.5" role="status">{m.disk_low()}</p>{/if}
		{#if data.backup}
			<p class="card look p-3.5" role="status">
				{data.backup.at ? m.no_backup_since({ at: timeAt(settings, Date.parse(data.backup.at)) }) : m.no_backup_yet()}
				{data.backup.message}
			</p>
		{/if}
		<PlannedHere />
		{#each items as item (item.kind + ('job' in item && item.job ? item.job.id : '') + ('sprayer' in item ? item.sprayer.id : ''))}
			{#if item.kind === 'first-sprayer'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">{m.a_boom_a_boomless_set_an()}</h2>
						<p class="mt-1">
							{m.tell_fallow_what_yours_is_then()}
						</p>
					</div>
					<a class="btn" href="/sprayers/new">{m.add_the_first_sprayer()}</a>
				</div>
			{:else if item.kind === 'first-calibration'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">{m.calibrate({ name: item.sprayer.name })}</h2>
						<p class="mt-1">{m.a_jug_a_tape_and_a()}</p>
					</div>
					{@render calibration(item.sprayer.id, m.start_a_calibration())}
				</div>
			{:else if item.kind === 'in-progress'}
				<div class="now">
					<div>
						<h2 class="text-inherit text-[1.5rem]">{m.calibration_in_progress_name({ name: item.sprayer.name })}</h2>
						<p class="mt-1">{m.every_reading_so_far_is_saved()}</p>
					</div>
					<a class="btn" href="/rounds/{item.sprayer.calibrationInProgress}">{m.continue_word()}</a>
				</div>
			{:else if item.kind === 'job' && item.job.state === 'under-way'}
				{@const run = data.runs.find((one) => one.id === item.job.id)}
				{@const left = run && show('area', run.left, settings)}
				<div class="now">
					<div class="grid gap-1">
						<p>{m.under_way_with({ sprayer: item.job.sprayer })}</p>
						<h2 class="text-inherit text-[1.5rem]">
							{item.job.blocks.join(', ')}: {run
								? m.load_of_loads({ n: run.at, count: run.loads.length })
								: jobWords(item.job)}
						</h2>
						{#if left}<p>
								<span class="num text-[3.4rem] leading-none">{left.figure}</span>
								<b class="text-[1.1rem]">{left.unit} {m.ground_to_go()}</b>
							</p>{/if}
						{#if run}<LoadStrip loads={run.loads} />{/if}
					</div>
					<a class="btn" href="/jobs/{item.job.id}/run">{run ? m.continue_load({ n: run.at }) : jobDo['under-way']}</a>
				</div>
			{:else if item.kind === 'job'}
				<div class="item" class:straw={item.job.state === 'planned'} class:look={item.late}>
					<div>
						<b class="text-[1.08rem]">{item.late ? '▲ ' : ''}{item.job.blocks.join(', ')}: {jobWords(item.job)}</b>
						<p class="lab">
							{m.loads_job({ job: withWhat(item.job), loads: item.job.loads })}
						</p>
					</div>
					<a class="btn" href="/jobs/{item.job.id}{jobStep[item.job.state]}">{jobDo[item.job.state]}</a>
				</div>
			{:else if item.kind === 'calibrate'}
				<div class="item look">
					<div>
						<b class="text-[1.08rem]"
							>{m.calibrate_name({
								name: item.sprayer.name,
								which: item.sprayer.due.reasons[0]?.code === 'never' ? '' : m.again(),
								which2: item.job ? m.for_list_after({ list: item.job.blocks.join(', ') }) : ''
							})}</b
						>
						{#each item.sprayer.due.reasons.filter((r) => r.due) as reason (reason.code)}
							<p class="lab">{dueReasonText(reason, settings)}</p>
						{/each}
					</div>
					{@render calibration(item.sprayer.id, m.start_a_calibration())}
				</div>
			{:else if item.kind === 'soon'}
				<div class="item straw">
					<div>
						<b class="text-[1.08rem]">{m.is_due_soon({ name: item.sprayer.name })}</b>
						{#each item.sprayer.due.reasons as reason (reason.code)}
							<p class="lab">{dueReasonText(reason, settings)}</p>
						{/each}
					</div>
					<a class="btn plain" href="/sprayers/{item.sprayer.id}">{m.see_it()}</a>
				</div>
			{:else if item.kind === 'nothing'}
				<div class="item">
					<div>
						<b class="text-[1.08rem]">{m.nothing_waits()}</b>
						<p class="lab">{m.no_job_is_open_and_every()}</p>
					</div>
					<a class="btn" href="/jobs/new">{m.plan_a_job()}</a>
				</div>
			{/if}
		{/each}
		{#if data.sprayers.length > 0}
			<nav class="flex flex-wrap gap-2.5" aria-label={m.short_answers()}>
				<a class="btn" href="/full-tank">{m.one_full_tank()}</a>
				<a class="btn plain" href="/figures">{m.quick_figures()}</a>
			</nav>
		{/if}
		{#if data.states.length > 0 || data.atWork.length > 0}
			<section class="pt-3" aria-label={m.keep_out_no_harvest_no_planting()}>
				<div class="page-head">
					<h2 class="mb-2">{m.keep_out_no_harvest_no_planting()}</h2>
					<a class="tap" href="/calendar?language={getLocale()}" data-sveltekit-reload>{m.as_a_calendar()}</a>
				</div>
				<BlockKeeps states={data.states} atWork={data.atWork} ids={data.blocks} now={data.now} clock={settings} />
			</section>
		{/if}
		{#if data.sprayers.length > 0}<div class="phone:order-first">
				<TodayWeather {settings} place={data.place} />
			</div>{/if}
	</main>
	<aside
		class="grid gap-3 content-start py-6 px-5 border-l border-l-rule bg-paper-deep phone:border-0 phone:py-4.5 phone:px-4"
		aria-label={m.sprayers()}
	>
		<h2>{m.sprayers()}</h2>
		{#each data.sprayers as sprayer (sprayer.id)}
			<SprayerCard {...sprayer} {settings} />
		{/each}
		{#if data.sprayers.length > 0}<a class="btn plain" href="/sprayers/new">{m.add_a_sprayer()}</a>{/if}
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
		background: var(--dye-key);
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
