<!-- @component A sprayer in a list: its name, drawing, latest spray volume, and what there is to do. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import SprayerMini from '$lib/drawings/SprayerMini.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { shownRate } from '$lib/show/answer';
	import { describeSprayer } from '$lib/wording/describe-sprayer';
	import { eventWords } from '$lib/wording/events';
	import type { SprayerEventKind } from '$lib/wording/events';
	import { dueShort } from '$lib/wording/due';
	import type { CalibrationDue, TypedSprayer } from '$core';

	interface Props {
		id: string;
		rig: TypedSprayer;
		latest: {
			readonly id: string;
			readonly signedDay: string;
			readonly rate: number;
			readonly relativeU95: number;
			readonly findings: number;
			readonly doubt: SprayerEventKind | null;
		} | null;
		calibrationInProgress: string | null;
		due?: CalibrationDue | undefined;
		settings: FarmSettings;
	}
	let { id, rig: sprayer, latest, calibrationInProgress, due, settings }: Props = $props();
	/** Each stays on its line: a size or a day that breaks at its hyphen is read wrongly. */
	const parts = $derived([
		...describeSprayer(sprayer).split(' · '),
		...(latest ? [m.calibrated_signed_day({ signedDay: dayText(latest.signedDay) })] : [])
	]);
	const shown = $derived(
		latest ? shownRate(latest.rate, latest.relativeU95, settings.rateUnit, settings.decimalComma) : null
	);
</script>

<article class="card grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 gap-y-1.5 items-end py-3.5 px-4">
	<h3 class="col-[1/3]"><a class="tap text-ink no-underline" href="/sprayers/{id}">{sprayer.name}</a></h3>
	<p
		class="state col-[1/3] text-moss-text font-semibold text-[0.9rem]"
		class:look={!latest || latest.findings > 0 || latest.doubt !== null || due?.state === 'due' || shown?.tooWide}
	>
		{#if latest?.doubt}{m.in_doubt_short({
				short: eventWords[latest.doubt].short,
				which: calibrationInProgress ? m.calibration_in_progress() : ''
			})}{:else if calibrationInProgress}{m.calibration_in_progress_inline()}{:else if !latest}{m.not_calibrated()}{:else if due?.state === 'due'}▲
			{dueShort(due)}{:else if shown?.tooWide}{m.cannot_tell_5_too_wide()}{:else if latest.findings > 0}{m.warnings({
				findings: latest.findings
			})}{:else if due}{dueShort(due)}{:else}{m.no_warnings_inline()}{/if}
	</p>
	<div class="figure">
		{#if shown}
			<span class="num text-[2.3rem] leading-none">{shown.value}</span> <b>{shown.unit} ± {shown.interval}</b>
		{:else}
			<span class="num text-[2.3rem] leading-none text-straw-edge">–</span> <b>{settings.rateUnit}</b>
		{/if}
		<p class="lab flex flex-wrap gap-x-1.5">
			{#each parts as part, i (i)}<span class="whitespace-nowrap max-[359px]:whitespace-normal"
					>{part}{i < parts.length - 1 ? ',' : ''}</span
				>{/each}
		</p>
	</div>
	<SprayerMini
		kind={sprayer.kind}
		nozzles={sprayer.uncounted ? 10 : sprayer.nozzles}
		odd={(latest?.findings ?? 0) > 0}
	/>
	<div class="col-[1/3] flex flex-wrap gap-2.5 mt-1.5">
		{#if calibrationInProgress}<a class="btn go" href="/rounds/{calibrationInProgress}">{m.continue_word()}</a>
		{:else}<a class="btn" href="/rounds/new?sprayer={id}" data-sveltekit-preload-data="off">{m.start_a_calibration()}</a
			>{/if}
		{#if latest}<a class="btn plain" href="/full-tank?calibration={latest.id}">{m.one_full_tank()}</a>{/if}
	</div>
</article>

<style>
	h3 a:hover {
		text-decoration: underline;
	}
	.state.look {
		color: var(--amber-text);
	}
</style>
