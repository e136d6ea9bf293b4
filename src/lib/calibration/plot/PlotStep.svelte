<!-- @component The ground that is sprayed for the measure: laid out from an area or its sides, and timed on a plot. -->
<script lang="ts">
	import { show } from '$lib/show/show';
	import { untrack } from 'svelte';
	import type { TypedGround } from '$core';
	import { fields, mean, readField, showDecimals, quantityOf } from '$core';
	import Alley from '$lib/drawings/Alley.svelte';
	import PlotGround from '$lib/drawings/PlotGround.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import { asWritten } from '$lib/wording/as-written';
	import { everyFrame, spaceBar } from '$lib/kit/attachments';
	import { PlotStepState } from './plot-step.svelte';
	import { usualRuns } from '$lib/calibration/round-steps';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import { keptWatch } from '$lib/calibration/kept-watch';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import RunList from '$lib/calibration/RunList.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import StopwatchButton from '$lib/kit/StopwatchButton.svelte';
	import WandPicker from '$lib/calibration/WandPicker.svelte';

	interface Props {
		state: RoundState;
		device: WatchDevice;
		next: string;
		onnext: () => void;
	}
	let { state: round, device, next: nextWords, onnext }: Props = $props();

	const plot = untrack(() => new PlotStepState(round));
	const watch = untrack(() => keptWatch(device, 'plot', round.head.id));

	const comma = $derived(round.settings.decimalComma);
	const timed = $derived(round.method === 'plot-catch' || round.round.plotRuns.length > 0);
	const unit = $derived(round.units.side);
	const side = (m: number | null) => (m === null ? '?' : show('length', m, round.settings, { digits: 4 }).text);
	const area = $derived(round.area === null ? '?' : show('area', round.area, round.settings, { digits: 4 }).text);
	const runs = $derived(round.round.plotRuns);
	const counted = $derived(runs.filter((r) => !r.struck));
	const seconds = (run: (typeof runs)[number]): number | null => quantityOf(run.time);
	const expected = $derived(counted.length > 0 ? mean(counted.map((r) => seconds(r) ?? 60)) : 60);
	const done = $derived(watch.running ? Math.min(1, watch.elapsed / expected) : counted.length > 0 || !timed ? 1 : 0);
	const ground = $derived(plot.ground);
	const ways = $derived(
		(
			[
				{ value: 'sides', label: timed ? 'Plot' : 'Length × width' },
				{ value: 'area', label: 'Area' },
				...(round.rig.kind === 'airblast' ? [{ value: 'row', label: 'Row' } as const] : []),
				{ value: 'block', label: 'Part of a block' }
			] as const
		).filter((way) => !timed || way.value === 'sides' || way.value === 'area')
	);
	let problem = $state<string | null>(null);
	let typing = $state('');
	let block = $state(untrack(() => (round.round.plot?.by === 'block' ? typedText(round.round.plot.block.typed) : '')));
	let percent = $state(untrack(() => (round.round.plot?.by === 'block' ? `${round.round.plot.share * 100}` : '')));
	const nothing: readonly never[] = [];

	async function press() {
		if (round.signedOff || !timed) return;
		if (!watch.running) {
			problem = round.area === null ? 'Lay the plot out first; the time counts once its size is known.' : null;
			watch.start();
			return;
		}
		const time = watch.stop();
		const issues = await round.add({
			kind: 'plot-run',
			time: typed(time.toFixed(2), 's', { ...round.settings, decimalComma: false }),
			by: 'stopwatch'
		});
		problem =
			issues.length > 0
				? `${showDecimals(time, 2, round.settings.decimalComma)} s is too short for a plot: it was not kept.`
				: null;
	}
	const typeTime = async (text: string) => {
		const issues = await round.add({ kind: 'plot-run', time: typed(text, 's', round.settings), by: 'typed' });
		if (issues.length === 0) typing = '';
		return issues;
	};
	const sideText = (which: 'length' | 'width') =>
		ground?.by === 'sides' ? ground[which].typed.text : plot.half?.which === which ? plot.half.text : '';
</script>

<svelte:window {@attach spaceBar(() => void press())} />

<div
	class="plot"
	{@attach everyFrame(
		() => watch.running,
		() => watch.tick()
	)}
>
	<div class="scrolling">
		<div class="ways">
			<Segmented
				label="How the ground is told"
				options={ways}
				value={plot.by}
				onchange={(v) => (plot.by = v as TypedGround['by'])}
			/>
			{#if plot.by === 'sides'}
				<div class="usual" role="group" aria-label="Usual plots">
					{#each plot.plots as usual (usual.name)}
						<button
							type="button"
							aria-pressed={plot.laidOut && plot.wanted === usual.area}
							title={usual.why}
							disabled={round.signedOff}
							onclick={() => void plot.pick(usual.area)}>{usual.name}</button
						>
					{/each}
					<button type="button" aria-pressed={plot.laidOut && plot.wanted === null} onclick={() => (plot.wanted = null)}
						>any sides</button
					>
				</div>
			{/if}
		</div>
		<div class="asked">
			{#if plot.by === 'sides'}
				<QuantityField
					label="One side"
					kept={sideText('length')}
					{unit}
					hint={plot.wanted === null
						? 'Taped.'
						: `Type one side, the other follows for ${plot.plots.find((p) => p.area === plot.wanted)?.name ?? 'that area'}.`}
					disabled={round.signedOff}
					commit={(text) => plot.setSide('length', text)}
				/>
				<QuantityField
					label="The other side"
					kept={sideText('width')}
					{unit}
					hint={plot.plots.find((p) => p.area === plot.wanted)?.why ?? ''}
					disabled={round.signedOff}
					commit={(text) => plot.setSide('width', text)}
				/>
			{:else if plot.by === 'area'}
				<QuantityField
					label="Area sprayed"
					kept={ground?.by === 'area' ? ground.area.typed.text : ''}
					unit={round.units.area}
					hint="As stated or mapped: it counts 1 %."
					disabled={round.signedOff}
					commit={(text) => plot.setArea(text)}
				/>
			{:else if plot.by === 'row'}
				<QuantityField
					label="Length of the row"
					kept={ground?.by === 'row' ? ground.row.typed.text : ''}
					{unit}
					hint="Once along it, both sides on."
					disabled={round.signedOff}
					commit={(text) => plot.setRow(text)}
				/>
				<QuantityField
					label="Row to row"
					kept={keptText((round.round.rows?.spacing ?? round.rig.rowSpacing)?.typed, unit, round.settings)}
					{unit}
					disabled={round.signedOff}
					commit={(text) =>
						round.add({
							kind: 'rows',
							spacing: typed(text, unit, round.settings),
							alleys: round.round.rows?.alleys ?? 'every'
						})}
				/>
			{:else}
				<QuantityField
					label="The whole block"
					kept={block}
					unit={round.units.area}
					disabled={round.signedOff}
					commit={async (text) => {
						const read = readField(fields.area, typed(text, round.units.area, round.settings), 'block');
						if (!read.ok) return read.issues;
						block = text;
						return percent === '' ? nothing : plot.setBlock(block, percent);
					}}
				/>
				<QuantityField
					label="Share of it that was sprayed, %"
					kept={percent}
					hint="Rows sprayed over all rows."
					disabled={round.signedOff}
					commit={async (text) => {
						percent = text;
						return block === '' ? nothing : plot.setBlock(block, percent);
					}}
				/>
			{/if}
			{#if round.onFoot}<WandPicker {round} />{/if}
		</div>
		<div class="ground" class:timed>
			<div class="board card">
				{#if plot.by === 'row'}
					<Alley
						alleys={round.round.rows?.alleys ?? 'every'}
						sides={round.round.off.includes(0) ? 'right' : round.round.off.includes(1) ? 'left' : 'both'}
						spacing={side(round.width)}
						width={side(round.width)}
					/>
				{:else}
					<PlotGround
						length={plot.sides.length}
						width={plot.sides.width}
						across={side(plot.sides.length)}
						down={side(plot.sides.width)}
						{area}
						{done}
					/>
				{/if}
			</div>
			{#if timed}
				<div class="runs">
					<RunList
						{runs}
						{seconds}
						speedOf={() => ''}
						wanted={usualRuns}
						what="Go"
						readOnly={round.signedOff}
						decimalComma={comma}
						onstrike={(id) => void round.add({ kind: 'strike', entry: id })}
					/>
					<div>
						<p class="mean" aria-live="polite">
							<span class="num" data-testid="plot-mean"
								>{counted.length > 0 ? showDecimals(expected, 1, comma) : '–'}</span
							> <b>s</b> <span class="lab">mean of {counted.length}, then catch for as long</span>
						</p>
						<QuantityField
							label="Or type a time"
							kept={typing}
							unit="s"
							hint={asWritten('48.2 or 0:48', round.settings.decimalComma)}
							disabled={round.signedOff}
							commit={typeTime}
						/>
					</div>
				</div>
			{:else}
				<p class="sum"><span class="num">{area}</span> <span class="lab">of ground for the measure</span></p>
			{/if}
		</div>
		{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	</div>
	<div class="foot">
		{#if timed && !round.signedOff}
			<div class="watch">
				<StopwatchButton
					{watch}
					idle="go {counted.length + 1} over the plot"
					press={['Tap as you begin to spray', 'Tap as the plot is done']}
					decimalComma={comma}
					onpress={() => void press()}
				/>
			</div>
		{/if}
		<button type="button" class="btn ink big next" class:alone={!timed} onclick={onnext}>{nextWords} →</button>
	</div>
</div>

<style>
	.plot,
	.scrolling {
		display: flex;
		flex-direction: column;
		gap: 12px;
		flex: 1;
		min-height: 0;
	}
	.ways {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 10px;
	}
	.usual {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
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
	.asked {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 14px;
	}
	.board {
		display: grid;
		align-items: center;
		flex: 1;
		min-height: 0;
		padding: 6px 12px;
	}
	.board :global(svg) {
		max-height: 240px;
	}
	.ground {
		display: grid;
		gap: 12px;
		flex: 1;
		min-height: 0;
	}
	.ground.timed {
		grid-template-columns: minmax(0, 1fr) minmax(0, 290px);
	}
	.runs {
		display: grid;
		gap: 10px;
		align-content: start;
	}
	.mean .num {
		font-size: 2.6rem;
		line-height: 1;
	}
	.sum .num {
		font-size: 2.6rem;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.foot {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 18px;
		align-items: end;
	}
	.next {
		justify-self: end;
	}
	.alone {
		grid-column: 1 / 3;
	}
	@media (max-width: 859px) {
		.scrolling {
			margin: 0 -16px;
			padding: 0 16px 8px;
			overflow-y: auto;
		}
		.asked {
			grid-template-columns: 1fr 1fr;
		}
		.ground,
		.ground.timed {
			grid-template-columns: minmax(0, 1fr);
			flex: none;
		}
		.board {
			flex: none;
		}
		.foot {
			grid-template-columns: 1fr;
			gap: 0;
			margin: 0 -16px;
			flex: none;
		}
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
