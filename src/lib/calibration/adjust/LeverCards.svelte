<!-- @component Speed alone, pressure alone: what each would have to be, why, and what stands against it. -->
<script lang="ts">
	import { m } from '$words';
	import type { Lever } from '$core';
	import { isCarried, mean, readPlotTimes } from '$core';
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
		const times = readPlotTimes(adjust.source.entered);
		return paced && levers?.speed && times.ok ? mean(times.value) / levers.speed : null;
	});
	const flow = $derived(levers?.nozzleFlow ?? null);
	const whose = $derived(
		{ nozzle: m.of_its_sheet(), sprayer: m.of_the_sprayer(), typical: m.usual_for_it_check_the_makers() }[
			adjust.range.whose
		]
	);
</script>

{#snippet why(lever: Lever)}
	{@const no = levers?.impossible[lever]}
	{#if no}<p class="text-rust-text font-semibold">
			<span aria-hidden="true">✕</span>
			{wordOut(no, f.out, adjust.source.numbers.speeds !== null)}
		</p>{/if}
{/snippet}

{#snippet title(lever: Lever)}
	<h3>
		{leverWords[lever].title}
		{#if levers?.advice === lever}<span class="best">{m.advised()}</span>{/if}
	</h3>
{/snippet}

{#snippet figure(text: string, unit: string)}
	<p class="figure leading-none">
		<span class="num text-[2.6rem] tracking-[-0.02em]">{text}</span>
		{unit}
	</p>
{/snippet}

{#if levers && present}
	<div class="levers grid gap-2.5">
		<section class="card" class:advised={levers.advice === 'speed'} class:out={!!levers.impossible.speed}>
			{@render title('speed')}
			{#if levers.speed !== null}
				{@render figure(f.speed(levers.speed, paced), f.speedUnit(paced))}
				<div class="text grid gap-1">
					<p class="lab">
						{paced ? m.the_speed_itself_was_not_measured() : m.now({ speed: f.speed(present.speed) })}
					</p>
					{#if dial !== null}<p><b>{m.hold_the_dial_at({ dial: f.speed(dial) })}</b></p>{/if}
					{#if plotTime !== null}<p><b>{m.do_the_plot_in_s({ plotTime: f.figure(plotTime) })}</b></p>{/if}
					<p class="text-soft text-[0.92rem]">
						{isCarried(adjust.source.numbers) ? m.walk_at_another_pace_with_the() : leverWords.speed.why}
					</p>
					{@render why('speed')}
				</div>
				<button type="button" class="btn" {disabled} onclick={() => adjust.useSpeed()}>{m.take_the_speed()}</button>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'pressure'} class:out={!!levers.impossible.pressure}>
			{@render title('pressure')}
			{#if levers.pressure !== null && present.pressure !== null}
				{@render figure(f.pressure(levers.pressure), f.pressureUnit)}
				<div class="text grid gap-1">
					<p class="lab">
						{m.now_range_to({
							pressure: f.pressure(present.pressure),
							low: f.pressure(adjust.range.low),
							high: f.pressure(adjust.range.high),
							whose
						})}
					</p>
					{#if fine}<p class="look">
							<span aria-hidden="true">▲</span>
							{m.toward_the_top_of_the_range()}
						</p>{/if}
					<p class="text-soft text-[0.92rem]">{leverWords.pressure.why}</p>
					{@render why('pressure')}
				</div>
				<button type="button" class="btn" {disabled} onclick={() => adjust.usePressure()}
					>{m.take_the_pressure()}</button
				>
			{:else}
				<p class="lab text">{m.no_gauge_was_read_write_its()}</p>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'nozzle'}>
			{@render title('nozzle')}
			{#if flow !== null && present.nozzle !== null}
				{@render figure(f.flow(flow), f.flowUnit)}
				<div class="text grid gap-1">
					<p class="lab">
						{m.each_at_the_present_now({ which: paced ? m.pace() : m.speed(), nozzle: f.flow(present.nozzle) })}
					</p>
					<p class="text-soft text-[0.92rem]">{leverWords.nozzle.why}</p>
					<p class="lab">{m.pick_one_below()}</p>
				</div>
			{:else}
				{@render figure(f.percent(levers.factor - 1), levers.factor > 1 ? m.more() : m.less())}
				<p class="lab text">{m.each_what_one_nozzle_gives_now()}</p>
			{/if}
		</section>
	</div>
{/if}

<style>
	.levers {
		container-type: inline-size;
	}
	section {
		display: grid;
		grid-template: 'title figure text do' auto / 140px 190px minmax(0, 1fr) auto;
		align-items: center;
		gap: 6px 18px;
		padding: 10px 16px;
	}
	h3 {
		grid-area: title;
	}
	.figure {
		grid-area: figure;
	}
	.text {
		grid-area: text;
	}
	.btn {
		grid-area: do;
	}
	.advised {
		border: 2px solid var(--moss);
	}
	.best {
		display: inline-block;
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
	/* In the narrow column of a step, and on a phone. */
	@container (max-width: 860px) {
		section {
			grid-template: 'title figure do' auto 'text text text' auto / 130px minmax(0, 1fr) auto;
		}
	}
	@container (max-width: 520px) {
		section {
			grid-template: 'title' auto 'figure' auto 'text' auto 'do' auto / minmax(0, 1fr);
		}
	}
</style>
