<!-- @component All that a yard hid, beside what its learner made of it. -->
<script lang="ts">
	import { m } from '$words';
	import { exercises, factor, intervalDecimals, showDecimals } from '$core';
	import { longUnit } from '$lib/settings/field-units';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { faultText, exerciseTitle, yardTime } from '$lib/wording/practice';
	import { show } from '$lib/show/show';
	import { typedText } from '$lib/settings/typed-text';
	import FaultCard from './FaultCard.svelte';
	import FieldMeaning from './FieldMeaning.svelte';
	import RangeBar from './RangeBar.svelte';
	import Waterfall from './Waterfall.svelte';
	import type { Revealed } from './reveal-of';

	interface Props {
		revealed: Revealed;
		settings: FarmSettings;
		/** Minutes of the same exercise before, the oldest first, this one last. */
		times: readonly number[];
		onbegin: (exercise: string) => void;
	}
	let { revealed, settings, times, onbegin }: Props = $props();

	const { reveal, yard } = $derived(revealed);
	const exercise = $derived(yard.exercise);
	const comma = $derived(settings.decimalComma);
	const scale = $derived((rate: number) => rate / factor('volumePerArea', settings.rateUnit));
	const digits = $derived(reveal.u95 === null ? 1 : intervalDecimals(scale(reveal.u95)));
	const rate = $derived((value: number) => show('rate', value, settings, { digits: 4 }));
	const shownTruth = $derived(
		reveal.u95 === null ? rate(reveal.truth) : show('rate', reveal.truth, settings, { u95: reveal.u95 / reveal.truth })
	);
	const title = $derived.by(() => {
		if (reveal.answer === null || reveal.u95 === null)
			return m.reveal_title_none({ truth: `${shownTruth.figure} ${shownTruth.unit}` });
		const own = show('rate', reveal.answer, settings, { u95: reveal.u95 / reveal.answer });
		return m.reveal_title({ truth: shownTruth.figure, answer: own.figure, u95: own.interval });
	});
	const found = $derived(reveal.grades.faults.filter((f) => f.grade === 'found').length);
	const count = $derived(reveal.grades.faults.length);
	const longest = $derived(Math.max(...times, 1));
	const over = $derived(yard.time > reveal.budget.time);
	const known = $derived(exercises.some((e) => e.id === exercise.id));
</script>

<div class="reveal">
	<div class="grid content-start gap-4">
		<div class="flex flex-wrap items-baseline gap-x-4">
			<h1 class="text-[2.4rem] leading-tight phone:text-[1.7rem]">
				{title}
				{#if reveal.inside !== null}<span class={reveal.inside ? 'text-moss-text' : 'text-rust-text'}
						>{reveal.inside ? m.reveal_holds() : m.reveal_not_holds()}</span
					>{/if}
			</h1>
			<span class="lab ml-auto">{exerciseTitle(exercise)}</span>
		</div>
		{#if reveal.answer !== null && reveal.u95 !== null}
			<section class="card p-4">
				<RangeBar
					truth={scale(reveal.truth)}
					answer={scale(reveal.answer)}
					u95={scale(reveal.u95)}
					unit={settings.rateUnit}
					{digits}
					decimalComma={comma}
				/>
				<p class="lab">{m.reveal_wide({ share: show('rate', reveal.u95, settings, { digits: 2 }).text })}</p>
			</section>
		{/if}
		<section class="grid gap-3">
			<h2>{count === 0 ? m.reveal_no_faults() : m.reveal_faults({ found, count })}</h2>
			{#if count > 0}
				<ul class="grid gap-3" style="grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr))">
					{#each reveal.grades.faults as graded, i (i)}
						<FaultCard
							{graded}
							{exercise}
							reading={graded.grade === 'found'
								? undefined
								: reveal.expert.find((e) => e.fault === graded.fault)?.reading}
							decimalComma={comma}
						/>
					{/each}
				</ul>
			{/if}
			{#if reveal.grades.wrong.length > 0}
				<p>
					<b>{m.reveal_wrong()}</b>
					{reveal.grades.wrong.map((claim) => faultText(claim, exercise)).join(', ')}.
				</p>
			{/if}
		</section>
		{#if reveal.answer !== null}
			<section class="card grid gap-3 p-4">
				<h2>
					{m.reveal_where({
						gap: `${showDecimals(scale(Math.abs(reveal.answer - reveal.truth)), digits + 1, comma)} ${longUnit(settings.rateUnit)}`
					})}
				</h2>
				<Waterfall
					parts={reveal.parts}
					truth={scale(reveal.truth)}
					answer={scale(reveal.answer)}
					{scale}
					digits={digits + 1}
					decimalComma={comma}
				/>
			</section>
		{/if}
	</div>
	<aside class="grid content-start gap-5 p-4.5">
		<section class="grid gap-1">
			<h2>{m.reveal_goal({ goal: typedText(exercise.goal) })}</h2>
			<p>
				<b class={reveal.goal.reached ? 'text-moss-text' : 'text-amber-text'}
					>{reveal.goal.reached ? m.reveal_goal_reached() : m.reveal_goal_not()}</b
				>
				{m.reveal_goal_truth({ truth: `${shownTruth.figure} ${shownTruth.unit}` })}
				{reveal.goal.even.even ? m.reveal_even() : m.reveal_uneven()}
				{#if reveal.goal.even.hit !== null}{m.reveal_hit({ share: Math.round(reveal.goal.even.hit * 100) })}{/if}
			</p>
		</section>
		{#if reveal.answer !== null}
			<FieldMeaning answer={reveal.answer} truth={reveal.truth} {settings} />
		{/if}
		<section class="grid gap-2">
			<h2>{m.reveal_time({ time: yardTime(yard.time) })}</h2>
			<p class="lab">
				{m.reveal_budget({
					time: yardTime(reveal.budget.time),
					water: show('tank', reveal.spent.water, settings, { digits: 2 }).text,
					most: show('tank', reveal.budget.water, settings, { digits: 2 }).text
				})}
				{over ? m.reveal_over_budget() : ''}
			</p>
			{#if times.length > 1}
				<ol class="grid gap-1">
					{#each times as minutes, i (i)}
						<li class="grid grid-cols-[6rem_1fr_4.5rem] items-center gap-2">
							<span>{i === times.length - 1 ? m.reveal_this_time() : m.reveal_time_n({ n: i + 1 })}</span>
							<i
								class={['h-5 border-2 border-dye', i === times.length - 1 ? 'bg-dye' : 'bg-dye-wash']}
								style="width: {(minutes / longest) * 100}%"
								aria-hidden="true"
							></i>
							<b>{m.yard_minutes({ minutes: Math.round(minutes) })}</b>
						</li>
					{/each}
				</ol>
			{/if}
		</section>
		<section class="grid gap-3">
			<h2>{m.reveal_next({ title: exerciseTitle(reveal.next) })}</h2>
			<button type="button" class="btn go big" onclick={() => onbegin(reveal.next.id)}>{m.reveal_start_next()}</button>
			{#if known}<button type="button" class="btn" onclick={() => onbegin(exercise.id)}>{m.reveal_again()}</button>{/if}
			<a class="py-2 font-semibold" href="/practice">{m.reveal_all()}</a>
		</section>
	</aside>
</div>

<style>
	.reveal {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 328px;
		min-height: calc(100dvh - 90px);
	}
	.reveal > div {
		padding: 16px 24px 24px;
	}
	aside {
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	@media (max-width: 859px) {
		.reveal {
			grid-template-columns: minmax(0, 1fr);
		}
		.reveal > div {
			padding: 12px 16px;
		}
	}
</style>
