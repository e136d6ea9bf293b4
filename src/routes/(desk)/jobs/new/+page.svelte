<script lang="ts">
	import { untrack } from 'svelte';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import type { ActionData, PageData } from './$types';
	import DilutionTable from '$lib/job/DilutionTable.svelte';
	import DoseAreaPicker from '$lib/job/DoseAreaPicker.svelte';
	import FormField from '$lib/kit/FormField.svelte';
	import JobGroundPicker from '$lib/job/plan/JobGroundPicker.svelte';
	import JobVolume from '$lib/job/plan/JobVolume.svelte';
	import LabelCards from '$lib/job/LabelCards.svelte';
	import { productsOfJob } from '$lib/show/shown-plan';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import SplitTable from '$lib/job/plan/SplitTable.svelte';
	import StopReasons from '$lib/job/StopReasons.svelte';
	import { longUnit, shortUnit } from '$lib/settings/field-units';
	import { stopKey } from '$lib/wire/passed-stops';
	import { plainRate, shownRate, wideWords } from '$lib/show/answer';
	import { JobPlanState } from '$lib/job/plan/job-plan.svelte';
	import { dropletWords } from '$lib/wording/nozzles';
	import { dilutionWords } from '$lib/wording/products';

	import { dilutions, dropletClasses, labelStops, showFigure } from '$core';

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
					uses: data.uses,
					harvests: data.harvests,
					today: data.today
				},
				page.url.searchParams.get('block')
			)
	);
	const id = v7();
	const c = $derived(plan.calibration);
	const rate = $derived(c && shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const names = $derived(plan.job?.products.map((p) => p.label.name) ?? []);
	const share = $derived(`${showFigure(plan.treated * 100, 3, settings.decimalComma)} %`);
	const thick = $derived(plan.read.ok ? plan.read.value.concentration : null);
	const stops = $derived(labelStops(plan.findings));
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
			<JobGroundPicker {plan} />
		</fieldset>
		<fieldset>
			<legend>How much mix goes on it</legend>
			<JobVolume {plan} />
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
					{#if plan.asks(line).per}<div class="wide">
							<DoseAreaPicker value={line.per} onpick={(per) => (line.per = per)} />
						</div>{/if}
					{#if plan.asks(line).dilution}<div class="wide">
							<Segmented
								label="100 L of the dose are"
								options={dilutions.map((value) => ({ value, label: dilutionWords[value] }))}
								value={line.dilution as 'mix'}
								onchange={(dilution) => (line.dilution = dilution)}
							/>
						</div>{/if}
				</div>
			{/each}
			<button type="button" class="btn plain" onclick={() => plan.addLine()}>Add a product</button>
			{#if plan.canopy}
				<FormField
					label="Volume to run-off, {longUnit(settings.rateUnit)}"
					bind:value={plan.dilute}
					problem={plan.problem('dilute')}
					hint="Dilute spray that wets these trees until they drip. Asked where a dose is per 100 L of dilute spray."
				/>
			{/if}
			{#if c}<label class="field"
					>Drops of this setting
					<select class="field-input" bind:value={plan.drops}>
						<option value="">not known</option>
						{#each dropletClasses as drops (drops)}<option value={drops}>{dropletWords[drops]}</option>{/each}
					</select>
				</label>{/if}
		</fieldset>
		<details>
			<summary>Time and harvest</summary>
			<div class="two">
				<FormField label="Fill and mix a load" bind:value={plan.fill} problem={plan.problem('pace.fill')} />
				<FormField label="Drive to water and back" bind:value={plan.drive} problem={plan.problem('pace.drive')} />
				<FormField label="Begins at" type="time" bind:value={plan.start} problem={plan.problem('pace.start')} />
				<FormField label="The day ends at" type="time" bind:value={plan.end} problem={plan.problem('pace.end')} />
				<FormField
					label="Field efficiency, %"
					inputmode="decimal"
					bind:value={plan.efficiency}
					problem={plan.problem('pace.efficiency')}
					hint="What turns and stops leave of speed × swath: 65 to 85 is usual."
				/>
				<FormField label="Harvest wanted on" type="date" bind:value={plan.harvest} hint="Held against the labels." />
			</div>
		</details>
		<FormField label="Notes" bind:value={plan.notes} />
		<StopReasons
			{stops}
			reasonOf={(stop) => plan.reasons[stopKey(stop)] ?? ''}
			onreason={(stop, reason) => (plan.reasons[stopKey(stop)] = reason)}
		/>
		{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
		<div class="foot">
			<button class="btn go big" disabled={!plan.ready}>Keep this job</button>
			<a class="btn plain" href="/jobs">Back</a>
		</div>
	</form>
	<aside aria-label="What it comes to">
		{#if plan.by === 'calibration' && rate && c}
			<p class="lab">{c.sprayer} at <b>{rate.value} {rate.unit} ± {rate.interval}</b></p>
			{#if rate.tooWide}<p><b>▲ {wideWords(c.relativeU95, settings.decimalComma)}</b></p>{/if}
		{:else if plan.rate !== null}
			<p class="lab">{plan.by === 'trial' ? 'Wet at' : 'Mix for it:'} <b>{plainRate(plan.rate, settings)}</b></p>
		{/if}
		{#if plan.treated < 1}
			<p class="told">
				Bands: <b>{share}</b> of the field is treated. Volume and mix are for the bands; time and passes for the whole field.
			</p>
		{/if}
		{#if thick !== null && Math.abs(thick - 1) > 0.005}
			<p class="told">
				<b>{showFigure(thick, 3, settings.decimalComma)} × concentrate</b>: the volume to run-off, over the volume you
				spray. Doses of dilute spray are mixed that much stronger.
			</p>
		{/if}
		<LabelCards findings={plan.findings} {settings} />
		{#if plan.splits && plan.chosen}
			<SplitTable
				choices={plan.splits.choices}
				offered={plan.splits.offered}
				picked={plan.chosen.split}
				less={plan.less}
				{settings}
				pace={plan.read.ok ? plan.read.value.pace : null}
				onpick={(split) => (plan.split = split)}
			/>
			{#if plan.chosen.plan && plan.job && plan.read.ok}
				<LoadCards
					plan={plan.chosen.plan}
					sheet={plan.read.value.sheet}
					products={productsOfJob(plan.job, plan.read.value.sheet, plan.chosen.plan)}
					{settings}
				/>
			{/if}
			{#if plan.by !== 'calibration' && plan.read.ok && names.length > 0}
				<DilutionTable sheet={plan.read.value.sheet} {settings} />
			{/if}
		{:else}
			<p class="lab">
				{plan.by === 'calibration'
					? 'Pick the ground and a calibration, and the loads stand here.'
					: 'Pick the ground and say how much mix goes on it, and the loads stand here.'}
			</p>
			{#each plan.issues.filter((i) => ['blocks', 'rate', 'dilute'].includes(i.path) || /\.(per|dilution)$/.test(i.path)) as issue (issue.path)}
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
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.told {
		padding: 10px 14px;
		border-left: 6px solid var(--dye);
		background: var(--dye-wash);
	}
	summary {
		min-height: 48px;
		padding-top: 10px;
		font-weight: 600;
		cursor: pointer;
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
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
		aside {
			border: 0;
		}
	}
</style>
