<script lang="ts">
	import { untrack } from 'svelte';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { inUnit, showFigure, si } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/components/FormField.svelte';
	import LabelCards from '$lib/components/LabelCards.svelte';
	import LoadCards from '$lib/components/LoadCards.svelte';
	import SplitTable from '$lib/components/SplitTable.svelte';
	import { shortUnit } from '$lib/formats/field-units';
	import { shownRate } from '$lib/shown/answer';
	import { localDay } from '$lib/shown/local-day';
	import { JobPlanState } from '$lib/state/job-plan.svelte';
	import { eventWords } from '$lib/wording/events';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const plan = untrack(
		() =>
			new JobPlanState(
				{
					settings: data.farm.settings,
					blocks: data.blocks,
					products: data.products,
					calibrations: data.calibrations,
					today: localDay(new Date())
				},
				page.url.searchParams.get('block')
			)
	);
	const id = v7();
	const c = $derived(plan.calibration);
	const rate = $derived(c && shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const area = (m2: number) =>
		`${showFigure(inUnit('area', si<'area'>(m2), plan.units.area), 3, settings.decimalComma)} ${plan.units.area}`;
	const names = $derived(plan.job?.products.map((p) => p.label.name) ?? []);
	const tank = $derived(plan.read.ok ? plan.read.value.sheet.tank : 0);
</script>

<svelte:head><title>Plan a job · Fallow</title></svelte:head>

<div class="page">
	<form
		method="post"
		novalidate
		use:enhance={({ cancel, formData }) => {
			const asked = plan.asked(id);
			if (!asked || !plan.ready) return cancel();
			formData.set('job', JSON.stringify(asked));
		}}
	>
		<h1>Plan a job</h1>
		<fieldset>
			<legend>Ground</legend>
			{#if data.blocks.length === 0}<p class="lab">
					No ground is known yet. <a href="/ground/new">Add a block</a> first.
				</p>{/if}
			<div class="blocks">
				{#each data.blocks as { id: block, block: b, area: m2 } (block)}
					{@const on = plan.picked[block] !== undefined}
					<div class="block" class:on>
						<label class="check"
							><input type="checkbox" checked={on} onchange={() => plan.toggle(block)} />
							<span><b>{b.name}</b> <small>{area(m2)}</small></span></label
						>
						{#if on}
							<FormField
								label="Part of it, %"
								inputmode="decimal"
								bind:value={() => plan.picked[block] ?? '', (v) => (plan.picked[block] = v)}
								problem={plan.shareProblem(block)}
							/>
						{/if}
					</div>
				{/each}
			</div>
		</fieldset>
		<fieldset>
			<legend>Sprayer, as it was calibrated</legend>
			{#if data.calibrations.length === 0}<p class="lab">
					No sprayer is calibrated yet. <a href="/sprayers">Calibrate one</a> first.
				</p>{:else}
				<label class="field"
					>Calibration
					<select
						class="field-input"
						value={plan.calibrationId}
						onchange={(e) => plan.useCalibration(e.currentTarget.value)}
					>
						{#each data.calibrations as one (one.id)}
							{@const r = shownRate(one.rate, one.relativeU95, settings.rateUnit, settings.decimalComma)}
							<option value={one.id}
								>{one.sprayer}, {one.setting}: {r.value}
								{r.unit}, {one.signedDay}{one.doubt ? ' (in doubt)' : ''}</option
							>
						{/each}
					</select>
				</label>
				{#if c?.doubt}
					<p class="look">
						▲ In doubt since: {eventWords[c.doubt as 'nozzles'].name.toLowerCase()}. Calibrate again, or say why it is
						used all the same.
					</p>
					<FormField
						label="Why it is used"
						bind:value={plan.reason}
						problem={plan.wantsReason ? 'Nothing is written here yet.' : undefined}
					/>
				{/if}
			{/if}
			<div class="two">
				<FormField label="Tank, {shortUnit(plan.units.tank)}" bind:value={plan.tank} problem={plan.problem('tank')} />
				<FormField label="On" type="date" bind:value={plan.day} />
			</div>
		</fieldset>
		<fieldset>
			<legend>Products</legend>
			{#each plan.lines as line, i (line.key)}
				<div class="two product" role="group" aria-label="Product {i + 1}">
					<label class="field"
						>Product
						<select class="field-input" value={line.id} onchange={(e) => plan.pick(line, e.currentTarget.value)}>
							<option value="">none</option>
							{#each data.products as p (p.id)}<option value={p.id}>{p.label.name}</option>{/each}
						</select>
					</label>
					<FormField label="Dose" bind:value={line.dose} problem={plan.doseProblem(line)} />
				</div>
			{/each}
			<button type="button" class="btn plain" onclick={() => plan.addLine()}>Add a product</button>
		</fieldset>
		<FormField label="Notes" bind:value={plan.notes} />
		{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
		<div class="foot">
			<button class="btn go big" disabled={!plan.ready}>Keep this job</button>
			<a class="btn plain" href="/jobs">Back</a>
		</div>
	</form>
	<aside aria-label="What it comes to">
		{#if rate && c}<p class="lab">{c.sprayer} at <b>{rate.value} {rate.unit} ± {rate.interval}</b></p>{/if}
		<LabelCards findings={plan.findings} {settings} />
		{#if plan.splits && plan.chosen}
			<SplitTable
				choices={plan.splits.choices}
				offered={plan.splits.offered}
				picked={plan.chosen.split}
				{settings}
				onpick={(split) => (plan.split = split)}
			/>
			{#if plan.chosen.plan}
				<LoadCards plan={plan.chosen.plan} {tank} {names} {settings} />
			{/if}
		{:else}
			<p class="lab">Pick the ground and a calibration, and the loads stand here.</p>
			{#each plan.issues.filter((i) => i.path === 'blocks' || i.path === 'rate') as issue (issue.path)}
				<p class="lab">{plan.problem(issue.path)}</p>
			{/each}
		{/if}
		<p class="lab">
			<b>The label in your hand decides</b>, and local rules above it. Never mix in a dry tank, never product first.
		</p>
	</aside>
</div>

<style>
	.page {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
		min-height: calc(100dvh - 56px);
	}
	form,
	aside {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 16px;
		align-content: start;
		padding: 20px 24px;
	}
	aside {
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	fieldset {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 10px;
		min-width: 0;
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0 0 6px;
		font: 700 1.15rem var(--font-figures);
		font-stretch: 82%;
	}
	.blocks {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
	}
	.block {
		padding: 4px 12px;
		border: 1px solid var(--straw-edge);
		border-left-width: 8px;
		border-radius: 6px;
		background: var(--straw-wash);
	}
	.block.on {
		border-color: var(--dye);
		background: var(--card);
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 48px;
		line-height: 1.2;
	}
	.check input {
		flex: none;
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	small {
		display: block;
		color: var(--ink);
	}
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 8px 16px;
		align-items: start;
	}
	.field {
		display: grid;
		/* The longest calibration must not widen the page. */
		grid-template-columns: minmax(0, 1fr);
		gap: 4px;
		font-weight: 600;
	}
	.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.btn.plain {
		justify-self: start;
	}
	.foot {
		position: sticky;
		bottom: 0;
		display: flex;
		gap: 14px;
		padding: 10px 0;
		background: var(--paper);
	}
	@media (max-width: 859px) {
		.page,
		.blocks,
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
		aside {
			border: 0;
		}
	}
</style>
