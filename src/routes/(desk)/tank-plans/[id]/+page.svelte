<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { planLoads, readTankPlan } from '$core';
	import type { VolumePerArea } from '$core';
	import type { PageData } from './$types';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import { productsOfPlan } from '$lib/show/shown-plan';
	import { typedText } from '$lib/settings/typed-text';
	import { shownRate } from '$lib/show/answer';
	import { jobStartHref } from '$lib/wire/job-start';
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

<svelte:head><title>Tank plan · {data.rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="flex flex-wrap justify-between items-start gap-4">
		<div class="flex-[1_1_300px]">
			<h1>Tank plan for {ground}</h1>
			<p class="lab">
				<a href="/sprayers/{c.sprayerId}">{data.rig.name}</a> at {rate.value}
				{rate.unit} ± {rate.interval}{c.treated < 1 ? ' on the bands' : ''},
				<a href="/calibrations/{c.id}">measured {dayText(c.signedDay)}</a>. Planned {dayText(data.plan.day)}, {typedText(
					data.plan.input.tank
				)} tank,
				{data.plan.input.split === 'equal' ? 'equal loads' : 'full loads and a part load'}.
				{#each data.plan.input.products as p, i (i)}{i > 0 ? ', ' : ''}{p.name} {typedText(p.dose)}{/each}
			</p>
		</div>
		<div class="flex flex-wrap gap-2.5">
			<a class="btn go" href={job}>Plan a job from this</a>
			<a class="btn plain" href="/calibrations/{c.id}/tank">Another plan</a>
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
		<b>Wear and watch</b>
		<p>
			The label is the law, and local rules and licences stand above this page. Gloves, face shield, apron and boots as
			the label asks; water first; triple-rinse containers into the tank.
		</p>
	</div>
</main>
