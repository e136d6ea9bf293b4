<!-- @component The first question: need it change at all? What was measured beside what is wanted, in words. -->
<script lang="ts">
	import { m } from '$words';
	import { relativeU } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { adjustFigures } from '$lib/show/adjust';
	import { wantedText } from '$lib/show/change-lines';
	import { budgetAdvice, budgetShares } from '$lib/show/answer';
	import { adviceText } from '$lib/wording/adjust';

	let { adjust }: { adjust: AdjustState } = $props();
	const f = $derived(adjustFigures(adjust.source.settings));
	const aim = $derived(adjust.aim);
	const answer = $derived(adjust.source.answer);
	const measured = $derived(answer ? answer.rate.value / Math.sqrt(adjust.gravity) : null);
	const heavy = $derived(adjust.gravity !== 1);
	const off = $derived.by(() => {
		const wanted = adjust.form.wanted;
		return wanted?.by === 'volume' && measured !== null ? measured / wanted.volume - 1 : null;
	});
	/** What is wanted, as it was typed. */
	const asked = $derived(adjust.form.aim ? wantedText(adjust.form.aim.wanted) : '');
	const k = $derived(adjust.levers?.factor ?? 1);
	/** Where the speed alone would do it, was measured and can be driven. */
	const byGear = $derived(
		adjust.levers?.speed && !adjust.levers.impossible.speed
			? `${f.speed(adjust.levers.speed)} ${f.speedUnit(false)}`
			: null
	);
</script>

{#if aim && answer && measured !== null}
	<section class="verdict" class:keep={aim.keep && aim.sure} class:unsure={!aim.sure} aria-live="polite">
		<div>
			<p class="lab text-ink">{m.measured({ which: heavy ? m.of_this_liquid() : '' })}</p>
			<p class="leading-none whitespace-nowrap">
				<span class="num text-[3.2rem] tracking-[-0.02em]">{f.sure(measured, 2 * relativeU(answer.rate)).figure}</span>
				<span class="font-semibold">{f.rateUnit}</span>
			</p>
		</div>
		<div class="mark phone:hidden" aria-hidden="true">{!aim.sure ? '?' : aim.keep ? '=' : '→'}</div>
		<div>
			{#if !aim.sure}
				<h2 class="text-[1.35rem]">{m.cannot_tell_yet()}</h2>
				<p>
					{#if off !== null}{m.it_reads_what_is_wanted_but({
							off: f.percent(off),
							which: off > 0 ? m.over() : m.under()
						})}{:else}{m.but()}{/if}
					{m.its_of_is_wider_than_what({
						relativeUncertainty95: f.percent(answer.relativeUncertainty95),
						budgetAdvice: budgetAdvice(budgetShares(answer.budget))
					})}
				</p>
				{#if !aim.keep}<p>{m.until_then_a_change_may_be()}</p>{/if}
			{:else if aim.keep}
				<h2 class="text-[1.35rem]">{m.no_change_needed()}</h2>
				<p>
					{#if aim.why === 'in-range' && adjust.form.wanted?.by === 'range'}
						{m.it_lies_inside_the_labels({ asked })}
					{:else if off !== null}
						{m.it_is_what_is_wanted_within({ off: f.percent(off), which: off > 0 ? m.over() : m.under() })}
					{/if}
					{#if adjust.form.perArea}
						{m.put_in_the_load_sums_and({ measured: f.rate(measured), rateUnit: f.rateUnit })}
					{:else if off !== null}
						{m.the_label_doses_by_volume_so({ off: f.percent(off), which: off > 0 ? m.more() : m.less() })}
					{/if}
				</p>
			{:else}
				<h2 class="text-[1.35rem]">{m.is_wanted({ percent: f.percent(k - 1), which: k > 1 ? m.more() : m.less() })}</h2>
				<p>
					{m.aim_at()} <b>{adjust.form.by === 'volume' ? asked : `${f.rate(aim.volume)} ${f.rateUnit}`}</b>{adjust.form
						.by === 'range'
						? m.inside_the_labels_range_by_as()
						: adjust.form.by === 'tank'
							? m.so_that_one_tank_does_that()
							: ''}.
					{adjust.levers ? adviceText(adjust.levers.advice, k - 1, byGear) : ''}
				</p>
			{/if}
			{#if heavy && adjust.water}
				<p class="text-ink mt-1">
					{m.calibrate_with_water_at()}
					<b>{f.rate(adjust.water)} {f.rateUnit}</b>{m.the_liquid_is_heavier_passes_slower({
						volume: f.rate(aim.volume)
					})}
				</p>
			{/if}
		</div>
	</section>
{/if}

<style>
	.verdict {
		display: grid;
		grid-template-columns: auto auto minmax(0, 1fr);
		gap: 4px 18px;
		align-items: center;
		padding: 12px 18px;
		border: 2px solid var(--dye);
		border-radius: 8px;
		background: var(--dye-wash);
	}
	.unsure {
		border-color: var(--amber);
		background: var(--amber-wash);
	}
	.keep {
		border-color: var(--moss);
		background: var(--moss-wash);
	}
	.mark {
		font: 700 2rem var(--font-figures);
	}
	@media (max-width: 859px) {
		.verdict {
			grid-template-columns: auto minmax(0, 1fr);
			padding: 10px 12px;
		}
		.verdict > div:last-child {
			grid-column: 1 / -1;
		}
	}
</style>
