<!-- @component Speed alone, pressure alone: what each would have to be, why, and what stands against it. -->
<script lang="ts">
	import { m } from '$words';
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
		{ nozzle: m.of_its_sheet(), rig: m.of_the_rig(), typical: m.usual_for_it_check_the_makers() }[adjust.range.whose]
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
				{leverWords.speed.title}{#if levers.advice === 'speed'}<span class="best">{m.advised()}</span>{/if}
			</h3>
			{#if levers.speed !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.speed(levers.speed, paced)}</span>
					{f.speedUnit(paced)}
				</p>
				{#if !paced}<p class="lab">{m.now({ speed: f.speed(present.speed) })}</p>{:else}<p class="lab">
						{m.the_speed_itself_was_not_measured()}
					</p>{/if}
				{#if dial !== null}<p><b>{m.hold_the_dial_at({ dial: f.speed(dial) })}</b></p>{/if}
				{#if plotTime !== null}<p><b>{m.do_the_plot_in_s({ plotTime: f.figure(plotTime) })}</b></p>{/if}
				<p class="text-soft text-[0.92rem]">
					{isCarried(adjust.source.numbers) ? m.walk_at_another_pace_with_the() : leverWords.speed.why}
				</p>
				{@render why('speed')}
				<button type="button" class="btn mt-auto" {disabled} onclick={() => adjust.useSpeed()}
					>{m.take_the_speed()}</button
				>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'pressure'} class:out={!!levers.impossible.pressure}>
			<h3>
				{leverWords.pressure.title}{#if levers.advice === 'pressure'}<span class="best">{m.advised()}</span>{/if}
			</h3>
			{#if levers.pressure !== null && present.pressure !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.pressure(levers.pressure)}</span>
					{f.pressureUnit}
				</p>
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
				<button type="button" class="btn mt-auto" {disabled} onclick={() => adjust.usePressure()}
					>{m.take_the_pressure()}</button
				>
			{:else}
				<p class="lab">{m.no_gauge_was_read_write_its()}</p>
			{/if}
		</section>
		<section class="card" class:advised={levers.advice === 'nozzle'}>
			<h3>
				{leverWords.nozzle.title}{#if levers.advice === 'nozzle'}<span class="best">{m.advised()}</span>{/if}
			</h3>
			{#if flow !== null && present.nozzle !== null}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.flow(flow)}</span>
					{f.flowUnit}
				</p>
				<p class="lab">
					{m.each_at_the_present_now({ which: paced ? m.pace() : m.speed(), nozzle: f.flow(present.nozzle) })}
				</p>
				<p class="text-soft text-[0.92rem]">{leverWords.nozzle.why}</p>
				<p class="lab">{m.pick_one_below()}</p>
			{:else}
				<p class="figure leading-none">
					<span class="num text-[2.6rem] tracking-[-0.02em]">{f.percent(levers.factor - 1)}</span>
					{levers.factor > 1 ? m.more() : m.less()}
				</p>
				<p class="lab">{m.each_what_one_nozzle_gives_now()}</p>
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
