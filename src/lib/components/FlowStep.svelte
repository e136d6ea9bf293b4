<!-- @component Nozzle flow: the boom with a jug under each nozzle at a desk, one jug and a key pad on a phone. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import { fields, readField, sectionOfNozzles, showFigure } from '$core';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import Jug from '$lib/drawings/Jug.svelte';
	import { sectionName } from '$lib/drawings/boom-geometry';
	import { spaceBar } from '$lib/state/attachments';
	import type { Device } from '$lib/state/device.svelte';
	import { shortUnit, typed } from '$lib/formats/field-units';
	import { FlowStepState, jugUnits } from '$lib/state/flow-step.svelte';
	import { jugFigure } from '$lib/state/jug-board';
	import type { RoundState } from '$lib/state/round.svelte';
	import { Stopwatch } from '$lib/state/stopwatch.svelte';
	import CatchTimer from './CatchTimer.svelte';
	import GroundStripe from '$lib/drawings/GroundStripe.svelte';
	import JugColumns from './JugColumns.svelte';
	import KeyPad from './KeyPad.svelte';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		state: RoundState;
		device: Pick<Device, 'now' | 'steady' | 'store'>;
		/** One jug and a pad instead of the board. */
		phone: boolean;
		/** On to the next step. */
		ondone: () => void;
	}
	let { state: round, device, phone, ondone }: Props = $props();

	const step = untrack(() => new FlowStepState(round));
	const key = untrack(() => `catch:${round.head.id}`);
	const watch = untrack(
		() => new Stopwatch({ now: device.now, steady: device.steady, keep: (w) => device.store.keepWatch(key, w) })
	);
	void untrack(() => device.store.watch(key)).then((kept) => watch.resume(kept));

	let columns = $state<ReturnType<typeof JugColumns>>();
	const comma = $derived(round.settings.decimalComma);
	const sections = $derived(sectionOfNozzles(round.rig.sections));
	const heldFor = $derived.by(() => {
		const time = round.catchTime;
		if (time === null) return round.flow?.time ?? round.speed?.measured.value ?? null;
		const read = readField(fields.catchTime, time, '');
		return read.ok ? read.value.value : null;
	});
	const asLong = $derived(round.round.catchTime === null);
	const left = $derived(
		step.board.jugs.filter((j) => (j.amount === null || step.drafts[j.n] !== undefined) && !j.passedOver).length
	);
	const rail = $derived(step.board.jugs);
	const nextOpen = $derived(round.nextNozzle(step.at));
	const shownRange = $derived(
		step.view.length ? `Nozzles ${step.view[0]} to ${step.view.at(-1)} of ${round.rig.nozzles}` : ''
	);
	const padNext = $derived(
		left === 0 && !step.drafts[step.at]
			? 'Done'
			: left <= 1 && step.drafts[step.at]
				? 'Enter'
				: nextOpen
					? `Next: nozzle ${nextOpen}`
					: 'Enter'
	);

	const focus = (n: number | null) => {
		if (n !== null && !phone) columns?.focusOn(n);
	};
	const press = () => {
		if (round.signedOff) return;
		if (watch.running) watch.stop();
		else watch.start();
	};
	function padEnter() {
		if (left === 0 && !step.drafts[step.at]) return ondone();
		step.enter(step.at);
	}

	// The focus starts in the first open jug, so that a desk can type at once.
	$effect(() => {
		if (!phone && columns && !round.signedOff) columns.focusOn(untrack(() => step.at));
	});
</script>

<svelte:window {@attach spaceBar(press)} />

{#snippet settings()}
	<div class="settings">
		<QuantityField
			small
			label={asLong ? 'Held as long as the course' : 'Each jug held'}
			kept={asLong ? (heldFor === null ? '' : showFigure(heldFor, 3, comma)) : (round.catchTime?.text ?? '')}
			unit="s"
			disabled={round.signedOff}
			commit={(text) => round.add({ kind: 'catch-time', time: typed(text, 's', round.settings) })}
		/>
		<QuantityField
			small
			label="Jug marked every"
			kept={round.round.jug?.text ?? '10 ml'}
			unit="ml"
			disabled={round.signedOff}
			commit={(text) => round.add({ kind: 'jug', graduation: typed(text, 'ml', round.settings) })}
		/>
		<QuantityField
			small
			label="Gauge reads"
			kept={round.round.gauge?.text ?? ''}
			unit={round.units.pressure}
			disabled={round.signedOff}
			commit={(text) => round.add({ kind: 'gauge', pressure: typed(text, round.units.pressure, round.settings) })}
		/>
		<label class="reads">
			<span>Jug reads in</span>
			<select
				class="field-input"
				value={step.unit}
				disabled={round.signedOff}
				onchange={(e) => step.pickUnit(e.currentTarget.value)}
			>
				{#each jugUnits as unit (unit)}<option value={unit}
						>{unit === 'g' || unit === 'oz' ? `${unit} of water, weighed` : unit}</option
					>{/each}
			</select>
		</label>
	</div>
{/snippet}

{#if phone}
	<div class="single">
		<div class="rail"><BoomRail jugs={rail} at={step.at} onpick={(n) => step.pick(n)} /></div>
		<div class="mid">
			<div>
				<p class="lab">
					Nozzle {step.at} of {round.rig.nozzles}{heldFor === null ? '' : `, caught ${showFigure(heldFor, 3, comma)} s`}
				</p>
				<p class="val">
					<output class="num" aria-label="Nozzle {step.at}, {shortUnit(step.unit)}">{step.text || '–'}</output>
					<span class="unit">{shortUnit(step.unit)}</span>
				</p>
				<p class="dev {step.jug?.verdict}" aria-live="polite">
					{#if step.problem}<span class="problem">{step.problem}</span>
					{:else if step.jug?.passedOver}not caught: counts as the mean
					{:else if step.jug && step.jug.amount !== null}{step.jug.deviation
							? `${step.jug.deviation} against the others: ${step.jug.verdict}`
							: 'the first one'}
					{:else}type what is in the jug{/if}
				</p>
			</div>
			<div class="bigjug">
				<Jug
					amount={step.jug?.amount ?? null}
					top={step.board.top}
					marks={step.board.marks}
					band={step.board.band}
					verdict={step.jug?.verdict ?? 'not caught'}
					nozzle={false}
				/>
			</div>
		</div>
		<div class="strip">
			<CatchTimer {watch} target={heldFor} onpress={press} decimalComma={comma} />
			<details>
				<summary>Time, jug, gauge</summary>
				{@render settings()}
			</details>
		</div>
		{#if !round.signedOff}
			<KeyPad
				onkey={(k) => step.key(k)}
				unit={shortUnit(step.unit)}
				onunit={() => step.nextUnit()}
				onagain={() => step.erase()}
				onskip={() => step.passOver(step.at)}
				onnext={padEnter}
				next={padNext}
				decimal={comma ? ',' : '.'}
			/>
		{/if}
	</div>
{:else}
	<div class="board card">
		{#if step.views.length > 1}
			<div class="long">
				<BoomRail jugs={rail} at={step.at} onpick={(n) => focus((step.pick(n), n))} />
				<p class="lab">{shownRange}. Arrows go on along the boom.</p>
			</div>
		{/if}
		<JugColumns
			bind:this={columns}
			bind:drafts={step.drafts}
			board={step.board}
			shown={step.view}
			at={step.at}
			disabled={round.signedOff}
			onpick={(n) => step.pick(n)}
			onenter={(n) => focus(step.enter(n))}
			onmove={(n, by) => focus(step.move(n, by))}
			sectionOf={(n) => sections[n - 1] ?? 0}
			sectionName={(s) => sectionName(s, round.rig.sections.length)}
		/>
		{#if step.problem}<p class="problem" role="alert">{step.problem}</p>
		{:else if !round.signedOff}
			<p class="asides">
				{#if !asLong && round.speed}
					<button type="button" class="link" onclick={() => void round.add({ kind: 'catch-time', time: null })}
						>Hold each jug as long as the course took</button
					>
				{/if}
				{#if step.jug && step.jug.amount === null && !step.jug.passedOver}
					<button type="button" class="link" onclick={() => focus(step.passOver(step.at))}
						>Nozzle {step.at} will not be caught</button
					>
				{/if}
			</p>
		{/if}
		<GroundStripe
			jugs={step.board.jugs}
			reference={step.board.reference}
			band={step.board.reference === null
				? ''
				: `even band: within 5 % of ${jugFigure(step.board.reference, comma)} ${shortUnit(step.board.unit)}`}
		/>
	</div>
	{@render settings()}
	<div class="foot">
		<CatchTimer {watch} target={heldFor} onpress={press} decimalComma={comma} />
		<p class="lab">
			Type a reading, <b>Enter</b> goes to the next jug. <b>19.2 oz</b>, <b>1 pt 3 oz</b>, <b>568 ml</b>, <b>566 g</b> all
			work.
		</p>
		<button type="button" class="btn ink big" onclick={ondone}>Use these catches →</button>
	</div>
{/if}

{#if step.asked}
	{#await import('./CatchAgainDialog.svelte') then { default: CatchAgainDialog }}
		<CatchAgainDialog
			asked={step.asked}
			onchoose={(why) => focus(step.choose(why))}
			oncancel={() => (step.cancel(), focus(step.at))}
		/>
	{/await}
{/if}

<style>
	.board {
		display: flex;
		flex-direction: column;
		flex: 1;
		min-height: 0;
		padding: 12px 16px;
		position: relative;
	}
	.long {
		margin-bottom: 6px;
	}
	.settings {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 12px;
		align-items: end;
	}
	.reads {
		display: grid;
		gap: 0.25rem;
	}
	.reads span {
		color: var(--soft);
		font-size: 0.85rem;
	}
	.reads select {
		padding: 0.25rem 0.4rem;
		font-size: 1rem;
	}
	.foot {
		display: grid;
		grid-template-columns: auto 1fr auto;
		gap: 16px;
		align-items: center;
	}
	.foot b {
		color: var(--ink);
	}
	.link {
		min-height: 24px;
		padding: 0;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
	.asides {
		display: flex;
		justify-content: space-between;
		gap: 16px;
	}
	.asides .link:last-child {
		margin-left: auto;
	}
	.asides .link {
		min-height: 28px;
		font-size: 0.9rem;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
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
	.mid {
		display: grid;
		grid-template-columns: 1fr 96px;
		gap: 8px;
		padding: 2px 16px 0;
		align-items: center;
		min-height: 138px;
	}
	.bigjug {
		height: 138px;
	}
	.val {
		display: flex;
		align-items: baseline;
		gap: 8px;
	}
	.val .num {
		font-size: 4.6rem;
		line-height: 0.98;
		letter-spacing: -0.03em;
	}
	.val .unit {
		font-size: 1.2rem;
		font-weight: 600;
	}
	.dev {
		font-weight: 600;
		font-size: 1.02rem;
		line-height: 1.25;
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
		grid-template-columns: 1fr 1fr;
		gap: 10px;
		align-items: start;
		padding: 8px 16px;
	}
	details[open] {
		grid-column: 1 / 3;
	}
	summary {
		display: grid;
		place-items: center;
		min-height: 56px;
		border: 2px solid var(--field-border);
		border-radius: 8px;
		font-weight: 600;
		cursor: pointer;
	}
	details .settings {
		grid-template-columns: 1fr 1fr;
		padding-top: 8px;
	}
</style>
