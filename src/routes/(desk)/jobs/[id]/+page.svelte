<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
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
	import { clockText, clockWords } from '$lib/settings/farm-time';
	import { eventWords } from '$lib/wording/events';
	import { loadProgress } from '$lib/show/load-progress';
	import { jobStates, partWords, splitWords } from '$lib/wording/jobs';
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
		return `${rate.value} ${rate.unit} ± ${rate.interval}${rate.tooWide ? m.too_wide_to_tell_5_spaced() : ''}`;
	});
	const ends = $derived.by(() => {
		const pace = read?.pace ?? null;
		if (!pace?.workRate || !plan) return null;
		const { total, spraying } = jobTime(plan.area, pace.workRate, plan.loads.length, pace.each);
		return { ...jobEnd(pace, total, settings), total, spraying };
	});
	const thick = $derived(read?.concentration ?? null);
	const clock = (at: string) => clockText(settings, Date.parse(at));
	const begun = $derived(data.entries.length > 0);
	const offPlan = (gap: number) =>
		`${showDecimals(Math.abs(gap) * 100, 1, settings.decimalComma)} % ${gap < 0 ? m.under() : m.over()}`;
	/** Nothing of it is lost: said in passing, with the way back. */
	const deleted: SubmitFunction = () => {
		const { id } = data;
		return async ({ result, update }) => {
			await update();
			if (result.type !== 'redirect') return;
			say(m.job_deleted(), { label: m.undo(), run: () => void undo(id) });
		};
	};
	async function undo(id: string) {
		await fetch(`/jobs/${id}?/restore`, { method: 'POST', body: new FormData() });
		await goto(`/jobs/${id}`);
	}
	const progress = $derived(run && read && begun ? loadProgress(run, read.sheet.tank, clock) : null);
	/** The one thing to do next with this job. */
	const next = $derived.by(() => {
		const to = (path: string, words: string) => ({ href: `/jobs/${data.id}/${path}`, words });
		if (data.sealed) return { href: `/log/${data.id}`, words: m.see_its_record() };
		return {
			planned: to('run', m.mix_the_first_load()),
			'under-way': to('run', m.continue_word()),
			sprayed: to('close', m.close_the_job()),
			closed: to('record', m.write_the_record())
		}[data.state];
	});
</script>

<svelte:head><title>{m.fallow_list({ list: job.blocks.map((b) => b.name).join(', ') })}</title></svelte:head>

<main class="plain-page">
	{#each data.ended as one (one.name)}
		<p class="card look p-3.5">{m.licence_had_ended({ name: one.name, day: dayText(one.until) })}</p>
	{/each}
	<div class="page-head">
		<div>
			<h1>
				{job.blocks.map(partWords).join(', ')}
				{#if begun}<span
						class="tag py-px px-2 rounded-[3px] bg-dye-wash text-dye-text font-text text-[1rem] font-semibold"
						>{jobStates[data.state]}</span
					>{/if}
			</h1>
			<p class="lab">
				{dayText(job.day)} · {#if data.sprayerId}<a href="/sprayers/{data.sprayerId}">{data.sprayer}</a
					>{:else}{m.by_hand()}{/if}
				{#if job.team && basis.by === 'calibration'}{m.at_inline()} <b>{told}</b>{m.the_mean_of({
						list: job.team.map((m) => m.person).join(', ')
					})}{:else if basis.by === 'calibration'}{m.at_inline()}
					<a href="/calibrations/{data.calibrationId}"><b>{told}</b></a>{m.calibrated_signed_day_after({
						signedDay: dayText(data.signedDay)
					})}{:else}{m.at_inline()}
					<b>{told}</b>{basisTold(basis, settings)}{/if}{(job.sprayed ?? 1) < 1
					? m.on_of_the_ground({ figure: Math.round((job.sprayed ?? 1) * 100) })
					: ''}{(job.treated ?? 1) < 1
					? m.in_bands_on_of_the_field({ figure: showFigure((job.treated ?? 1) * 100, 3, settings.decimalComma) })
					: ''}{thick === null
					? ''
					: m.concentrate_to_run_off({
							thick: showFigure(thick, 3, settings.decimalComma),
							which: job.dilute ? typedText(job.dilute) : ''
						})}
				· {splitWords[job.split].name.toLowerCase()}. {job.notes}
			</p>
			{#if ends}<p class:look={!ends.fits} class:lab={ends.fits}>
					{m.about_of_it_spraying_from_to({
						which: ends.fits ? '' : '▲ ',
						total: shownSpan(ends.total),
						spraying: shownSpan(ends.spraying),
						start: clockWords(job.pace?.start ?? '', settings),
						at: ends.at,
						which2: ends.fits
							? ''
							: m.past_the_days_end_at({ span: shownSpan(-ends.spare), end: clockWords(job.pace?.end ?? '', settings) })
					})}
				</p>{/if}
			{#if data.doubt && basis.by === 'calibration'}<p class="look">
					{m.the_calibration_is_in_doubt_since({
						name: eventWords[data.doubt].name.toLowerCase(),
						which: job.reason
							? m.used_all_the_same({ reason: job.reason })
							: m.calibrate_again_before_you_dose_from_it()
					})}
				</p>{/if}
		</div>
		<div class="do justify-end min-[860px]:flex-nowrap phone:w-full">
			{#if !data.off}<a class="btn go big whitespace-nowrap phone:w-full" href={next.href}>{next.words}</a>{/if}
			{#if begun}<a class="btn plain min-h-18! whitespace-nowrap" href="/jobs/{data.id}/day">{m.the_weather()}</a>{/if}
			<details class="paper relative">
				<summary class="btn plain whitespace-nowrap">{m.print()}</summary>
				<ul class="card">
					{#each [['A4', 'A4'], ['LETTER', m.letter()], ['HALF', m.half_sheet_for_the_cab()]] as [paper, name] (paper)}
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
				{#if may('plan')}<a class="btn plain whitespace-nowrap" href="/jobs/{data.id}/edit">{m.edit()}</a>{/if}
				<form method="post" action="?/remove" use:enhance={deleted}>
					<button class="btn plain whitespace-nowrap">{m.delete_word()}</button>
				</form>{/if}
		</div>
	</div>
	{#if form?.message}<p class="look" role="alert">✕ {form.message}</p>{/if}
	{#if data.replacedBy}
		<p class="look" role="status">
			{m.this_job_was_edited()} <a href="/jobs/{data.replacedBy}">{m.open_the_job_as_it_is()}</a>.
		</p>
	{:else if data.off}
		<form class="look flex flex-wrap items-center gap-3" method="post" action="?/restore" use:enhance>
			<p role="status">{m.this_job_is_deleted()}</p>
			<button class="btn">{m.restore()}</button>
		</form>
	{/if}
	{#if data.withdrawn && basis.by === 'calibration' && !data.off}
		<p class="look" role="alert">
			{m.its_calibration_was_withdrawn({ withdrawn: data.withdrawn })}
			{#if begun}{m.calibrate_again_before_the_next_load()}{:else}<a href="/jobs/{data.id}/edit">{m.edit_the_job()}</a>
				{m.and_pick_another_one()}{/if}
		</p>
	{/if}
	<LabelCards {findings} {settings} />
	{#if (job.passed ?? []).length > 0}
		<section class="passed" aria-label={m.stops_that_were_passed()}>
			<h2>{m.continued_with_a_reason()}</h2>
			<ul class="pl-[1.2rem]">
				{#each job.passed ?? [] as stop (stop.code + stop.about)}<li>
						<b>{stopTitle(stop)}</b>: {stop.reason}
					</li>{/each}
			</ul>
		</section>
	{/if}
	{#if run?.closed?.volume || run?.seen}
		<section class="card grid gap-2 py-3.5 px-4.5" aria-label={m.how_it_went_so_far()}>
			{#if run.closed?.volume}
				<p>
					{m.true_volume_over_all_of_it()}
					<b>{plainRate(run.closed.volume.rate, settings)}</b>{m.what_was_planned_gap_after({
						gap: offPlan(run.closed.volume.gap)
					})}
				</p>
			{:else if run.seen}
				<p>
					{m.true_volume_so_far()}
					<b>{plainRate(run.seen.volume.rate, settings)}</b>{m.what_was_planned_gap_which_after({
						gap: offPlan(run.seen.volume.gap),
						which: run.seen.volume.calibrateAgain ? m.calibrate_again_before_it_is_used() : ''
					})}
				</p>
			{/if}
		</section>
	{/if}
	{#if plan && read}
		<LoadCards {plan} sheet={read.sheet} products={productsOfJob(job, read.sheet, plan)} {settings} {progress} />
		{#if basis.by !== 'calibration' && job.products.length > 0}<DilutionTable sheet={read.sheet} {settings} />{/if}
	{/if}
	<section>
		<h2>{m.doses()}</h2>
		<ul class="pl-[1.2rem]">
			{#each job.products as p, i (p.id)}<li>
					{#if p.dye}{p.label.name}{:else}<a class="tap" href="/products/{p.id}">{p.label.name}</a>{/if}:
					<b>{doseTold({ dose: p.dose, laterDoses: laterDoses(run?.loads ?? [], i, p.dose) })}</b>{p.per
						? ` ${doseAreaWords[p.per]}`
						: ''}{p.dilution ? ` ${dilutionWords[p.dilution]}` : ''}; {p.dye
						? m.marker_dye_no_label_noted()
						: intervalWords(p.label).join('; ')}.
				</li>{/each}
		</ul>
		<p class="lab"><b>{m.the_label_in_your_hand_decides()}</b>{m.and_local_rules_above_it()}</p>
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
	@media (max-width: 859px) {
		.paper ul {
			right: auto;
			left: 0;
		}
	}
</style>
