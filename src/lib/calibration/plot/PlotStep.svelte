<!-- @component The ground that is sprayed for the measure: laid out from an area or its sides, and timed on a plot. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import { untrack } from 'svelte';
	import type { Entered, TypedGround } from '$core';
	import { fields, mean, readField, showDecimals, quantityOf } from '$core';
	import Alley from '$lib/drawings/Alley.svelte';
	import PlotGround from '$lib/drawings/PlotGround.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import { asWritten } from '$lib/wording/as-written';
	import { everyFrame, spaceBar } from '$lib/kit/attachments';
	import { PlotStepState } from './plot-step.svelte';
	import { usualRuns } from '$lib/calibration/calibration-steps';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import { keptWatch } from '$lib/calibration/kept-watch';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import RunList from '$lib/calibration/RunList.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import StopwatchButton from '$lib/kit/StopwatchButton.svelte';
	import WandPicker from '$lib/calibration/WandPicker.svelte';

	interface Props {
		state: CalibrationState;
		device: WatchDevice;
		next: string;
		onnext: () => void;
	}
	let { state: calibration, device, next: nextWords, onnext }: Props = $props();

	const plot = untrack(() => new PlotStepState(calibration));
	const watch = untrack(() => keptWatch(device, 'plot', calibration.head.id));

	const comma = $derived(calibration.settings.decimalComma);
	const timed = $derived(calibration.method === 'plot-catch' || calibration.entered.plotRuns.length > 0);
	const unit = $derived(calibration.units.side);
	const side = (m: number | null) => (m === null ? '?' : show('length', m, calibration.settings, { digits: 4 }).text);
	/** What somebody typed, as it was typed: a drawing says no other figure than its field. */
	const told = (entered: Entered<'length'> | null | undefined) => (entered ? typedText(entered.typed) : '?');
	const spacing = $derived(calibration.entered.rows?.spacing ?? calibration.sprayer.rowSpacing);
	const laid = $derived(plot.ground?.by === 'sides' ? plot.ground : null);
	const area = $derived(
		calibration.area === null ? '?' : show('area', calibration.area, calibration.settings, { digits: 4 }).text
	);
	const runs = $derived(calibration.entered.plotRuns);
	const counted = $derived(runs.filter((r) => !r.struck));
	const seconds = (run: (typeof runs)[number]): number | null => quantityOf(run.time);
	const expected = $derived(counted.length > 0 ? mean(counted.map((r) => seconds(r) ?? 60)) : 60);
	const done = $derived(watch.running ? Math.min(1, watch.elapsed / expected) : counted.length > 0 || !timed ? 1 : 0);
	const ground = $derived(plot.ground);
	const ways = $derived(
		(
			[
				{ value: 'sides', label: timed ? m.plot_title() : m.length_width() },
				{ value: 'area', label: m.area() },
				...(calibration.sprayer.kind === 'airblast' ? [{ value: 'row', label: m.row() } as const] : []),
				{ value: 'block', label: m.part_of_a_block() }
			] as const
		).filter((way) => !timed || way.value === 'sides' || way.value === 'area')
	);
	let problem = $state<string | null>(null);
	let typing = $state('');
	let block = $state(
		untrack(() => (calibration.entered.plot?.by === 'block' ? typedText(calibration.entered.plot.block.typed) : ''))
	);
	let percent = $state(
		untrack(() => (calibration.entered.plot?.by === 'block' ? `${calibration.entered.plot.share * 100}` : ''))
	);
	const nothing: readonly never[] = [];

	async function press() {
		if (calibration.signedOff || !timed) return;
		if (!watch.running) {
			problem = calibration.area === null ? m.lay_the_plot_out_first_the() : null;
			watch.start();
			return;
		}
		const time = watch.stop();
		const issues = await calibration.add({
			kind: 'plot-run',
			time: typed(time.toFixed(2), 's', { ...calibration.settings, decimalComma: false }),
			by: 'stopwatch'
		});
		problem =
			issues.length > 0
				? m.s_is_too_short_for_a({ time: showDecimals(time, 2, calibration.settings.decimalComma) })
				: null;
	}
	const typeTime = async (text: string) => {
		const issues = await calibration.add({
			kind: 'plot-run',
			time: typed(text, 's', calibration.settings),
			by: 'typed'
		});
		if (issues.length === 0) typing = '';
		return issues;
	};
	const sideText = (which: 'length' | 'width') =>
		ground?.by === 'sides'
			? keptText(ground[which].typed, unit, calibration.settings)
			: plot.half?.which === which
				? plot.half.text
				: '';
</script>

<svelte:window {@attach spaceBar(() => void press())} />

<div
	class="flex flex-col gap-3 flex-1 min-h-0"
	{@attach everyFrame(
		() => watch.running,
		() => watch.tick()
	)}
>
	<div
		class="flex flex-col gap-3 flex-1 min-h-0 phone:my-0 phone:-mx-4 phone:px-4 phone:pt-0 phone:pb-2 phone:overflow-y-auto"
	>
		<div class="flex flex-wrap justify-between gap-2.5">
			<Segmented
				label={m.how_the_ground_is_told()}
				options={ways}
				value={plot.by}
				onchange={(v) => (plot.by = v as TypedGround['by'])}
			/>
			{#if plot.by === 'sides'}
				<div class="usual flex flex-wrap gap-1.5" role="group" aria-label={m.usual_plots()}>
					{#each plot.plots as usual, i (i)}
						<button
							type="button"
							aria-pressed={plot.laidOut && plot.wanted === usual.area}
							disabled={calibration.signedOff}
							onclick={() => void plot.pick(usual.area)}>{usual.name}</button
						>
					{/each}
					<button type="button" aria-pressed={plot.laidOut && plot.wanted === null} onclick={() => (plot.wanted = null)}
						>{m.any_sides()}</button
					>
				</div>
			{/if}
		</div>
		<div class="grid grid-cols-3 gap-3.5 phone:grid-cols-[1fr_1fr]">
			{#if plot.by === 'sides'}
				<QuantityField
					label={m.one_side()}
					kept={sideText('length')}
					{unit}
					hint={plot.wanted === null
						? m.taped_sentence()
						: m.type_one_side_the_other_follows({
								name: plot.plots.find((p) => p.area === plot.wanted)?.name ?? m.that_area()
							})}
					disabled={calibration.signedOff}
					commit={(text) => plot.setSide('length', text)}
				/>
				<QuantityField
					label={m.the_other_side()}
					kept={sideText('width')}
					{unit}
					hint={plot.plots.find((p) => p.area === plot.wanted)?.why ?? ''}
					disabled={calibration.signedOff}
					commit={(text) => plot.setSide('width', text)}
				/>
			{:else if plot.by === 'area'}
				<QuantityField
					label={m.area_sprayed()}
					kept={keptText(
						ground?.by === 'area' ? ground.area.typed : null,
						calibration.units.area,
						calibration.settings
					)}
					unit={calibration.units.area}
					hint={m.as_stated_or_mapped_it_counts()}
					disabled={calibration.signedOff}
					commit={(text) => plot.setArea(text)}
				/>
			{:else if plot.by === 'row'}
				<QuantityField
					label={m.length_of_the_row()}
					kept={keptText(ground?.by === 'row' ? ground.row.typed : null, unit, calibration.settings)}
					{unit}
					hint={m.once_along_it_both_sides_on()}
					disabled={calibration.signedOff}
					commit={(text) => plot.setRow(text)}
				/>
				<QuantityField
					label={m.row_to_row()}
					kept={keptText(spacing?.typed, unit, calibration.settings)}
					{unit}
					disabled={calibration.signedOff}
					commit={(text) =>
						calibration.add(() => ({
							kind: 'rows',
							spacing: typed(text, unit, calibration.settings),
							alleys: calibration.entered.rows?.alleys ?? 'every'
						}))}
				/>
			{:else}
				<QuantityField
					label={m.the_whole_block()}
					kept={block}
					unit={calibration.units.area}
					disabled={calibration.signedOff}
					commit={async (text) => {
						const read = readField(fields.area, typed(text, calibration.units.area, calibration.settings), 'block');
						if (!read.ok) return read.issues;
						block = text;
						return percent === '' ? nothing : plot.setBlock(block, percent);
					}}
				/>
				<QuantityField
					label={m.share_of_it_that_was_sprayed()}
					kept={percent}
					hint={m.rows_sprayed_over_all_rows()}
					disabled={calibration.signedOff}
					commit={async (text) => {
						percent = text;
						return block === '' ? nothing : plot.setBlock(block, percent);
					}}
				/>
			{/if}
			{#if calibration.onFoot}<WandPicker {calibration} />{/if}
		</div>
		<div class="ground grid gap-3 flex-1 min-h-0 phone:grid-cols-1 phone:flex-none" class:timed>
			<div class="board card grid items-center flex-1 min-h-0 py-1.5 px-3 phone:flex-none">
				{#if plot.by === 'row'}
					<Alley
						alleys={calibration.entered.rows?.alleys ?? 'every'}
						sides={calibration.entered.off.includes(0)
							? 'right'
							: calibration.entered.off.includes(1)
								? 'left'
								: 'both'}
						spacing={told(spacing)}
						width={side(calibration.width)}
					/>
				{:else}
					<PlotGround
						length={plot.sides.length}
						width={plot.sides.width}
						across={told(laid?.length)}
						down={told(laid?.width)}
						{area}
						{done}
					/>
				{/if}
			</div>
			{#if timed}
				<div class="grid gap-2.5 content-start">
					<RunList
						{runs}
						{seconds}
						speedOf={() => ''}
						wanted={usualRuns}
						what="Go"
						readOnly={calibration.signedOff}
						decimalComma={comma}
						onstrike={(id) => void calibration.add({ kind: 'strike', entry: id })}
						onrestore={(id) => void calibration.restore(id)}
					/>
					<div>
						<p aria-live="polite">
							<span class="num text-[2.6rem] leading-none" data-testid="plot-mean"
								>{counted.length > 0 ? showDecimals(expected, 1, comma) : '–'}</span
							> <b>s</b> <span class="lab">{m.mean_of_then_catch_for_as({ count: counted.length })}</span>
						</p>
						<QuantityField
							label={m.or_type_a_time()}
							kept={typing}
							unit="s"
							hint={asWritten(m.n48_2_or_0_48(), calibration.settings.decimalComma)}
							disabled={calibration.signedOff}
							commit={typeTime}
						/>
					</div>
				</div>
			{:else}
				<p><span class="num text-[2.6rem]">{area}</span> <span class="lab">{m.of_ground_for_the_measure()}</span></p>
			{/if}
		</div>
		{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	</div>
	<div
		class="grid grid-cols-[1fr_auto] gap-4.5 items-end phone:grid-cols-[1fr] phone:gap-0 phone:my-0 phone:-mx-4 phone:flex-none"
	>
		{#if timed && !calibration.signedOff}
			<div class="watch">
				<StopwatchButton
					{watch}
					idle={m.go_over_the_plot({ count: counted.length + 1 })}
					press={[m.tap_as_you_begin_to_spray(), m.tap_as_the_plot_is_done()]}
					decimalComma={comma}
					onpress={() => void press()}
				/>
			</div>
		{/if}
		<button type="button" class="btn ink big next justify-self-end" class:alone={!timed} onclick={onnext}
			>{nextWords} →</button
		>
	</div>
</div>

<style>
	.usual button {
		min-height: 48px;
		padding: 0 12px;
		border: 2px solid var(--field-border);
		border-radius: 6px;
		background: var(--card);
		color: var(--ink);
		font: 600 0.95rem var(--font-text);
		cursor: pointer;
	}
	.usual button[aria-pressed='true'] {
		border-color: var(--dye);
		background: var(--dye-wash);
		color: var(--dye-text);
	}
	.board :global(svg) {
		max-height: 240px;
	}
	.ground.timed {
		grid-template-columns: minmax(0, 1fr) minmax(0, 290px);
	}
	.alone {
		grid-column: 1 / 3;
	}
	@media (max-width: 859px) {
		.next {
			display: none;
		}
		.next.alone {
			display: inline-flex;
			grid-column: 1;
			justify-self: stretch;
			margin: 10px 16px 12px;
		}
	}
</style>
