<script lang="ts">
	import { untrack } from 'svelte';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import type { VolumePerArea } from '$core';
	import type { ActionData, PageData } from './$types';
	import DoseAreaPicker from '$lib/job/DoseAreaPicker.svelte';
	import FormField from '$lib/kit/FormField.svelte';
	import { productsOfPlan } from '$lib/show/shown-plan';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { shortUnit } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import { shownRate, wideWords } from '$lib/show/answer';
	import { TankPlanState } from '$lib/job/plan/tank-plan.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import { asWritten } from '$lib/wording/as-written';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const c = $derived(data.calibration);
	const settings = $derived(data.farm.settings);
	const plan = untrack(
		() =>
			new TankPlanState(
				data.calibration.rate as VolumePerArea,
				typedText(data.rig.tank),
				data.farm.settings,
				data.calibration.treated
			)
	);
	const planId = v7();
	const rate = $derived(shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const products = $derived(productsOfPlan(plan.input.products));
	const whole = $derived(plan.issues.find((i) => i.code === 'products-fill-tank' || i.code === 'too-many-loads'));
</script>

<svelte:head><title>What goes in the tank · {data.rig.name} · Fallow</title></svelte:head>

<div class="page">
	<form
		method="post"
		novalidate
		use:enhance={({ cancel, formData }) => {
			if (!plan.check()) return cancel();
			formData.set('plan', JSON.stringify({ id: planId, input: plan.input }));
		}}
	>
		<div>
			<h1>What goes in the tank</h1>
			<p class="lab">
				{data.rig.name} at <b>{rate.value} {rate.unit} ± {rate.interval}</b>, measured {c.signedDay}.
				{#if rate.tooWide}<b>▲ {wideWords(c.relativeU95, settings.decimalComma)}</b>{/if}
				{#if c.findings > 0}<a href="/calibrations/{c.id}">▲ {c.findings} {c.findings === 1 ? 'finding' : 'findings'}</a
					>{/if}
			</p>
		</div>

		<fieldset>
			<legend>Area to spray</legend>
			<Segmented
				label="Area by"
				options={[
					{ value: 'area', label: 'Area' },
					{ value: 'sides', label: 'Length × width' }
				]}
				value={plan.areaBy}
				onchange={(v) => (plan.areaBy = v)}
			/>
			{#if plan.areaBy === 'area'}
				<div onfocusout={() => plan.area && plan.leave('area')}>
					<FormField
						label="Area"
						bind:value={plan.area}
						problem={plan.problem('area')}
						hint="A bare number is {plan.units.area}. {asWritten(
							'6.3 ha, 15.5 ac and 1000 ft2',
							settings.decimalComma
						)} all work."
					/>
				</div>
			{:else}
				<div class="two">
					<div onfocusout={() => plan.length && plan.leave('length')}>
						<FormField
							label="Length"
							bind:value={plan.length}
							problem={plan.problem('length')}
							hint="Bare: {plan.units.side}."
						/>
					</div>
					<div onfocusout={() => plan.width && plan.leave('width')}>
						<FormField
							label="Width"
							bind:value={plan.width}
							problem={plan.problem('width')}
							hint="Bare: {plan.units.side}."
						/>
					</div>
				</div>
			{/if}
		</fieldset>

		<fieldset>
			<legend>Products, from the label in your hand</legend>
			{#each plan.products as line, i (line.key)}
				<div class="product" role="group" aria-label="Product {i + 1}">
					<FormField label="Product" bind:value={line.name} />
					<div onfocusout={() => line.dose && plan.leaveDose(line)}>
						<FormField
							label="Dose"
							bind:value={line.dose}
							problem={plan.doseProblem(line)}
							hint={`Per area or %: ${asWritten('2 L/ha, 14 oz/ac, 0.1 %', settings.decimalComma)}. ${line.state === '' ? 'Say whether it is liquid or dry.' : `Bare: ${shortUnit(line.state === 'dry' ? plan.units.dryDose : plan.units.dose)}.`}`}
						/>
					</div>
					<div class="kind">
						<Segmented
							label="Product {i + 1} is"
							options={[
								{ value: 'liquid', label: 'Liquid' },
								{ value: 'dry', label: 'Dry' }
							]}
							value={line.state}
							onchange={(v) => (line.state = v)}
						/>
						{#if plan.treated < 1}<DoseAreaPicker value={line.per} onpick={(per) => (line.per = per)} />{/if}
						{#if plan.products.length > 1}<button
								type="button"
								class="remove"
								onclick={() => plan.removeProduct(line.key)}>Take out</button
							>{/if}
					</div>
				</div>
			{/each}
			<button type="button" class="btn plain" onclick={() => plan.addProduct()}>Add a product</button>
		</fieldset>

		<fieldset>
			<legend>Tank</legend>
			<div onfocusout={() => plan.leave('tank')}>
				<FormField
					label="Fill at the most"
					bind:value={plan.tank}
					problem={plan.problem('tank')}
					hint="A bare number is {shortUnit(plan.units.tank)}."
				/>
			</div>
			<Segmented
				label="Split"
				options={[
					{ value: 'full-then-part', label: 'Full, then a part load' },
					{ value: 'equal', label: 'Equal loads' }
				]}
				value={plan.split}
				onchange={(v) => (plan.split = v)}
			/>
		</fieldset>

		<div class="keep">
			{#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
			<button class="btn go big">Keep this plan</button>
		</div>
	</form>

	<main>
		{#if plan.plan && plan.sheet.ok}
			<LoadCards plan={plan.plan} sheet={plan.sheet.value} {products} {settings} />
			<p class="lab">
				Worked out from the unrounded spray volume and area; nothing is rounded before what you see. The label in your
				hand decides.
			</p>
		{:else if whole}
			<p class="problem" role="alert">{wordIssue(whole)}</p>
		{:else}
			<div class="empty">
				<h2>The loads stand here</h2>
				<p class="lab">
					Say how much ground, and which products at which dose. Each load then shows its water, its product and the
					area it covers.
				</p>
			</div>
		{/if}
		<div class="caution">
			<b>Wear and watch</b>
			<p>
				Gloves, face shield, apron and boots as the label asks. Water first, never product into a dry tank. Pour below
				shoulder height, hose end above the water, and stay with the filling tank.
			</p>
		</div>
	</main>
</div>

<style>
	.page {
		display: grid;
		grid-template-columns: 440px minmax(0, 1fr);
		height: calc(100dvh - 56px);
	}
	form {
		display: grid;
		gap: 14px;
		align-content: start;
		padding: 18px 20px 0;
		border-right: 1px solid var(--rule);
		overflow: auto;
	}
	fieldset {
		display: grid;
		gap: 10px;
		margin: 0;
		padding: 10px 0 0;
		border: 0;
		border-top: 2px solid var(--rule);
	}
	legend {
		float: left;
		padding: 0;
		font: 700 1.15rem var(--font-figures);
		font-stretch: 82%;
	}
	legend + :global(*) {
		clear: both;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px;
	}
	.product {
		display: grid;
		grid-template-columns: 1fr 1.1fr;
		gap: 8px 12px;
		padding-bottom: 10px;
		border-bottom: 1px dashed var(--rule);
	}
	.kind {
		grid-column: 1 / 3;
		display: flex;
		justify-content: space-between;
	}
	.remove {
		min-height: 48px;
		border: 0;
		background: none;
		color: var(--rust-text);
		text-decoration: underline;
		cursor: pointer;
	}
	.keep {
		position: sticky;
		bottom: 0;
		padding: 10px 0 14px;
		background: var(--paper);
	}
	.keep .btn {
		width: 100%;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	main {
		display: flex;
		flex-direction: column;
		gap: 18px;
		padding: 20px 24px;
		background: var(--paper-deep);
		overflow: auto;
	}
	.empty {
		display: grid;
		gap: 8px;
		padding: 40px 24px;
		border: 2px dashed var(--straw-edge);
		border-radius: 8px;
		background: var(--straw-wash);
	}
	.caution {
		margin-top: auto;
		padding: 10px 14px;
		border-left: 5px solid var(--amber);
		background: var(--amber-wash);
		font-size: 0.95rem;
	}
	@media (max-width: 859px) {
		.page {
			grid-template-columns: minmax(0, 1fr);
			height: auto;
		}
		form {
			border: 0;
			padding: 16px 16px 0;
			overflow: visible;
		}
		main {
			padding: 16px;
			overflow: visible;
		}
	}
</style>
