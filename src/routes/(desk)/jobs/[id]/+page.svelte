<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import type { SubmitFunction } from '@sveltejs/kit';
	import { say } from '$lib/kit/say';
	import type { VolumePerArea } from '$core';
	import {
		basisOf,
		checkJob,
		jobTime,
		laterDoses,
		planLoads,
		runOfJob,
		showDecimals,
		showFigure,
		standingPlan
	} from '$core';
	import type { ActionData, PageData } from './$types';
	import DilutionTable from '$lib/job/DilutionTable.svelte';
	import LabelCards from '$lib/job/LabelCards.svelte';
	import { productsOfJob } from '$lib/show/shown-plan';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import { doseTold } from '$lib/settings/dose-told';
	import { typedText } from '$lib/settings/typed-text';
	import { basisTold } from '$lib/show/basis-told';
	import { plainRate, shownRate } from '$lib/show/answer';
	import { jobEnd, shownSpan } from '$lib/show/job-span';
	import { clockAt } from '$lib/settings/farm-time';
	import { eventWords } from '$lib/wording/events';
	import { jobStates, partWords, runActWords, splitWords } from '$lib/wording/jobs';
	import { dilutionWords, doseAreaWords } from '$lib/wording/products';
	import { intervalWords, stopTitle } from '$lib/wording/safety';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const made = $derived(
		runOfJob({ job: data.job, rate: data.rate as VolumePerArea | null, before: data.before }, data.entries)
	);
	/** With what was added to it at the tank. */
	const job = $derived(made.ok ? made.value.job : data.job);
	const basis = $derived(basisOf(job));
	const read = $derived(made.ok ? made.value.read : null);
	const run = $derived(made.ok ? made.value.run : null);
	const plan = $derived.by(() => {
		const planned = read && planLoads(read.sheet);
		return planned?.ok && run ? standingPlan(planned.value, read!.sheet, run) : null;
	});
	const findings = $derived(read ? checkJob(read) : []);
	const told = $derived.by(() => {
		if (basis.by !== 'calibration') return read ? plainRate(read.sheet.rate, settings) : '';
		if (data.rate === null) return '';
		const rate = shownRate(data.rate, data.relativeU95 ?? 0, settings.rateUnit, settings.decimalComma);
		return `${rate.value} ${rate.unit} ± ${rate.interval}${rate.tooWide ? ' (too wide to tell 5 %)' : ''}`;
	});
	const ends = $derived.by(() => {
		const pace = read?.pace ?? null;
		if (!pace?.workRate || !plan) return null;
		const { total, spraying } = jobTime(plan.area, pace.workRate, plan.loads.length, pace.each);
		return { ...jobEnd(pace, total), total, spraying };
	});
	const thick = $derived(read?.concentration ?? null);
	const clock = (at: string) => clockAt(settings.timeZone, Date.parse(at));
	const begun = $derived(data.entries.length > 0);
	const offPlan = (gap: number) =>
		`${showDecimals(Math.abs(gap) * 100, 1, settings.decimalComma)} % ${gap < 0 ? 'under' : 'over'}`;
	/** Nothing of it is lost: said in passing, with the way back. */
	const deleted: SubmitFunction = () => {
		const { id } = data;
		return async ({ result, update }) => {
			await update();
			if (result.type !== 'redirect') return;
			say('Job deleted.', { label: 'Undo', run: () => void undo(id) });
		};
	};
	async function undo(id: string) {
		await fetch(`/jobs/${id}?/restore`, { method: 'POST', body: new FormData() });
		await goto(`/jobs/${id}`);
	}
	/** The one thing to do next with this job. */
	const next = $derived.by(() => {
		const to = (path: string, words: string) => ({ href: `/jobs/${data.id}/${path}`, words });
		if (data.sealed) return { href: `/log/${data.id}`, words: 'See its record' };
		return {
			planned: to('run', 'Mix the first load'),
			'under-way': to('run', 'Continue'),
			sprayed: to('close', 'Close the job'),
			closed: to('record', 'Write the record')
		}[data.state];
	});
</script>

<svelte:head><title>{job.blocks.map((b) => b.name).join(', ')} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{job.blocks.map(partWords).join(', ')}</h1>
			<p class="lab">
				{dayText(job.day)} · {#if data.sprayerId}<a href="/sprayers/{data.sprayerId}">{data.sprayer}</a>{:else}by hand{/if}
				{#if job.team && basis.by === 'calibration'}at <b>{told}</b>, the mean of {job.team
						.map((m) => m.person)
						.join(', ')}{:else if basis.by === 'calibration'}at
					<a href="/calibrations/{data.calibrationId}"><b>{told}</b></a>, calibrated {dayText(data.signedDay)}{:else}at
					<b>{told}</b>{basisTold(basis, settings)}{/if}{(job.sprayed ?? 1) < 1
					? `, on ${Math.round((job.sprayed ?? 1) * 100)} % of the ground`
					: ''}{(job.treated ?? 1) < 1
					? `, in bands on ${showFigure((job.treated ?? 1) * 100, 3, settings.decimalComma)} % of the field`
					: ''}{thick === null
					? ''
					: `, ${showFigure(thick, 3, settings.decimalComma)} × concentrate (${job.dilute ? typedText(job.dilute) : ''} to run-off)`}
				· {splitWords[job.split].name.toLowerCase()}. {job.notes}
			</p>
			{#if ends}<p class:look={!ends.fits} class:lab={ends.fits}>
					{ends.fits ? '' : '▲ '}About {shownSpan(ends.total)}, {shownSpan(ends.spraying)} of it spraying: from {job
						.pace?.start} to {ends.at}{ends.fits
						? ''
						: `, ${shownSpan(-ends.spare)} past the day’s end at ${job.pace?.end}`}.
				</p>{/if}
			{#if data.doubt && basis.by === 'calibration'}<p class="look">
					▲ The calibration is in doubt since: {eventWords[data.doubt].name.toLowerCase()}.{job.reason
						? ` Used all the same: ${job.reason}`
						: ' Calibrate again before you dose from it.'}
				</p>{/if}
		</div>
		<div class="do justify-end phone:w-full">
			{#if !data.off}<a class="btn go big whitespace-nowrap phone:w-full" href={next.href}>{next.words}</a>{/if}
			<details class="paper relative">
				<summary class="btn plain whitespace-nowrap">Print</summary>
				<ul class="card">
					{#each [['A4', 'A4'], ['LETTER', 'Letter'], ['HALF', 'Half sheet for the cab']] as [paper, name] (paper)}
						<li>
							<a
								class="flex items-center min-h-12"
								href="/jobs/{data.id}/print?paper={paper}"
								target="_blank"
								rel="noreferrer">{name}</a
							>
						</li>
					{/each}
				</ul>
			</details>
			{#if !begun && !data.off}
				<a class="btn plain whitespace-nowrap" href="/jobs/{data.id}/edit">Edit</a>
				<form method="post" action="?/remove" use:enhance={deleted}>
					<button class="btn plain whitespace-nowrap">Delete</button>
				</form>{/if}
		</div>
	</div>
	{#if form?.message}<p class="look" role="alert">✕ {form.message}</p>{/if}
	{#if data.replacedBy}
		<p class="look" role="status">
			▲ This job was edited. <a href="/jobs/{data.replacedBy}">Open the job as it is now</a>.
		</p>
	{:else if data.off}
		<form class="look flex flex-wrap items-center gap-3" method="post" action="?/restore" use:enhance>
			<p role="status">▲ This job is deleted.</p>
			<button class="btn">Restore</button>
		</form>
	{/if}
	{#if data.withdrawn && basis.by === 'calibration' && !data.off}
		<p class="look" role="alert">
			✕ Its calibration was withdrawn: {data.withdrawn}.
			{#if begun}Calibrate again before the next load is mixed.{:else}<a href="/jobs/{data.id}/edit">Edit the job</a> and
				pick another one.{/if}
		</p>
	{/if}
	<LabelCards {findings} {settings} />
	{#if (job.passed ?? []).length > 0}
		<section class="passed" aria-label="Stops that were passed">
			<h2>Continued with a reason</h2>
			<ul class="pl-[1.2rem]">
				{#each job.passed ?? [] as stop (stop.code + stop.about)}<li>
						<b>{stopTitle(stop)}</b>: {stop.reason}
					</li>{/each}
			</ul>
		</section>
	{/if}
	{#if run && begun}
		<section class="card grid gap-2 py-3.5 px-4.5" aria-label="How it went so far">
			<div class="page-head">
				<h2>{jobStates[data.state]}</h2>
				<a href="/jobs/{data.id}/day">The weather</a>
			</div>
			<ol class="flex flex-wrap gap-x-5.5 gap-y-2">
				{#each run.loads as load (load.n)}
					<li>
						<b>Load {load.n}</b>
						<span
							class="tag my-0 mx-1 py-px px-2 rounded-[3px] bg-straw-wash text-straw-text font-semibold"
							data-state={load.state}
							>{load.state === 'out' && load.endedAt ? `out at ${clock(load.endedAt)}` : runActWords[load.state]}</span
						>
						{#if load.startedAt}<span class="lab">begun at {clock(load.startedAt)}</span>{/if}
					</li>
				{/each}
			</ol>
			{#if run.closed?.volume}
				<p>
					True volume over all of it <b>{plainRate(run.closed.volume.rate, settings)}</b>, {offPlan(
						run.closed.volume.gap
					)} what was planned.
				</p>
			{:else if run.seen}
				<p>
					True volume so far <b>{plainRate(run.seen.volume.rate, settings)}</b>, {offPlan(run.seen.volume.gap)} what was planned.{run
						.seen.volume.calibrateAgain
						? ' Calibrate again before it is used for another job.'
						: ''}
				</p>
			{/if}
		</section>
	{/if}
	{#if plan && read}
		<LoadCards {plan} sheet={read.sheet} products={productsOfJob(job, read.sheet, plan)} {settings} />
		{#if basis.by !== 'calibration' && job.products.length > 0}<DilutionTable sheet={read.sheet} {settings} />{/if}
	{/if}
	<section>
		<h2>Doses</h2>
		<ul class="pl-[1.2rem]">
			{#each job.products as p, i (p.id)}<li>
					{#if p.dye}{p.label.name}{:else}<a href="/products/{p.id}">{p.label.name}</a>{/if}:
					<b>{doseTold({ dose: p.dose, laterDoses: laterDoses(run?.loads ?? [], i, p.dose) })}</b>{p.per
						? ` ${doseAreaWords[p.per]}`
						: ''}{p.dilution ? ` ${dilutionWords[p.dilution]}` : ''}; {p.dye
						? 'marker dye, no label noted'
						: intervalWords(p.label).join('; ')}.
				</li>{/each}
		</ul>
		<p class="lab"><b>The label in your hand decides</b>, and local rules above it.</p>
	</section>
</main>

<style>
	.paper summary {
		min-height: 72px;
		list-style: none;
	}
	.paper ul {
		position: absolute;
		right: 0;
		z-index: 5;
		width: 230px;
		margin: 4px 0 0;
		padding: 6px 14px;
		list-style: none;
	}
	.do form .btn {
		min-height: 72px;
	}
	.tag:not([data-state='dry']) {
		background: var(--dye-wash);
		color: var(--dye-text);
	}
	@media (max-width: 859px) {
		.paper ul {
			right: auto;
			left: 0;
		}
	}
</style>
