<!-- @component A step of a practice calibration with the yard beside it; on a phone the yard stands above the step. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import AppBar from '$lib/frame/AppBar.svelte';
	import AnswerPanel from '$lib/calibration/AnswerPanel.svelte';
	import StepRail from '$lib/calibration/StepRail.svelte';
	import type { CalibrationState, StepName } from '$lib/calibration/calibration.svelte';
	import { shownAnswer } from '$lib/calibration/shown-answer';
	import { typedText } from '$lib/settings/typed-text';
	import { describeSprayer } from '$lib/wording/describe-sprayer';
	import { exerciseTitle } from '$lib/wording/practice';
	import PracticeBand from './PracticeBand.svelte';
	import World from './World.svelte';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		calibration: CalibrationState;
		step: StepName;
		path: string;
		children: Snippet;
	}
	let { yard, calibration, step, path, children }: Props = $props();

	const unit = $derived(calibration.settings.rateUnit);
	const shown = $derived(shownAnswer(calibration));
	const goal = $derived(typedText(yard.exercise.goal));
	const phone = new MediaQuery('(max-width: 859px)');
	let stepsOpen = $state(false);
	let worldOpen = $state(true);
</script>

<a class="skip" href="#step">{m.to_the_step()}</a>

{#snippet answer()}
	<details class="rounded-md bg-card px-3">
		<summary class="flex min-h-12 cursor-pointer items-center justify-between gap-2">
			<span>{m.yard_your_answer()}</span>
			{#if shown}<span class="whitespace-nowrap"
					><span class="num text-[1.7rem]">{shown.value}</span> <b>{shown.unit}</b> ± {shown.interval}</span
				>{:else}<span class="lab">{m.not_yet()}</span>{/if}
		</summary>
		<div class="max-h-[50dvh] overflow-auto pb-3"><AnswerPanel state={calibration} {unit} /></div>
	</details>
{/snippet}

{#snippet trouble()}
	{#if calibration.storeError ?? yard.storeError}
		<p class="mb-3 border-l-5 border-l-rust bg-rust-wash p-3 font-semibold" role="alert">
			{m.this_device_could_not_keep_that({ storeError: calibration.storeError ?? yard.storeError ?? '' })}
		</p>
	{/if}
{/snippet}

{#if phone.current}
	<div class="phone flex h-[100dvh] flex-col">
		<header class="flex min-h-13 items-center gap-3 bg-bar pr-2 text-bar-text">
			<button
				type="button"
				class="flex min-h-13 min-w-0 flex-1 items-center gap-2.5 pl-4 text-left"
				aria-expanded={stepsOpen}
				onclick={() => (stepsOpen = !stepsOpen)}
			>
				<b class="num text-[1.15rem] whitespace-nowrap">{calibration.steps.find((s) => s.name === step)?.title}</b><span
					class="truncate text-[0.9rem]">{exerciseTitle(yard.exercise)} ▾</span
				>
			</button>
			<a class="grid min-h-12 place-items-center px-2 text-inherit" href="/practice">{m.yard_leave()}</a>
		</header>
		<PracticeBand
			><button
				type="button"
				class="min-h-9 underline"
				aria-expanded={worldOpen}
				onclick={() => (worldOpen = !worldOpen)}>{worldOpen ? m.yard_hide_world() : m.yard_show_world()}</button
			></PracticeBand
		>
		{#if stepsOpen}
			<nav
				class="grid max-h-[70dvh] gap-3 overflow-auto border-b-2 border-b-ink bg-card py-2"
				aria-label={m.steps_of_the_calibration()}
			>
				<div class="px-3">{@render answer()}</div>
				<StepRail {calibration} {step} onpick={() => (stepsOpen = false)} />
				<p class="lab px-4">{m.yard_goal({ goal })}</p>
			</nav>
		{/if}
		<div class={['overflow-auto bg-paper-deep px-4 py-2', worldOpen ? 'max-h-[36dvh] flex-none' : 'hidden']}>
			<World {yard} {calibration} {step} phone />
		</div>
		<main class="flex min-h-0 flex-1 flex-col overflow-auto px-4 pt-3" id="step">
			{@render trouble()}
			{@render children()}
		</main>
	</div>
{:else}
	<div class="frame">
		<div class="col-span-full"><AppBar {path} /></div>
		<div class="col-span-full"><PracticeBand><a href="/practice">{m.yard_leave()}</a></PracticeBand></div>
		<aside class="flex flex-col overflow-auto border-r border-r-rule py-4" aria-label={m.the_calibration()}>
			<div class="px-4.5 pb-3.5">
				<h2>{exerciseTitle(yard.exercise)}</h2>
				<p class="lab mt-0.75 text-[0.9rem]">{describeSprayer(calibration.head.rig)}</p>
				<p class="mt-1"><b>{m.yard_goal({ goal })}</b></p>
			</div>
			<nav aria-label={m.steps_of_the_calibration()}><StepRail {calibration} {step} /></nav>
		</aside>
		<main class="flex min-w-0 flex-col overflow-auto px-5 py-4" id="step">
			{@render trouble()}
			{@render children()}
		</main>
		<aside
			class="flex flex-col gap-3 overflow-auto border-l border-l-rule bg-paper-deep p-4"
			aria-label={m.yard_world()}
		>
			{@render answer()}
			<World {yard} {calibration} {step} />
		</aside>
	</div>
{/if}

<style>
	.frame {
		display: grid;
		grid-template: 56px 30px minmax(0, 1fr) / 190px minmax(0, 1fr) 392px;
		height: 100dvh;
	}
</style>
