<!-- @component Nozzle flow on a phone: one jug, very large, the whole machine small above it, and the key pad. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import { Undo2 } from '@lucide/svelte';
	import { showFigure } from '$core';
	import Arc from '$lib/drawings/Arc.svelte';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import Jug from '$lib/drawings/Jug.svelte';
	import { shortUnit } from '$lib/settings/field-units';
	import type { FlowStepState } from './flow-step.svelte';
	import { jugUnitWords } from './flow-step.svelte';
	import type { Stopwatch } from '$lib/kit/stopwatch.svelte';
	import CatchSettings from './CatchSettings.svelte';
	import GaugeField from './GaugeField.svelte';
	import CatchTimer from '$lib/calibration/CatchTimer.svelte';
	import KeyPad from '$lib/kit/KeyPad.svelte';
	import Sheet from '$lib/kit/Sheet.svelte';
	import TouchJug from './TouchJug.svelte';
	import { TouchJugState } from './touch-jug.svelte';

	const place = 'fallow-catch-by';

	interface Props {
		step: FlowStepState;
		watch: Stopwatch;
		onpress: () => void;
		ondone: () => void;
		/** Several nozzles in one bucket. */
		onbucket: () => void;
		/** Catches for the volume, or a quick check. */
		modes: Snippet;
		/** The machine and its jugs are seen beside: only what is typed stands here. */
		bare?: boolean;
	}
	let { step, watch, onpress, ondone, onbucket: onclick, modes, bare = false }: Props = $props();
	const touch = untrack(() => new TouchJugState(step));
	/** One touch a catch, or digits: as this device did it last. */
	let digits = $state(false);
	onMount(() => {
		digits = localStorage.getItem(place) === 'digits';
	});
	function by(how: 'touch' | 'digits') {
		digits = how === 'digits';
		localStorage.setItem(place, how);
	}
	let picking = $state(false);
	const touched = $derived(!digits && touch.possible && !bare);
	const undo = $derived(step.lastCatch);

	const calibration = $derived(step.calibration);
	const comma = $derived(calibration.settings.decimalComma);
	const name = $derived(calibration.names.nozzle(step.at));
	const nextOpen = $derived(calibration.nextNozzle(step.at));
	const left = $derived(step.open);
	const padNext = $derived(
		left === 0 && !step.drafts[step.at]
			? m.done()
			: left <= 1 && step.drafts[step.at]
				? m.enter()
				: nextOpen
					? m.next({ name: calibration.names.nozzle(nextOpen).toLowerCase() })
					: m.enter()
	);
	function padEnter() {
		if (left === 0 && !step.drafts[step.at]) return ondone();
		step.enter(step.at);
	}
</script>

<div class="single">
	<div class="rail" class:arc={calibration.sprayer.kind === 'airblast'} hidden={bare}>
		{#if calibration.sprayer.kind === 'airblast'}
			<Arc
				perSide={calibration.sprayer.nozzles / 2}
				jugs={step.board.jugs}
				top={step.board.top}
				at={step.at}
				bare
				onpick={(n) => step.pick(n)}
			/>
		{:else if calibration.sprayer.nozzles > 1}
			<BoomRail short={calibration.names.short} jugs={step.board.jugs} at={step.at} onpick={(n) => step.pick(n)} />
		{/if}
	</div>
	<div class="mid" class:bare>
		<div>
			<p class="lab">
				{calibration.isQuick ? m.quick_check() : ''}{name}{calibration.sprayer.kind === 'airblast'
					? ''
					: m.of_word({ nozzles: calibration.sprayer.nozzles })}{step.heldFor === null
					? ''
					: m.caught_s({ heldFor: showFigure(step.heldFor, 3, comma) })}
			</p>
			<p class="val">
				<output class="num text-[4.6rem] leading-[0.98] tracking-[-0.03em]" aria-label="{name}, {shortUnit(step.unit)}"
					>{step.text || '–'}</output
				>
				<span class="text-[1.2rem] font-semibold">{shortUnit(step.unit)}</span>
			</p>
			<p class="font-semibold text-[1.02rem] leading-[1.25] dev {step.jug?.verdict}" aria-live="polite">
				{#if step.problem}<span class="problem">{step.problem}</span>
				{:else if step.jug?.verdict === 'together'}{m.caught_together_with_others_not_judged()}
				{:else if step.jug?.passedOver}{m.not_caught_counts_as_the_mean()}
				{:else if step.jug && step.jug.amount !== null}{step.jug.deviation && calibration.sprayer.nozzles > 1
						? m.against_the_others({
								deviation: step.jug.deviation,
								which: step.jug.verdict === 'cannot tell' ? m.cannot_tell_yet_the_catch_is() : step.jug.verdict
							})
						: m.caught()}
				{:else}{touched ? m.touch_the_jug_where_the_water() : m.type_what_is_in_the_jug()}{/if}
			</p>
		</div>
		<div class="bigjug" class:small={touched} hidden={bare}>
			<Jug
				amount={step.jug?.amount ?? null}
				top={step.board.top}
				marks={step.board.marks}
				band={calibration.sprayer.nozzles > 1 ? (step.jug?.band ?? null) : null}
				verdict={step.jug?.verdict ?? 'not caught'}
				nozzle={false}
			/>
		</div>
	</div>
	<div class="strip">
		{#if !calibration.sprayer.groundDriven}<CatchTimer
				{watch}
				target={step.heldFor}
				{onpress}
				decimalComma={comma}
			/>{/if}
		<GaugeField {calibration} />
		<details>
			<summary
				class="grid place-items-center min-h-14 border-2 border-field-border rounded-[8px] font-semibold cursor-pointer"
				>{m.time_jug()}</summary
			>
			<div class="grid gap-2 py-2">{@render modes()}</div>
			<CatchSettings {step} gauge={false} />
			{#if calibration.sprayer.nozzles > 1 && !calibration.signedOff && !calibration.isQuick}<button
					type="button"
					class="btn plain mt-2 w-full"
					{onclick}>{m.several_nozzles_in_one_bucket()}</button
				>{/if}
		</details>
	</div>
	{#if touched && !calibration.signedOff}
		<TouchJug jug={touch} {name} />
		<div class="under">
			<button type="button" class="key" disabled={undo === null} onclick={() => step.undo()}>
				<Undo2 aria-hidden="true" />
				{#if undo}<span
						>{m.undo_name({ name: calibration.names.nozzle(undo.nozzle).toLowerCase() })}<br /><b>{undo.text}</b></span
					>{:else}{m.undo()}{/if}
			</button>
			<button type="button" class="key" onclick={() => by('digits')}>{m.digits()}</button>
			{#if left === 0}<button type="button" class="key done" onclick={ondone}>{m.done()}</button>
			{:else}<button type="button" class="key" onclick={() => step.passOver(step.at)}>{m.not_caught_title()}</button
				>{/if}
		</div>
	{:else if !calibration.signedOff && touch.possible && !bare}
		<button type="button" class="btn plain mx-4 mb-1" onclick={() => by('touch')}>{m.touch_the_jug_instead()}</button>
	{/if}
	{#if calibration.signedOff}
		<button type="button" class="btn ink big" onclick={ondone}>{m.on()}</button>
	{:else if !touched}
		<KeyPad
			onkey={(key) => step.key(key)}
			unit={shortUnit(step.unit)}
			onunit={() => (picking = true)}
			onagain={() => step.erase()}
			onskip={() => step.passOver(step.at)}
			onnext={padEnter}
			next={padNext}
			decimal={comma ? ',' : '.'}
		/>
	{/if}
</div>

<Sheet open={picking} title={m.unit_of_the_jug()} onclose={() => (picking = false)}>
	<div class="grid grid-cols-2 gap-2">
		{#each step.units as unit (unit)}
			<button
				type="button"
				class={['btn', unit !== step.unit && 'plain']}
				onclick={() => {
					step.pickUnit(unit);
					picking = false;
				}}>{jugUnitWords(unit)}</button
			>
		{/each}
	</div>
</Sheet>

<style>
	.single {
		display: flex;
		flex-direction: column;
		flex: 1;
		min-height: 0;
		margin: -12px -16px 0;
		overflow-y: auto;
	}
	.rail {
		padding: 8px 12px 0;
	}
	.rail.arc {
		height: 190px;
		flex: none;
	}
	.mid {
		flex: none;
		display: grid;
		grid-template-columns: 1fr 96px;
		gap: 8px;
		padding: 2px 16px 0;
		align-items: center;
		min-height: 138px;
	}
	.mid.bare {
		padding-top: 12px;
		grid-template-columns: 1fr;
		min-height: 0;
	}
	.mid.bare .val .num {
		font-size: 2.6rem;
	}
	.bigjug {
		height: 138px;
	}
	.bigjug.small {
		height: 96px;
	}
	.under {
		display: grid;
		grid-template-columns: 1.5fr 1fr 1fr;
		gap: 7px;
		padding: 9px 10px max(12px, env(safe-area-inset-bottom));
		background: var(--bar);
	}
	.key {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 8px;
		min-height: 64px;
		border: 0;
		border-radius: 7px;
		background: var(--bar-raised);
		color: #fff;
		font: 600 1.05rem/1.2 var(--font-text);
		text-align: left;
		cursor: pointer;
		touch-action: manipulation;
	}
	.key:disabled {
		opacity: 0.5;
	}
	.key:focus-visible {
		outline: 3px solid var(--straw);
		outline-offset: 1px;
	}
	.done {
		background: #1457a8;
	}
	.val {
		display: flex;
		align-items: baseline;
		gap: 8px;
	}
	.dev.even {
		color: var(--moss-text);
	}
	.dev.low,
	.dev.high {
		color: var(--amber-text);
	}
	.dev.blocked {
		color: var(--rust-text);
	}
	.strip {
		display: grid;
		grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr) minmax(0, 0.8fr);
		gap: 8px;
		align-items: end;
		padding: 4px 16px 8px;
	}
	details[open] {
		grid-column: 1 / -1;
	}
</style>
