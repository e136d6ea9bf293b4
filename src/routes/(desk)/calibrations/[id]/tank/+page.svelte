<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import type { VolumePerArea } from '$core';
	import type { ActionData, PageData } from './$types';
	import DoseAreaPicker from '$lib/job/DoseAreaPicker.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { productsOfPlan } from '$lib/show/shown-plan';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import { say } from '$lib/kit/say';
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

<svelte:head><title>Loads for an area · {data.rig.name} · Fallow</title></svelte:head>

<div class="grid grid-cols-[440px_minmax(0,1fr)] h-[calc(100dvh_-_56px)] phone:grid-cols-1 phone:h-auto">
	<form
		class="grid gap-3.5 content-start px-5 pt-4.5 pb-0 border-r border-r-rule overflow-auto phone:border-0 phone:px-4 phone:pt-4 phone:pb-0 phone:overflow-visible"
		method="post"
		novalidate
		use:enhance={({ cancel, formData }) => {
			if (!plan.check()) return cancel();
			formData.set('plan', JSON.stringify({ id: planId, input: plan.input }));
		}}
	>
		<div>
			<h1>Loads for an area</h1>
			<p class="lab">
				{data.rig.name} at <b>{rate.value} {rate.unit} ± {rate.interval}</b>, measured {dayText(c.signedDay)}.
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
					<Field
						label="Area"
						bind:value={plan.area}
						problem={plan.problem('area')}
						hint="No unit means {plan.units.area}. {asWritten(
							'6.3 ha, 15.5 ac and 1000 ft2',
							settings.decimalComma
						)} all work."
					/>
				</div>
			{:else}
				<div class="grid grid-cols-[1fr_1fr] gap-3">
					<div onfocusout={() => plan.length && plan.leave('length')}>
						<Field
							label="Length"
							bind:value={plan.length}
							problem={plan.problem('length')}
							hint="Bare: {plan.units.side}."
						/>
					</div>
					<div onfocusout={() => plan.width && plan.leave('width')}>
						<Field
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
				<div
					class="grid grid-cols-[1fr_1.1fr] gap-x-3 gap-y-2 pb-2.5 border-b border-dashed border-b-rule"
					role="group"
					aria-label="Product {i + 1}"
				>
					<Field label="Product" bind:value={line.name} />
					<div onfocusout={() => line.dose && plan.leaveDose(line)}>
						<Field
							label="Dose"
							bind:value={line.dose}
							problem={plan.doseProblem(line)}
							hint={`Per area or %: ${asWritten('2 L/ha, 14 oz/ac, 0.1 %', settings.decimalComma)}. ${line.state === '' ? 'Say whether it is liquid or dry.' : `Bare: ${shortUnit(line.state === 'dry' ? plan.units.dryDose : plan.units.dose)}.`}`}
						/>
					</div>
					<div class="col-[1/3] flex justify-between">
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
								class="min-h-12 text-rust-text underline cursor-pointer"
								onclick={() => say('Product deleted.', { label: 'Undo', run: plan.removeProduct(line.key) })}
								>Delete</button
							>{/if}
					</div>
				</div>
			{/each}
			<button type="button" class="btn plain" onclick={() => plan.addProduct()}>Add a product</button>
		</fieldset>

		<fieldset>
			<legend>Tank</legend>
			<div onfocusout={() => plan.leave('tank')}>
				<Field
					label="Fill at the most"
					bind:value={plan.tank}
					problem={plan.problem('tank')}
					hint="No unit means {shortUnit(plan.units.tank)}."
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

		<div class="sticky bottom-(--under,0px) px-0 pt-2.5 pb-3.5 bg-paper">
			{#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
			<button class="btn go big w-full">Save this plan</button>
		</div>
	</form>

	<main class="flex flex-col gap-4.5 py-5 px-6 bg-paper-deep overflow-auto phone:p-4 phone:overflow-visible">
		{#if plan.plan && plan.sheet.ok}
			<LoadCards plan={plan.plan} sheet={plan.sheet.value} {products} {settings} />
			<p class="lab">
				Worked out from the unrounded spray volume and area; nothing is rounded before what you see. The label in your
				hand decides.
			</p>
		{:else if whole}
			<p class="problem" role="alert">{wordIssue(whole)}</p>
		{:else}
			<div class="grid gap-2 py-10 px-6 border-2 border-dashed border-straw-edge rounded-[8px] bg-straw-wash">
				<h2>The loads stand here</h2>
				<p class="lab">
					Say how much ground, and which products at which dose. Each load then shows its water, its product and the
					area it covers.
				</p>
			</div>
		{/if}
		<div class="mt-auto py-2.5 px-3.5 border-l-5 border-l-amber bg-amber-wash text-[0.95rem]">
			<b>Wear and watch</b>
			<p>
				Gloves, face shield, apron and boots as the label asks. Water first, never product into a dry tank. Pour below
				shoulder height, hose end above the water, and stay with the filling tank.
			</p>
		</div>
	</main>
</div>

<style>
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
</style>
