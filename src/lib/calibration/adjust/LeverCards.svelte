<!-- @component Speed alone, pressure alone: what each would have to be, why, and what stands against it. -->
<script lang="ts">
	import type { Lever } from '$core';
	import { isCarried, mean, roundPlotTimes } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { adjustFigures } from '$lib/show/adjust';
	import { leverWords, wordOut } from '$lib/wording/adjust';

	let { adjust, disabled = false }: { adjust: AdjustState; disabled?: boolean } = $props();
	const f = $derived(adjustFigures(adjust.source.settings));
	const levers = $derived(adjust.levers);
	const present = $derived(adjust.present);
	const paced = $derived(present?.paced ?? false);
	const dial = $derived(levers?.speed && !paced ? adjust.dialAt(levers.speed) : null);
	const fine = $derived(
		levers?.pressure
			? levers.pressure > adjust.range.high - (adjust.range.high - adjust.range.low) * 0.2 &&
					levers.pressure <= adjust.range.high
			: false
	);
	/** Time over the plot at another pace. */
	const plotTime = $derived.by(() => {
		const times = roundPlotTimes(adjust.source.round);
		return paced && levers?.speed && times.ok ? mean(times.value) / levers.speed : null;
	});
	const flow = $derived(levers?.nozzleFlow ?? null);
	const whose = $derived(
		{ nozzle: 'of its sheet', rig: 'of the rig', typical: 'usual for it: check the maker’s sheet' }[adjust.range.whose]
	);
</script>

{#snippet why(lever: Lever)}
	{@const no = levers?.impossible[lever]}
	{#if no}<p class="text-rust-text font-semibold">
			<span aria-hidden="true">✕</span>
			{wordOut(no, f.out, adjust.source.numbers.speeds !== null)}
		</p>{/if}
{/snippet}

{#if levers && present}
	<div class="grid grid-cols-3 gap-3 phone:grid-cols-1">
		<section class="card" class:advised={levers.advice === 'speed'} class:out={!!levers.impossible.speed}>
			<h3>
				{leverWords.speed.title}{#if levers.advice === 'speed'}<span class="best">Advised</span>{/if}
			</h3>
			{#if levers.speed !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.speed(levers.speed, paced)}</span>
					{f.speedUnit(paced)}
				</p>
				{#if !paced}<p class="lab">now {f.speed(present.speed)}</p>{:else}<p class="lab">
						The speed itself was not measured.
					</p>{/if}
				{#if dial !== null}<p><b>Hold the dial at {f.speed(dial)}</b></p>{/if}
				{#if plotTime !== null}<p><b>Do the plot in {f.figure(plotTime)} s</b></p>{/if}
				<p class="text-soft text-[0.92rem]">
					{isCarried(adjust.source.numbers)
						? 'Walk at another pace, with the same strokes and swing.'
						: leverWords.speed.why}
				</p>
				{@render why('speed')}
				<button type="button" class="btn mt-auto" {disabled} onclick={() => adjust.useSpeed()}>Take the speed</button>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'pressure'} class:out={!!levers.impossible.pressure}>
			<h3>
				{leverWords.pressure.title}{#if levers.advice === 'pressure'}<span class="best">Advised</span>{/if}
			</h3>
			{#if levers.pressure !== null && present.pressure !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.pressure(levers.pressure)}</span>
					{f.pressureUnit}
				</p>
				<p class="lab">
					now {f.pressure(present.pressure)}; range {f.pressure(adjust.range.low)} to {f.pressure(adjust.range.high)},
					{whose}
				</p>
				{#if fine}<p class="look">
						<span aria-hidden="true">▲</span> Toward the top of the range drops get finer and drift further.
					</p>{/if}
				<p class="text-soft text-[0.92rem]">{leverWords.pressure.why}</p>
				{@render why('pressure')}
				<button type="button" class="btn mt-auto" {disabled} onclick={() => adjust.usePressure()}
					>Take the pressure</button
				>
			{:else}
				<p class="lab">No gauge was read. Write its pressure under Nozzle flow, and this lever is there.</p>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'nozzle'}>
			<h3>
				{leverWords.nozzle.title}{#if levers.advice === 'nozzle'}<span class="best">Advised</span>{/if}
			</h3>
			{#if flow !== null && present.nozzle !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.flow(flow)}</span>
					{f.flowUnit}
				</p>
				<p class="lab">each, at the present {paced ? 'pace' : 'speed'}; now {f.flow(present.nozzle)}</p>
				<p class="text-soft text-[0.92rem]">{leverWords.nozzle.why}</p>
				<p class="lab">Pick one below.</p>
			{:else}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.percent(levers.factor - 1)}</span>
					{levers.factor > 1 ? 'more' : 'less'}
				</p>
				<p class="lab">each. What one nozzle gives now was not measured: catch one, and sizes can be picked here.</p>
			{/if}
		</section>
	</div>
{/if}

<style>
	section {
		position: relative;
		display: flex;
		flex-direction: column;
		gap: 5px;
		padding: 12px 14px;
	}
	.advised {
		border: 2px solid var(--moss);
	}
	.best {
		float: right;
		padding: 1px 8px;
		border-radius: 4px;
		background: var(--moss-wash);
		color: var(--moss-text);
		font-weight: 700;
		font-size: 0.9rem;
	}
	h3 {
		font: 600 1rem var(--font-text);
	}
	.out .figure .num {
		color: var(--rust-text);
	}
</style>
