<script lang="ts">
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
	import { nozzleLines, readingLines } from '$lib/show/shown-calibration';
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
	const turned = $derived(read && turnedKnob(read.round, read.calibration));
	const names = $derived(namesOf(data.rig));
	const flow = $derived(read?.calibration.nozzles ?? null);
	const board = $derived(
		read && flow
			? jugBoard({
					on: flow.nozzles.map((n) => n.n),
					catchUnit: units.catch,
					flow,
					heldFor: flow.time,
					passedOver: (n) => read.round.nozzles.get(n)?.passedOver ?? false,
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
			`Signed off by ${c.signedBy}`,
			c.pressure === null
				? 'pressure not measured'
				: `at ${show('pressure', c.pressure, settings, { typed: read?.round.gauge?.typed }).text}`,
			c.gear ? `gear ${c.gear}` : !isCarried(data.rig) && 'gear not entered',
			c.rpm && `${c.rpm} rpm`
		]
			.filter(Boolean)
			.join(', ')
	);
</script>

<svelte:head><title>Calibration {dayText(c.signedDay)} · {data.rig.name} · Fallow</title></svelte:head>

<div class="page">
	<main class="grid gap-4 content-start py-5 px-6 phone:p-4">
		<div class="min-w-0">
			<h1>
				<a class="text-inherit" href="/sprayers/{c.sprayerId}">{data.rig.name}</a>{c.person ? ` with ${c.person}` : ''},
				calibrated {dayText(c.signedDay)}
			</h1>
			<p class="lab">
				{data.settingName ? `${data.settingName}. ` : ''}{read
					? `${methodWords[read.calibration.method].name}. `
					: ''}{signed}. {c.remarks}
			</p>
			{#if read?.round.carried}<p class="lab">
					Some readings were carried over from the <a href="/calibrations/{read.round.carried.from}"
						>calibration of {dayText(read.round.carried.day)}</a
					>; changed since: {read.round.carried.changed.map((t) => changedWords[t]).join(', ')}.
				</p>{/if}
			{#if c.withdrawn}<p class="look" role="status">
					<b>✕ Withdrawn {dayText(c.withdrawn.day)} by {c.withdrawn.by}: {c.withdrawn.reason}.</b> It stays on record. Nothing
					new rests on it.
				</p>{/if}
			{#if c.doubt}<p class="look">
					<b>▲ In doubt since: {eventWords[c.doubt].name.toLowerCase()}.</b> Calibrate again before you dose from it.
				</p>{/if}
		</div>
		<div class="card top min-w-0">
			<RateFigure
				rate={c.rate as VolumePerArea}
				relativeU95={c.relativeU95}
				unit={settings.rateUnit}
				decimalComma={settings.decimalComma}
				{...read ? { budget: read.calibration.budget } : {}}
			/>
			{#if read}<div>
					<p class="lab">Where the ± comes from</p>
					<BudgetBar budget={read.calibration.budget} />
				</div>{/if}
		</div>
		{#if read}
			<div class="card min-w-0">
				<Working
					sheet={read.sheet}
					calibration={read.calibration}
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
					since="when the sprayer was changed on {dayText(change.day)}"
					rate={read.calibration.rate}
					{settings}
				/>
			{:else if turned}
				<PredictionNote {...turned} rate={read.calibration.rate} {settings} />
			{/if}
			<OtherWays
				round={{
					head: c,
					rig: data.rig,
					method: read.calibration.method,
					settings,
					signedOff: true
				}}
				others={read.others}
				rate={read.calibration.rate}
			/>
			<div class="card min-w-0">
				<h2>Readings as taken</h2>
				<dl class="readings">
					{#each readingLines(read, names, data.farm.settings.decimalComma) as line, i (i)}
						<div
							class="flex justify-between gap-2.5 py-1 px-0 border-b border-dashed border-b-rule"
							class:struck={line.struck}
						>
							<dt class="text-soft">{line.name}</dt>
							<dd class="font-semibold text-right">{line.text}{line.struck ? ' (struck)' : ''}</dd>
						</div>
					{/each}
				</dl>
				{#if !read.round.sheet}<p class="lab">
						{read.round.ticks.size}
						{read.round.ticks.size === 1 ? 'check' : 'checks'} of the sprayer ticked.
					</p>{:else}<p class="lab">Read in from a sheet file.</p>{/if}
				{#if board && flow && flow.nozzles.length > 1}
					{#if data.rig.kind === 'airblast'}
						<div class="arc">
							<Arc perSide={data.rig.nozzles / 2} jugs={board.jugs} top={board.top} at={null} />
						</div>
					{:else}<BoomRail short={names.short} jugs={board.jugs} at={null} />{/if}
				{/if}
				{#if lines.length > 0}
					<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
					<div class="ledger-scroll" role="region" aria-label="Nozzles" tabindex="0">
						<table class="ledger">
							<thead
								><tr
									><th scope="col">Nozzle</th>{#if grouped}<th scope="col">Size</th>{/if}<th scope="col">Caught</th><th
										scope="col">Against the others</th
									>{#if rated}<th scope="col">Against rated</th>{/if}<th scope="col">Verdict</th></tr
								></thead
							>
							<tbody>
								{#each lines as line (line.n)}
									<tr class={line.tone}>
										<td>{line.name.replace('Nozzle ', '')}</td>
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
			<a class="btn go big" href="/full-tank?calibration={c.id}">One full tank</a>
			<a class="btn" href="/calibrations/{c.id}/tank">Loads for an area</a>
		{/if}
		<a class="btn" href="/rounds/new?sprayer={c.sprayerId}&after={c.id}" data-sveltekit-preload-data="off"
			>Again after a change</a
		>
		{#if !c.withdrawn}<a class="btn big" href="/calibrations/{c.id}/adjust">Adjust to a target</a>{/if}
		{#if read}<CheckSum
				sources={[
					{
						name: 'Spray volume',
						sum: sumOfSheet(read.sheet, read.calibration, sumUnits(settings)),
						unit: settings.rateUnit
					}
				]}
				{settings}
			/>{/if}
		<h2>
			{c.findings.length === 0
				? 'No warnings'
				: c.findings.length === 1
					? 'One warning'
					: `${c.findings.length} warnings`}
		</h2>
		{#each c.findings as finding (findingKey(finding))}<FindingCard {finding} {names} {settings} />{/each}
		{#if data.plans.length > 0}
			<h2>Tank plans from it</h2>
			<ul class="grid gap-2">
				{#each data.plans as plan (plan.id)}
					<li class="grid">
						<a class="py-1.5 px-0 font-semibold" href="/tank-plans/{plan.id}"
							>{show('area', plan.area, settings).text}, {plan.loads}
							{plan.loads === 1 ? 'load' : 'loads'}</a
						>
						<span class="lab"
							>{show('tank', plan.mix, settings).text} of mix{plan.products.length
								? `, ${plan.products.join(', ')}`
								: ''}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
		<h2>On paper and in files</h2>
		<ul class="files grid gap-2">
			<li class="grid">
				<a class="py-1.5 px-0 font-semibold" href="/calibrations/{c.id}/print?paper=A4" data-sveltekit-reload>PDF, A4</a
				>
			</li>
			<li class="grid">
				<a class="py-1.5 px-0 font-semibold" href="/calibrations/{c.id}/print?paper=LETTER" data-sveltekit-reload
					>PDF, Letter</a
				>
			</li>
			<li class="grid">
				<a class="py-1.5 px-0 font-semibold" href="/calibrations/{c.id}/csv" data-sveltekit-reload>Readings, CSV</a>
			</li>
			<li class="grid">
				<a class="py-1.5 px-0 font-semibold" href="/calibrations/{c.id}/sheet" data-sveltekit-reload>Sheet, JSON</a>
			</li>
		</ul>
		<p class="lab">
			Calibrate again when nozzles, pump, gauge or tyres change, at the start of the season, or when a tank runs out
			more than 5 % off.
		</p>
		{#if !c.withdrawn}
			<button type="button" class="btn plain justify-self-start text-rust-text" onclick={() => void withdraw()}
				>Withdraw this calibration</button
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
