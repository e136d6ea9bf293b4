<script lang="ts">
	import { m } from '$words';
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

<svelte:head><title>{m.loads_for_an_area_fallow({ name: data.rig.name })}</title></svelte:head>

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
			<h1>{m.loads_for_an_area()}</h1>
			<p class="lab">
				{m.at_name({ name: data.rig.name })}
				<b>{rate.value} {rate.unit} ± {rate.interval}</b>{m.measured_signed_day_after({
					signedDay: dayText(c.signedDay)
				})}
				{#if rate.tooWide}<b>▲ {wideWords(c.relativeU95, settings.decimalComma)}</b>{/if}
				{#if c.findings > 0}<a href="/calibrations/{c.id}">{m.findings_findings({ findings: c.findings })}</a>{/if}
			</p>
		</div>

		<fieldset>
			<legend>{m.area_to_spray()}</legend>
			<Segmented
				label={m.area_by()}
				options={[
					{ value: 'area', label: m.area() },
					{ value: 'sides', label: m.length_width() }
				]}
				value={plan.areaBy}
				onchange={(v) => (plan.areaBy = v)}
			/>
			{#if plan.areaBy === 'area'}
				<div onfocusout={() => plan.area && plan.leave('area')}>
					<Field
						label={m.area()}
						bind:value={plan.area}
						problem={plan.problem('area')}
						hint={m.no_unit_means_all_work({
							area: plan.units.area,
							example: asWritten(m.n6_3_ha_15_5_ac_and(), settings.decimalComma)
						})}
					/>
				</div>
			{:else}
				<div class="grid grid-cols-[1fr_1fr] gap-3">
					<div onfocusout={() => plan.length && plan.leave('length')}>
						<Field
							label={m.length()}
							bind:value={plan.length}
							problem={plan.problem('length')}
							hint={m.bare({ side: plan.units.side })}
						/>
					</div>
					<div onfocusout={() => plan.width && plan.leave('width')}>
						<Field
							label={m.width()}
							bind:value={plan.width}
							problem={plan.problem('width')}
							hint={m.bare({ side: plan.units.side })}
						/>
					</div>
				</div>
			{/if}
		</fieldset>

		<fieldset>
			<legend>{m.products_from_the_label_in_your()}</legend>
			{#each plan.products as line, i (line.key)}
				<div
					class="grid grid-cols-[1fr_1.1fr] gap-x-3 gap-y-2 pb-2.5 border-b border-dashed border-b-rule"
					role="group"
					aria-label={m.product({ i: i + 1 })}
				>
					<Field label={m.product_title()} bind:value={line.name} />
					<div onfocusout={() => line.dose && plan.leaveDose(line)}>
						<Field
							label={m.dose()}
							bind:value={line.dose}
							problem={plan.doseProblem(line)}
							hint={m.per_area_or({
								example: asWritten('2 L/ha, 14 oz/ac, 0.1 %', settings.decimalComma),
								which:
									line.state === ''
										? m.say_whether_it_is_liquid_or()
										: m.bare_short_unit({
												shortUnit: shortUnit(line.state === 'dry' ? plan.units.dryDose : plan.units.dose)
											})
							})}
						/>
					</div>
					<div class="col-[1/3] flex justify-between">
						<Segmented
							label={m.product_is({ i: i + 1 })}
							options={[
								{ value: 'liquid', label: m.liquid() },
								{ value: 'dry', label: m.dry() }
							]}
							value={line.state}
							onchange={(v) => (line.state = v)}
						/>
						{#if plan.treated < 1}<DoseAreaPicker value={line.per} onpick={(per) => (line.per = per)} />{/if}
						{#if plan.products.length > 1}<button
								type="button"
								class="min-h-12 text-rust-text underline cursor-pointer"
								onclick={() => say(m.product_deleted(), { label: m.undo(), run: plan.removeProduct(line.key) })}
								>{m.delete_word()}</button
							>{/if}
					</div>
				</div>
			{/each}
			<button type="button" class="btn plain" onclick={() => plan.addProduct()}>{m.add_a_product()}</button>
		</fieldset>

		<fieldset>
			<legend>{m.tank()}</legend>
			<div onfocusout={() => plan.leave('tank')}>
				<Field
					label={m.fill_at_the_most()}
					bind:value={plan.tank}
					problem={plan.problem('tank')}
					hint={m.no_unit_means_tank({ tank: shortUnit(plan.units.tank) })}
				/>
			</div>
			<Segmented
				label={m.split()}
				options={[
					{ value: 'full-then-part', label: m.full_then_a_part_load() },
					{ value: 'equal', label: m.equal_loads() }
				]}
				value={plan.split}
				onchange={(v) => (plan.split = v)}
			/>
		</fieldset>

		<div class="sticky bottom-(--under,0px) px-0 pt-2.5 pb-3.5 bg-paper">
			{#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
			<button class="btn go big w-full">{m.save_this_plan()}</button>
		</div>
	</form>

	<main class="flex flex-col gap-4.5 py-5 px-6 bg-paper-deep overflow-auto phone:p-4 phone:overflow-visible">
		{#if plan.plan && plan.sheet.ok}
			<LoadCards plan={plan.plan} sheet={plan.sheet.value} {products} {settings} />
			<p class="lab">
				{m.worked_out_from_the_unrounded_spray()}
			</p>
		{:else if whole}
			<p class="problem" role="alert">{wordIssue(whole)}</p>
		{:else}
			<div class="grid gap-2 py-10 px-6 border-2 border-dashed border-straw-edge rounded-[8px] bg-straw-wash">
				<h2>{m.the_loads_stand_here()}</h2>
				<p class="lab">
					{m.say_how_much_ground_and_which()}
				</p>
			</div>
		{/if}
		<div class="mt-auto py-2.5 px-3.5 border-l-5 border-l-amber bg-amber-wash text-[0.95rem]">
			<b>{m.wear_and_watch()}</b>
			<p>
				{m.gloves_face_shield_apron_and_boots()}
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
