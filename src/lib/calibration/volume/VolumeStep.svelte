<!-- @component The answer: spray volume with its ±, where the ± comes from, the working, what is odd. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { relativeU } from '$core';
	import type { MadeChange } from '$core';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { measuresOf } from '$lib/settings/field-units';
	import { perWhat } from '$lib/show/answer';
	import { wordIssue } from '$lib/wording/issues';
	import type { RateUnit } from '$lib/settings/rate-units';
	import BudgetBar from '$lib/calibration/BudgetBar.svelte';
	import { findingKey } from '$lib/wording/finding-key';
	import FindingCard from '$lib/calibration/FindingCard.svelte';
	import { turnedKnob } from '$lib/calibration/turned-knob';
	import PredictionNote from '$lib/calibration/PredictionNote.svelte';
	import OtherWays from '$lib/calibration/OtherWays.svelte';
	import RateFigure from '$lib/calibration/RateFigure.svelte';
	import Working from '$lib/calibration/Working.svelte';

	let { state: calibration, unit }: { state: CalibrationState; unit: RateUnit } = $props();
	const c = $derived(calibration.answer);
	const turned = $derived(c && turnedKnob(calibration.entered, c));
</script>

<div class="flex flex-col gap-3">
	{#if c && calibration.sheet.ok}
		<div class="card grid gap-3 py-4 px-4.5">
			<RateFigure
				rate={c.rate.value}
				relativeU95={2 * relativeU(c.rate)}
				{unit}
				decimalComma={calibration.settings.decimalComma}
				budget={c.budget}
			/>
			<div>
				<p class="lab">{m.where_the_comes_from()}</p>
				<BudgetBar budget={c.budget} advise />
			</div>
			{#if !calibration.signedOff && !calibration.practice}<a
					class="self-start py-1 font-semibold"
					href="/full-tank?round={calibration.head.id}">{m.one_full_tank_with_this_volume()}</a
				>{/if}
		</div>
		{#if calibration.head.setting?.change}
			{@const change = calibration.head.setting.change as MadeChange}
			<PredictionNote
				predicted={change.predicted}
				sure={change.sure}
				since={m.when_the_sprayer_was_changed_on({ day: dayText(change.day) })}
				rate={c.rate}
				settings={calibration.settings}
			/>
		{:else if turned}
			<PredictionNote {...turned} rate={c.rate} settings={calibration.settings} />
		{/if}
		<div class="card py-3 px-4.5">
			<Working
				sheet={calibration.sheet.value}
				calibration={c}
				school={calibration.settings.school}
				measures={measuresOf(calibration.settings)}
				decimalComma={calibration.settings.decimalComma}
			/>
		</div>
		<OtherWays {calibration} others={calibration.others} rate={c.rate} />
		{#if c.findings.length > 0}
			<div class="hidden gap-2.5 phone:grid">
				{#each c.findings as finding (findingKey(finding))}<FindingCard
						{finding}
						names={calibration.names}
						settings={calibration.settings}
						onsizes={calibration.signedOff ? undefined : (told) => void calibration.sizes(told)}
					/>{/each}
			</div>
		{/if}
		{#if perWhat(c)}<p class="lab">
				{m.told_per_treated_area_per_field()}
			</p>{/if}
	{:else if !calibration.result.ok}
		<div class="card grid gap-2.5 p-5">
			<h2>{m.not_yet_title()}</h2>
			<ul class="pl-[1.2rem]">
				{#each calibration.result.issues as issue (issue.path + issue.code)}<li>{wordIssue(issue)}</li>{/each}
			</ul>
			<p class="lab">{m.one_reading_of_each_is_enough()}</p>
		</div>
	{/if}
</div>
