<!-- @component Nozzle flow at a desk: the machine with a field at each nozzle, and what the ground gets. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import { evenBand, sectionOfNozzles } from '$core';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import GroundStripe from './GroundStripe.svelte';
	import { shortUnit } from '$lib/settings/field-units';
	import type { FlowStepState } from './flow-step.svelte';
	import { jugFigure } from '$lib/drawings/jug-board';
	import type { Stopwatch } from '$lib/kit/stopwatch.svelte';
	import ArcBoard from './ArcBoard.svelte';
	import CatchSettings from './CatchSettings.svelte';
	import CatchTimer from '$lib/calibration/CatchTimer.svelte';
	import JugColumns from './JugColumns.svelte';
	import { asWritten } from '$lib/wording/as-written';

	interface Props {
		step: FlowStepState;
		watch: Stopwatch;
		onpress: () => void;
		ondone: () => void;
		/** A reader of flows is at hand; asks it for the nozzle that has the focus. */
		onmeter?: (() => void) | null;
		/** Several nozzles in one bucket. */
		onbucket: () => void;
	}
	let { step, watch, onpress, ondone, onmeter = null, onbucket }: Props = $props();

	let board = $state<{ focusOn: (n: number) => void }>();
	const calibration = $derived(step.calibration);
	const comma = $derived(calibration.settings.decimalComma);
	const bandWords = $derived(`${(step.board.width ?? evenBand) * 100} %`);
	const sections = $derived(sectionOfNozzles(calibration.sprayer.sections));
	const arc = $derived(calibration.sprayer.kind === 'airblast');
	const shownRange = $derived(
		step.view.length
			? m.nozzles_to_of({
					first: step.view[0] ?? '',
					last: step.view.at(-1) ?? '',
					nozzles: calibration.sprayer.nozzles
				})
			: ''
	);
	const sectionWords = (s: number) => (calibration.sprayer.nozzles === 1 ? '' : calibration.names.section(s));
	const lead = $derived(
		calibration.sprayer.kind === 'airblast'
			? m.arrow_keys_move_along_the_arc()
			: calibration.sprayer.nozzles === 1
				? ''
				: m.a_column_from_a_spreadsheet_can()
	);
	/** What each side of an arc gives so far. */
	const sides = $derived.by((): [string, string] => {
		const flow = calibration.flow;
		if (!arc || !flow) return ['', ''];
		const half = calibration.sprayer.nozzles / 2;
		const side = (left: boolean) => {
			const nozzles = flow.nozzles.filter((n) => n.n <= half === left);
			if (nozzles.length === 0) return m.side_off({ which: left ? m.left() : m.right() });
			const q = nozzles.reduce((s, n) => s + (n.flow ?? 0), 0);
			const open = nozzles.some((n) => n.flow === null);
			return m.side({
				which: left ? m.left() : m.right(),
				which2: open ? m.so_far_spaced() : '',
				text: show('flow', q, calibration.settings).text
			});
		};
		return [side(true), side(false)];
	});

	export const focus = (n: number | null) => {
		if (n !== null) board?.focusOn(n);
	};
	const onpaste = (n: number, text: string): boolean => {
		const taken = step.paste(n, text);
		if (taken > 0) focus(step.at);
		return taken > 0;
	};
</script>

<div class="card flex flex-col flex-1 min-h-0 py-3 px-4 relative">
	{#if step.views.length > 1 && !arc}
		<div class="mb-1.5">
			<BoomRail
				short={calibration.names.short}
				jugs={step.board.jugs}
				at={step.at}
				onpick={(n) => focus((step.pick(n), n))}
			/>
			<p class="lab">{m.arrows_go_on_along_the_boom({ shownRange })}</p>
		</div>
	{/if}
	{#if arc}
		<ArcBoard
			bind:this={board}
			bind:drafts={step.drafts}
			perSide={calibration.sprayer.nozzles / 2}
			board={step.board}
			names={calibration.names}
			at={step.at}
			disabled={calibration.signedOff}
			{sides}
			onpick={(n) => step.pick(n)}
			onenter={(n) => focus(step.enter(n))}
			onmove={(n, by) => focus(step.move(n, by))}
			{onpaste}
		/>
	{:else}
		<JugColumns
			bind:this={board}
			bind:drafts={step.drafts}
			board={step.board}
			shown={step.view}
			at={step.at}
			disabled={calibration.signedOff}
			onpick={(n) => step.pick(n)}
			onenter={(n) => focus(step.enter(n))}
			onmove={(n, by) => focus(step.move(n, by))}
			sectionOf={(n) => sections[n - 1] ?? 0}
			sectionName={sectionWords}
			names={calibration.names}
			{onpaste}
		/>
	{/if}
	{#if step.problem}<p class="problem" role="alert">{step.problem}</p>
	{:else if !calibration.signedOff}
		<p class="flex justify-between gap-4">
			{#if arc && step.board.jugs.some((j) => j.band)}<span
					class="text-moss-text text-[0.9rem] leading-tight self-center"
					>{step.board.width === 0.1
						? m.green_within_of_rated({ bandWords })
						: m.green_within_of_size({ bandWords })}</span
				>{/if}
			{#if onmeter}
				<button type="button" class="link" onclick={onmeter}>{m.read_the_flow_meter_here()}</button>
			{/if}
			{#if calibration.sprayer.nozzles > 1 && !calibration.isQuick}<button type="button" class="link" onclick={onbucket}
					>{m.several_nozzles_in_one_bucket()}</button
				>{/if}
			{#if step.jug && step.jug.amount === null && !step.jug.passedOver && step.jug.verdict !== 'together' && calibration.sprayer.nozzles > 1}
				<button type="button" class="link ml-auto" onclick={() => focus(step.passOver(step.at))}
					>{m.will_not_be_caught({ at: calibration.names.nozzle(step.at) })}</button
				>
			{/if}
		</p>
	{/if}
	{#if calibration.sprayer.kind === 'boom'}
		<GroundStripe
			{calibration}
			jugs={step.board.jugs}
			reference={step.board.reference}
			band={step.board.reference === null
				? ''
				: m.even_band_within_of({
						bandWords,
						reference: jugFigure(step.board.reference, comma),
						unit: shortUnit(step.board.unit)
					})}
		/>
	{/if}
</div>
<CatchSettings {step} />
<div class="grid grid-cols-[auto_1fr_auto] gap-4 items-center">
	{#if !calibration.sprayer.groundDriven}<CatchTimer
			{watch}
			target={step.heldFor}
			{onpress}
			decimalComma={comma}
		/>{/if}
	<p class="lab text-[0.88rem] leading-tight">
		{m.type_a_reading()} <b class="text-ink">{m.enter()}</b>
		{m.goes_to_the_next()}
		<b class="text-ink">{asWritten(m.n19_2_oz(), comma)}</b>, <b class="text-ink">{m.n1_pt_3_oz()}</b>,
		<b class="text-ink">566 g</b>
		{m.all_work({ lead })}
	</p>
	<button type="button" class="btn ink big" onclick={ondone}
		>{m.use_these_catches({ nozzles: calibration.sprayer.nozzles })}</button
	>
</div>

<style>
	.link {
		min-height: 28px;
		padding: 0;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		font-size: 0.9rem;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
