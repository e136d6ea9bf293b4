<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { isCarried, sumOfSheet } from '$core';
	import CheckSum from '$lib/check/CheckSum.svelte';
	import { sumUnits } from '$lib/check/check-sum.svelte';
	import type { MadeChange, VolumePerArea } from '$core';
	import type { PageData } from './$types';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import BudgetBar from '$lib/calibration/BudgetBar.svelte';
	import FindingCard from '$lib/calibration/FindingCard.svelte';
	import { turnedKnob } from '$lib/calibration/turned-knob';
	import PredictionNote from '$lib/calibration/PredictionNote.svelte';
	import OtherWays from '$lib/calibration/OtherWays.svelte';
	import RateFigure from '$lib/calibration/RateFigure.svelte';
	import Working from '$lib/calibration/Working.svelte';
	import type WithdrawDialog from '$lib/calibration/WithdrawDialog.svelte';
	import Arc from '$lib/drawings/Arc.svelte';
	import { skillOf } from '$lib/settings/skill';
	import { fieldUnits, measuresOf } from '$lib/settings/field-units';
	import { jugBoard } from '$lib/drawings/jug-board';
	import { readCalibration } from '$lib/show/read-calibration';
	import { readingLines } from '$lib/show/reading-lines';
	import { nozzleLines } from '$lib/show/shown-calibration';
	import { eventWords } from '$lib/wording/events';
	import { findingKey } from '$lib/wording/finding-key';
	import { changedWords } from '$lib/wording/events';
	import { methodWords } from '$lib/wording/methods';
	import { namesOf } from '$lib/wording/nozzle-names';

	let { data }: { data: PageData } = $props();
	const c = $derived(data.calibration);
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const read = $derived(readCalibration(data.rig, data.setting, data.entries, skillOf({ skill: c.skill }), c.evenRule));
	const turned = $derived(read && turnedKnob(read.entered, read.answer));
	const names = $derived(namesOf(data.rig));
	const flow = $derived(read?.answer.nozzles ?? null);
	const board = $derived(
		read && flow
			? jugBoard({
					on: flow.nozzles.map((n) => n.n),
					catchUnit: units.catch,
					flow,
					heldFor: flow.time,
					passedOver: (n) => read.entered.nozzles.get(n)?.passedOver ?? false,
					decimalComma: settings.decimalComma
				})
			: null
	);
	const lines = $derived(read ? nozzleLines(data.rig, read, settings) : []);
	const grouped = $derived(lines.some((l) => l.group !== ''));
	const rated = $derived(lines.some((l) => l.fromRated !== ''));
	/** Loaded when it is asked for. */
	let Withdraw = $state<typeof WithdrawDialog>();
	let withdrawing = $state(false);
	async function withdraw() {
		Withdraw ??= (await import('$lib/calibration/WithdrawDialog.svelte')).default;
		withdrawing = true;
	}
	const signed = $derived(
		[
			m.signed_off_by({ signedBy: c.signedBy }),
			c.pressure === null
				? m.pressure_not_measured_inline()
				: m.at_text({ text: show('pressure', c.pressure, settings, { typed: read?.entered.gauge?.typed }).text }),
			c.gear ? m.gear({ gear: c.gear }) : !isCarried(data.rig) && m.gear_not_entered(),
			c.rpm && m.rpm({ rpm: c.rpm })
		]
			.filter(Boolean)
			.join(', ')
	);
</script>

<svelte:head
	><title>{m.calibration_fallow({ signedDay: dayText(c.signedDay), name: data.rig.name })}</title></svelte:head
>

<div class="page">
	<main class="grid gap-4 content-start py-5 px-6 phone:p-4">
		<div class="min-w-0">
			<h1>
				<a class="tap text-inherit" href="/sprayers/{c.sprayerId}">{data.rig.name}</a>{m.calibrated_which({
					which: c.person ? m.with_person({ person: c.person }) : '',
					signedDay: dayText(c.signedDay)
				})}
			</h1>
			<p class="lab">
				{data.settingName ? `${data.settingName}. ` : ''}{read
					? `${methodWords[read.answer.method].name}. `
					: ''}{signed}. {c.remarks}
			</p>
			{#if read?.entered.carried}<p class="lab">
					{m.some_readings_were_carried_over_from()}
					<a href="/calibrations/{read.entered.carried.from}"
						>{m.calibration_of({ day: dayText(read.entered.carried.day) })}</a
					>{m.changed_since({ list: read.entered.carried.changed.map((t) => changedWords[t]).join(', ') })}
				</p>{/if}
			{#if c.withdrawn}<p class="look" role="status">
					<b>{m.withdrawn_by({ day: dayText(c.withdrawn.day), by: c.withdrawn.by, reason: c.withdrawn.reason })}</b>
					{m.it_stays_on_record_nothing_new()}
				</p>{/if}
			{#if c.doubt}<p class="look">
					<b>{m.in_doubt_since_name({ name: eventWords[c.doubt].name.toLowerCase() })}</b>
					{m.calibrate_again_before_you_dose_from()}
				</p>{/if}
		</div>
		<div class="card top min-w-0">
			<RateFigure
				rate={c.rate as VolumePerArea}
				relativeU95={c.relativeU95}
				unit={settings.rateUnit}
				decimalComma={settings.decimalComma}
				{...read ? { budget: read.answer.budget } : {}}
			/>
			{#if read}<div>
					<p class="lab">{m.where_the_comes_from()}</p>
					<BudgetBar budget={read.answer.budget} />
				</div>{/if}
		</div>
		{#if read}
			<div class="card min-w-0">
				<Working
					sheet={read.sheet}
					calibration={read.answer}
					school={settings.school}
					measures={measuresOf(settings)}
					decimalComma={data.farm.settings.decimalComma}
				/>
			</div>
			{#if data.setting?.change && data.setting.change.after !== c.id}
				{@const change = data.setting.change as MadeChange}
				<PredictionNote
					predicted={change.predicted}
					sure={change.sure}
					since={m.when_the_sprayer_was_changed_on({ day: dayText(change.day) })}
					rate={read.answer.rate}
					{settings}
				/>
			{:else if turned}
				<PredictionNote {...turned} rate={read.answer.rate} {settings} />
			{/if}
			<OtherWays
				calibration={{
					base: `/rounds/${c.id}`,
					sprayer: data.rig,
					method: read.answer.method,
					settings,
					signedOff: true
				}}
				others={read.others}
				rate={read.answer.rate}
			/>
			<div class="card min-w-0">
				<h2>{m.readings_as_taken()}</h2>
				<dl class="readings">
					{#each readingLines(read, names, data.farm.settings.decimalComma) as line, i (i)}
						<div
							class="flex justify-between gap-2.5 py-1 px-0 border-b border-dashed border-b-rule"
							class:struck={line.struck}
						>
							<dt class="text-soft">{line.name}</dt>
							<dd class="font-semibold text-right">{line.text}{line.struck ? m.struck_spaced() : ''}</dd>
						</div>
					{/each}
				</dl>
				{#if !read.entered.sheet}<p class="lab">
						{m.checks_of_the_sprayer_ticked({ size: read.entered.ticks.size })}
					</p>{:else}<p class="lab">{m.read_in_from_a_sheet_file()}</p>{/if}
				{#if board && flow && flow.nozzles.length > 1}
					{#if data.rig.kind === 'airblast'}
						<div class="arc">
							<Arc perSide={data.rig.nozzles / 2} jugs={board.jugs} top={board.top} at={null} />
						</div>
					{:else}<BoomRail short={names.short} jugs={board.jugs} at={null} />{/if}
				{/if}
				{#if lines.length > 0}
					<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
					<div class="ledger-scroll" role="region" aria-label={m.nozzles_title()} tabindex="0">
						<table class="ledger">
							<thead
								><tr
									><th scope="col">{m.nozzle_title()}</th>{#if grouped}<th scope="col">{m.size_title()}</th>{/if}<th
										scope="col">{m.caught_title()}</th
									><th scope="col">{m.against_the_others_title()}</th>{#if rated}<th scope="col">{m.against_rated()}</th
										>{/if}<th scope="col">{m.verdict()}</th></tr
								></thead
							>
							<tbody>
								{#each lines as line (line.n)}
									<tr class={line.tone}>
										<td>{line.name}</td>
										{#if grouped}<td>{line.group}</td>{/if}
										<td>
											{#each line.takes as take, i (i)}{i > 0 ? ', ' : ''}<span class:struck={!take.counts}
													>{take.text}</span
												>{take.why ? ` (${take.why})` : ''}{/each}
										</td>
										<td class="num">{line.fromAverage}</td>
										{#if rated}<td class="num">{line.fromRated}</td>{/if}
										<td>{line.verdict}</td>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				{/if}
			</div>
		{/if}
	</main>
	<aside class="grid gap-3.5 content-start p-5 border-l border-l-rule bg-paper-deep phone:border-0">
		{#if !c.withdrawn}
			<a class="btn go big" href="/full-tank?calibration={c.id}">{m.one_full_tank()}</a>
			<a class="btn" href="/calibrations/{c.id}/tank">{m.loads_for_an_area()}</a>
		{/if}
		<a class="btn" href="/rounds/new?sprayer={c.sprayerId}&after={c.id}" data-sveltekit-preload-data="off"
			>{m.again_after_a_change()}</a
		>
		{#if !c.withdrawn}<a class="btn big" href="/calibrations/{c.id}/adjust">{m.adjust_to_a_target()}</a>{/if}
		{#if read}<CheckSum
				sources={[
					{
						name: m.spray_volume(),
						sum: sumOfSheet(read.sheet, read.answer, sumUnits(settings)),
						unit: settings.rateUnit
					}
				]}
				{settings}
			/>{/if}
		<h2>
			{c.findings.length === 0
				? m.no_warnings()
				: c.findings.length === 1
					? m.one_warning()
					: m.warnings_count({ count: c.findings.length })}
		</h2>
		{#each c.findings as finding (findingKey(finding))}<FindingCard {finding} {names} {settings} />{/each}
		{#if data.plans.length > 0}
			<h2>{m.tank_plans_from_it()}</h2>
			<ul class="grid gap-2">
				{#each data.plans as plan (plan.id)}
					<li class="grid">
						<a class="tap font-semibold" href="/tank-plans/{plan.id}"
							>{m.loads_text({ text: show('area', plan.area, settings).text, loads: plan.loads })}</a
						>
						<span class="lab"
							>{m.of_mix({
								text: show('tank', plan.mix, settings).text,
								which: plan.products.length ? `, ${plan.products.join(', ')}` : ''
							})}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
		<h2>{m.on_paper_and_in_files()}</h2>
		<ul class="files grid gap-2">
			<li class="grid">
				<a class="tap font-semibold" href="/calibrations/{c.id}/print?paper=A4" data-sveltekit-reload>{m.pdf_a4()}</a>
			</li>
			<li class="grid">
				<a class="tap font-semibold" href="/calibrations/{c.id}/print?paper=LETTER" data-sveltekit-reload
					>{m.pdf_letter()}</a
				>
			</li>
			<li class="grid">
				<a class="tap font-semibold" href="/calibrations/{c.id}/csv" data-sveltekit-reload>{m.readings_csv()}</a>
			</li>
			<li class="grid">
				<a class="tap font-semibold" href="/calibrations/{c.id}/sheet" data-sveltekit-reload>{m.sheet_json()}</a>
			</li>
		</ul>
		<p class="lab">
			{m.calibrate_again_when_nozzles_pump_gauge()}
		</p>
		{#if !c.withdrawn}
			<button type="button" class="btn plain justify-self-start text-rust-text" onclick={() => void withdraw()}
				>{m.withdraw_this_calibration_title()}</button
			>
			{#if Withdraw}<Withdraw form={data.withdraw} open={withdrawing} onclose={() => (withdrawing = false)} />{/if}
		{/if}
	</aside>
</div>

<style>
	.page {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 340px;
		min-height: calc(100dvh - 56px);
	}
	main > :global(.card) {
		display: grid;
		gap: 10px;
		padding: 14px 18px;
	}
	.struck {
		text-decoration: line-through;
		color: var(--soft);
	}
	.readings {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
		gap: 2px 18px;
		margin: 0;
	}
	.arc {
		height: 320px;
	}
	tr.look td {
		color: var(--amber-text);
	}
	tr.stop td {
		color: var(--rust-text);
	}
	.files {
		grid-template-columns: 1fr 1fr;
	}
	@media (max-width: 859px) {
		.page {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
