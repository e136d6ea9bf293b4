<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { planLoads, readTankPlan } from '$core';
	import type { VolumePerArea } from '$core';
	import type { PageData } from './$types';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import { productsOfPlan } from '$lib/show/shown-plan';
	import { typedText } from '$lib/settings/typed-text';
	import { shownRate } from '$lib/show/answer';
	import { jobStartHref } from '$lib/wire/job-start-href';
	import { wordIssue } from '$lib/wording/issues';

	let { data }: { data: PageData } = $props();
	const c = $derived(data.calibration);
	const settings = $derived(data.farm.settings);
	const rate = $derived(shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const sheet = $derived(readTankPlan(data.plan.input, c.rate as VolumePerArea, c.treated));
	const plan = $derived(sheet.ok ? planLoads(sheet.value) : null);
	const ground = $derived(
		data.plan.input.area.by === 'area'
			? typedText(data.plan.input.area.area)
			: `${typedText(data.plan.input.area.length)} × ${typedText(data.plan.input.area.width)}`
	);
	const job = $derived(
		jobStartHref({
			calibration: c.id,
			tank: typedText(data.plan.input.tank),
			area: ground,
			products: data.plan.input.products
		})
	);
</script>

<svelte:head><title>{m.tank_plan_fallow({ name: data.rig.name })}</title></svelte:head>

<main class="plain-page">
	<div class="flex flex-wrap justify-between items-start gap-4">
		<div class="flex-[1_1_300px]">
			<h1>{m.tank_plan_for({ ground })}</h1>
			<p class="lab">
				<a href="/sprayers/{c.sprayerId}">{data.rig.name}</a>
				{m.at_value({
					value: rate.value,
					unit: rate.unit,
					interval: rate.interval,
					which: c.treated < 1 ? m.on_the_bands() : ''
				})}
				<a href="/calibrations/{c.id}">{m.measured_signed_day({ signedDay: dayText(c.signedDay) })}</a>{m.planned_tank({
					day: dayText(data.plan.day),
					tank: typedText(data.plan.input.tank),
					which: data.plan.input.split === 'equal' ? m.equal_loads_inline() : m.full_loads_and_a_part_load()
				})}
				{#each data.plan.input.products as p, i (i)}{i > 0 ? ', ' : ''}{p.name} {typedText(p.dose)}{/each}
			</p>
		</div>
		<div class="flex flex-wrap gap-2.5">
			<a class="btn go" href={job}>{m.plan_a_job_from_this()}</a>
			<a class="btn plain" href="/calibrations/{c.id}/tank">{m.another_plan()}</a>
		</div>
	</div>
	{#if plan?.ok && sheet.ok}<LoadCards
			plan={plan.value}
			sheet={sheet.value}
			products={productsOfPlan(data.plan.input.products)}
			{settings}
		/>
	{:else if !sheet.ok}<p class="py-2.5 px-3.5 border-l-5 border-l-amber bg-amber-wash text-[0.95rem]" role="alert">
			✕ {wordIssue(sheet.issues[0]!)}
		</p>{/if}
	<div class="py-2.5 px-3.5 border-l-5 border-l-amber bg-amber-wash text-[0.95rem]">
		<b>{m.wear_and_watch()}</b>
		<p>
			{m.the_label_is_the_law_and()}
		</p>
	</div>
</main>
