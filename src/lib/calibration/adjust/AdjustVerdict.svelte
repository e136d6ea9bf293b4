<!-- @component The first question: need it change at all? What was measured beside what is wanted, in words. -->
<script lang="ts">
	import { relativeU } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { adjustFigures } from '$lib/show/adjust';
	import { wantedText } from '$lib/show/change-lines';
	import { budgetAdvice, budgetShares } from '$lib/show/answer';
	import { adviceText } from '$lib/wording/adjust';

	let { adjust }: { adjust: AdjustState } = $props();
	const f = $derived(adjustFigures(adjust.source.settings));
	const aim = $derived(adjust.aim);
	const calibration = $derived(adjust.source.calibration);
	const measured = $derived(calibration ? calibration.rate.value / Math.sqrt(adjust.gravity) : null);
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

{#if aim && calibration && measured !== null}
	<section class="verdict" class:keep={aim.keep && aim.sure} class:unsure={!aim.sure} aria-live="polite">
		<div>
			<p class="lab text-ink">Measured{heavy ? ', of this liquid' : ''}</p>
			<p class="leading-none whitespace-nowrap">
				<span class="num text-[3.2rem] tracking-[-0.02em]"
					>{f.sure(measured, 2 * relativeU(calibration.rate)).figure}</span
				>
				<span class="font-semibold">{f.rateUnit}</span>
			</p>
		</div>
		<div class="mark phone:hidden" aria-hidden="true">{!aim.sure ? '?' : aim.keep ? '=' : '→'}</div>
		<div>
			{#if !aim.sure}
				<h2 class="text-[1.35rem]">Cannot tell yet</h2>
				<p>
					{#if off !== null}It reads {f.percent(off)} {off > 0 ? 'over' : 'under'} what is wanted, but{:else}But{/if}
					its ± of {f.percent(calibration.relativeUncertainty95)} is wider than what is judged. {budgetAdvice(
						budgetShares(calibration.budget)
					)}
				</p>
				{#if !aim.keep}<p>Until then a change may be one too many.</p>{/if}
			{:else if aim.keep}
				<h2 class="text-[1.35rem]">No change needed</h2>
				<p>
					{#if aim.why === 'in-range' && adjust.form.wanted?.by === 'range'}
						It lies inside the label’s {asked}.
					{:else if off !== null}
						It is {f.percent(off)} {off > 0 ? 'over' : 'under'} what is wanted: within 5 %.
					{/if}
					{#if adjust.form.perArea}
						Put {f.rate(measured)} {f.rateUnit} in the load sums, and every area gets its dose.
					{:else if off !== null}
						The label doses by volume, so the ground gets {f.percent(off)} {off > 0 ? 'more' : 'less'} product with it.
					{/if}
				</p>
			{:else}
				<h2 class="text-[1.35rem]">{f.percent(k - 1)} {k > 1 ? 'more' : 'less'} is wanted</h2>
				<p>
					Aim at <b>{adjust.form.by === 'volume' ? asked : `${f.rate(aim.volume)} ${f.rateUnit}`}</b>{adjust.form.by ===
					'range'
						? ', inside the label’s range by as much as the ± of this calibration'
						: adjust.form.by === 'tank'
							? ', so that one tank does that ground'
							: ''}.
					{adjust.levers ? adviceText(adjust.levers.advice, k - 1, byGear) : ''}
				</p>
			{/if}
			{#if heavy && adjust.water}
				<p class="text-ink mt-1">
					Calibrate with water at <b>{f.rate(adjust.water)} {f.rateUnit}</b>: the liquid is heavier, passes slower, and
					comes out at {f.rate(aim.volume)}.
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
