<!-- @component The frame of a calibration: steps and what they yielded, the machine, the answer. One line of each on a phone. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import type { Component, Snippet } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import type { TypedSprayer } from '$core';
	import { longUnit } from '$lib/settings/field-units';
	import { changedWords } from '$lib/wording/events';
	import { describeSprayer } from '$lib/wording/describe-sprayer';
	import { shownAnswer } from '$lib/calibration/shown-answer';
	import type { OutboxStatus as Status } from '$lib/entries/outbox';
	import type { CalibrationState, StepName } from './calibration.svelte';
	import AnswerPanel from './AnswerPanel.svelte';
	import StepRail from './StepRail.svelte';
	import AppBar from '$lib/frame/AppBar.svelte';
	import OutboxStatus from '$lib/frame/OutboxStatus.svelte';

	interface Props {
		calibration: CalibrationState;
		step: StepName;
		status: Status;
		path: string;
		/** The sprayer as the farm has it now. */
		now: TypedSprayer | null;
		children: Snippet;
	}
	let { calibration, step, status, path, now, children }: Props = $props();

	const sprayer = $derived(calibration.head.rig);
	const setting = $derived(calibration.head.setting);
	const unit = $derived(calibration.settings.rateUnit);
	const describe = $derived(describeSprayer(sprayer));
	const shown = $derived(shownAnswer(calibration));
	const phone = new MediaQuery('(max-width: 859px)');
	const edit = $derived(`/sprayers/${calibration.head.sprayerId}/edit?back=/rounds/${calibration.head.id}/${step}`);
	let stepsOpen = $state(false);
	let keysOpen = $state(false);
	/** Asked whether it is thrown away: loaded when it is. */
	let Discard = $state<Component<{ calibration: CalibrationState; open: boolean; onclose: () => void }>>();
	let discarding = $state(false);
	async function discard() {
		Discard ??= (await import('./DiscardCalibration.svelte')).default;
		discarding = true;
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.key === '?' && !(event.target instanceof HTMLInputElement && event.target.value !== '')) {
			event.preventDefault();
			keysOpen = !keysOpen;
		} else if (event.key === 'Escape') keysOpen = false;
	}
</script>

<svelte:window {onkeydown} />
<a class="skip" href="#step">{m.to_the_step()}</a>

{#snippet body()}
	<main class="flex flex-col min-w-0 py-4 px-5.5 overflow-auto" id="step">
		{#if calibration.storeError}
			<p class="mb-3 p-3 border-l-5 border-l-rust bg-rust-wash font-semibold" role="alert">
				{m.this_device_could_not_keep_that({ storeError: calibration.storeError })}
			</p>
		{/if}
		{#if now && JSON.stringify(now) !== JSON.stringify(calibration.head.rig)}
			{#await import('./CorrectedSprayer.svelte') then { default: CorrectedSprayer }}
				<CorrectedSprayer {calibration} {now} />
			{/await}
		{/if}
		{#if calibration.entered.discarded}
			<p class="look mb-3" role="status">
				{m.this_calibration_was_discarded_its_readings()}
				<button type="button" class="btn plain" onclick={() => void calibration.bringBack()}>{m.restore()}</button>
			</p>
		{/if}
		{#if calibration.entered.carried && (step !== 'flow' || !phone.current)}
			<p class="lab mb-2">
				{m.carried_over_from_the_calibration_of({
					day: dayText(calibration.entered.carried.day),
					list: calibration.entered.carried.changed.map((t) => changedWords[t]).join(', ')
				})}
			</p>
		{/if}
		{@render children()}
	</main>
{/snippet}

{#if phone.current}
	<div class="phone flex flex-col h-[100dvh]">
		<header class="bar flex items-center gap-3 min-h-13 pr-2 bg-bar text-bar-text">
			<button type="button" class="steps-button" aria-expanded={stepsOpen} onclick={() => (stepsOpen = !stepsOpen)}>
				<b>{calibration.steps.find((s) => s.name === step)?.title}</b><span>{sprayer.name} ▾</span>
			</button>
			<span class="py-1 px-2.5 rounded-full bg-bar-raised"><OutboxStatus {status} short /></span>
		</header>
		<div class="strip flex gap-0.5 h-2" aria-hidden="true">
			{#each calibration.steps as s (s.name)}<i style="--done:{s.done * 100}%"></i>{/each}
		</div>
		{#if stepsOpen}
			<nav class="sheet" aria-label={m.steps_of_the_calibration()}>
				<StepRail {calibration} {step} onpick={() => (stepsOpen = false)} />
				<a class="btn plain my-0 mx-4" href="/sprayers/{calibration.head.sprayerId}">{m.leave_it_is_saved()}</a>
				{#if !calibration.signedOff}<a class="btn plain my-0 mx-4" href={edit}>{m.edit_the_sprayer()}</a>{/if}
				{#if !calibration.signedOff && !calibration.entered.discarded}<button
						type="button"
						class="btn plain my-0 mx-4 text-rust-text"
						onclick={() => void discard()}>{m.discard_this_calibration_title()}</button
					>{/if}
			</nav>
		{/if}
		<details class="line bg-paper-deep border-b border-b-rule">
			<summary class="flex justify-between items-center gap-2 min-h-12 py-1 px-4 text-[0.95rem] cursor-pointer">
				<span>{m.spray_volume_which({ which: calibration.signedOff ? '' : m.so_far() })}</span>
				{#if shown}<span><span class="num">{shown.value}</span> <b>{shown.unit}</b> ± {shown.interval}</span
					>{:else}<span class="lab">{m.not_yet()}</span>{/if}
			</summary>
			<div class="max-h-[60dvh] px-4 pt-2 pb-4 overflow-auto"><AnswerPanel state={calibration} {unit} /></div>
		</details>
		{@render body()}
	</div>
{:else}
	<div class="frame">
		<div class="col-span-full">
			<AppBar {path}>
				{#snippet right()}
					<a class="unit-chip" href="/farm" title={m.the_farms_unit()}>{longUnit(unit)}</a>
					<OutboxStatus {status} />
				{/snippet}
			</AppBar>
		</div>
		<aside class="flex flex-col border-r border-r-rule py-4 px-0 overflow-auto" aria-label={m.the_calibration()}>
			<div class="px-4.5 pt-0 pb-3.5">
				<h2>{sprayer.name}</h2>
				<p class="lab mt-0.75 text-[0.9rem]">
					{describe}{#if !calibration.signedOff}. <a class="whitespace-nowrap" href={edit}>{m.edit()}</a>{/if}
				</p>
				{#if setting}<p class="lab mt-0.75 text-[0.9rem]">
						<b>{setting.name}</b>{calibration.entered.person ? ` · ${calibration.entered.person}` : ''}
					</p>{/if}
			</div>
			<nav aria-label={m.steps_of_the_calibration()}>
				<StepRail {calibration} {step} onpick={() => (stepsOpen = false)} />
			</nav>
			<div class="flex justify-between items-center mt-auto px-4.5 pt-2 pb-0">
				{#if calibration.signedOff}<p class="lab">
						<b>{m.signed_off()}</b>
						{m.read_only()}
					</p>{:else if !calibration.entered.discarded}<button
						type="button"
						class="min-h-12 cursor-pointer text-rust-text underline"
						onclick={() => void discard()}>{m.discard()}</button
					>{/if}
				<button type="button" class="min-h-12 text-soft cursor-pointer" onclick={() => (keysOpen = true)}
					><kbd>?</kbd> {m.keys()}</button
				>
			</div>
		</aside>
		{@render body()}
		<aside class="answer p-4.5 border-l border-l-rule bg-paper-deep overflow-auto" aria-label={m.the_answer()}>
			<AnswerPanel state={calibration} {unit} />
		</aside>
	</div>
{/if}

{#if Discard}<Discard {calibration} open={discarding} onclose={() => (discarding = false)} />{/if}
{#if keysOpen}
	<div class="keys-card card" role="dialog" aria-label={m.keys()}>
		<h2>{m.keys()}</h2>
		<dl class="grid gap-2">
			<div class="grid grid-cols-[90px_1fr]">
				<dt><kbd>{m.space()}</kbd></dt>
				<dd>{m.starts_and_stops_the_stopwatch()}</dd>
			</div>
			<div class="grid grid-cols-[90px_1fr]">
				<dt><kbd>{m.enter()}</kbd></dt>
				<dd>{m.keeps_a_reading_and_goes_to()}</dd>
			</div>
			<div class="grid grid-cols-[90px_1fr]">
				<dt><kbd>←</kbd> <kbd>→</kbd></dt>
				<dd>{m.move_along_the_boom_the_arc()}</dd>
			</div>
			<div class="grid grid-cols-[90px_1fr]">
				<dt><kbd>{m.esc()}</kbd></dt>
				<dd>{m.takes_back_what_is_being_typed()}</dd>
			</div>
			<div class="grid grid-cols-[90px_1fr]">
				<dt><kbd>?</kbd></dt>
				<dd>{m.shows_and_hides_this()}</dd>
			</div>
		</dl>
		<button type="button" class="btn plain" onclick={() => (keysOpen = false)}>{m.close()}</button>
	</div>
{/if}

<style>
	.frame {
		display: grid;
		grid-template: 56px minmax(0, 1fr) / 232px minmax(0, 1fr) 304px;
		height: 100dvh;
	}
	kbd {
		padding: 1px 7px;
		border: 1px solid var(--field-border);
		border-radius: 4px;
		font: 600 0.85rem var(--font-text);
	}
	.keys-card {
		position: fixed;
		right: 24px;
		bottom: 24px;
		z-index: 25;
		display: grid;
		gap: 12px;
		padding: 18px 20px;
		border: 2px solid var(--ink);
	}
	.steps-button {
		display: flex;
		align-items: baseline;
		gap: 10px;
		flex: 1;
		min-width: 0;
		min-height: 52px;
		padding: 14px 0 0 16px;
		align-self: stretch;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: 0.9rem;
		text-align: left;
		white-space: nowrap;
		overflow: hidden;
	}
	.steps-button b {
		font: 700 1.15rem var(--font-figures);
		font-stretch: 85%;
	}
	.strip i {
		flex: 1;
		background: linear-gradient(90deg, var(--dye) var(--done), var(--straw-wash) var(--done));
	}
	.sheet {
		display: grid;
		gap: 12px;
		padding: 8px 0 16px;
		background: var(--card);
		border-bottom: 2px solid var(--ink);
		max-height: 80dvh;
		overflow: auto;
	}
	.phone main {
		flex: 1;
		min-height: 0;
		padding: 12px 16px 0;
		overflow: hidden;
	}
	.line .num {
		font-size: 1.5rem;
	}
</style>
