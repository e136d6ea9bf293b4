<!-- @component The answer always in sight: spray volume so far, its ±, what is odd, what it rests on, the working. -->
<script lang="ts">
	import { m } from '$words';
	import type { AnySheet, Verdict } from '$core';
	import { goesOf, relativeU, showFigure } from '$core';
	import type { CalibrationState } from './calibration.svelte';
	import { answerFacts, perWhat, shownRate, wideWords } from '$lib/show/answer';
	import { longUnit } from '$lib/settings/field-units';
	import type { RateUnit } from '$lib/settings/rate-units';
	import { wordIssue } from '$lib/wording/issues';
	import BudgetBar from './BudgetBar.svelte';
	import { findingKey } from '$lib/wording/finding-key';

	let { state, unit }: { state: CalibrationState; unit: RateUnit } = $props();

	const c = $derived(state.answer);
	const shown = $derived(c ? shownRate(c.rate.value, 2 * relativeU(c.rate), unit, state.settings.decimalComma) : null);
	const missing = $derived(state.result.ok ? [] : state.result.issues);
	const beginWords = {
		'speed-width-flow': m.time_a_run_and_catch_a(),
		'plot-catch': m.lay_out_a_plot_time_it(),
		refill: m.say_what_ground_was_sprayed_and(),
		'parked-drop': m.time_a_run_run_parked_as()
	};
	const oneOf: Readonly<Partial<Record<AnySheet['method'], string>>> = {
		'plot-catch': m.go(),
		refill: m.reading(),
		'parked-drop': m.reading()
	};
	/** A ± of one reading rests on what is usual. */
	const single = $derived.by(() => {
		if (!state.sheet.ok || goesOf(state.sheet.value) !== 1) return '';
		return m.it_rests_on_one_and_so({ oneOf: oneOf[state.sheet.value.method] ?? m.run() });
	});
	/** Jugs that were held for another time than the course took are scaled, and that is said. */
	const scaled = $derived.by(() => {
		const held = c?.nozzles?.time;
		if (!held || state.ownTime === null || Math.abs(held / state.ownTime - 1) < 0.005) return '';
		const s = (time: number) => `${showFigure(time, 3, state.settings.decimalComma)} s`;
		return m.jugs_held_the_took_scaled_to({
			held: s(held),
			which: state.method === 'plot-catch' ? m.plot() : m.course(),
			ownTime: s(state.ownTime)
		});
	});
	const rests = $derived.by(() => {
		if (!c) return '';
		if (!c.nozzles || c.nozzles.count === 1) return '';
		const left = c.nozzles.count - c.nozzles.caught;
		if (left > 0) return m.of_not_caught_counted_as_the({ left, count: c.nozzles.count });
		const is = (verdict: Verdict) => c.nozzles!.nozzles.some((n) => n.verdict === verdict);
		if (is('together')) return m.some_caught_together_and_so_not();
		if (is('low') || is('high') || is('blocked')) return m.every_nozzle_counted_as_caught();
		return is('cannot tell') || c.findings.some((f) => f.code === 'catch-too-short')
			? m.all_nozzles_caught_too_coarsely_to()
			: m.all_nozzles_caught_and_even();
	});
</script>

{#snippet shares()}
	{#if state.sprayer.kind === 'airblast' && state.flow}
		{#await import('./CanopyShares.svelte') then { default: CanopyShares }}
			<CanopyShares {state} flow={state.flow} />
		{/await}
	{/if}
{/snippet}

<section class="grid gap-[0.9rem] content-start" aria-label={m.spray_volume_so_far()}>
	<div aria-live="polite">
		<p class="lab">{state.signedOff ? m.spray_volume() : m.spray_volume_so_far()}</p>
		{#if shown}
			<p class="leading-none">
				<span class="num text-[4.4rem] tracking-[-0.03em]" data-testid="answer">{shown.value}</span>
				<span class="text-[1.1rem] font-semibold">{shown.unit}</span>
			</p>
			<p class="mt-1.5 text-[0.98rem]">
				<strong>± {shown.interval}</strong> (95 %){rests ? ` · ${rests}` : ''}{c
					? perWhat(c)
						? ` · ${perWhat(c)}`
						: ''
					: ''}
			</p>
			{#if scaled}<p class="lab">{scaled}</p>{/if}
			{#if single}<p class="lab">{single}</p>{/if}
			{#if c && shown.tooWide}<p class="wide">
					▲ {wideWords(2 * relativeU(c.rate), state.settings.decimalComma, c.budget)}
				</p>{/if}
		{:else}
			<p class="leading-none">
				<span class="num text-[4.4rem] tracking-[-0.03em] text-straw-edge">–</span>
				<span class="text-[1.1rem] font-semibold">{longUnit(unit)}</span>
			</p>
			{#if missing.some((i) => i.code !== 'missing' && i.code !== 'no-runs' && i.code !== 'nothing-caught')}
				<p class="problem mt-1.5">{wordIssue(missing[0]!)}</p>
			{:else}
				<p class="lab">{beginWords[state.method]}</p>
			{/if}
		{/if}
	</div>
	{#if !c}{@render shares()}{/if}
	{#if c}
		<div>
			<p class="lab">{m.where_the_comes_from()}</p>
			<BudgetBar budget={c.budget} />
		</div>
		{#if c.findings.length > 0}
			<!-- The words of all findings are fetched with the first one. -->
			{#await import('./FindingCard.svelte') then { default: FindingCard }}
				{#each c.findings.slice(0, 3) as finding (findingKey(finding))}
					<FindingCard
						{finding}
						names={state.names}
						settings={state.settings}
						onsizes={state.signedOff ? undefined : (told) => void state.sizes(told)}
					/>
				{/each}
			{/await}
		{/if}
		{#if c.findings.length > 3}<p class="lab">
				{m.and_more_under_spray_volume({ count: c.findings.length - 3 })}
			</p>{/if}
		{@render shares()}
		<dl class="border-t border-t-rule pt-[0.4rem]">
			{#each answerFacts(c, state.settings) as fact (fact.name)}
				<div>
					<dt>{fact.name}</dt>
					<dd class="num text-[1.1rem]">{fact.value}</dd>
				</div>
			{/each}
		</dl>
		{#if state.sheet.ok}
			{@const sheet = state.sheet.value}
			{#await import('./AnswerWorking.svelte') then { default: AnswerWorking }}
				<AnswerWorking {sheet} calibration={c} settings={state.settings} />
			{/await}
		{/if}
	{/if}
</section>

<style>
	dl div {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.5rem;
		align-items: baseline;
		padding: 4px 0;
		border-bottom: 1px dashed var(--rule);
		font-size: 0.95rem;
	}
</style>
