<!-- @component What the ground gets under each nozzle: dye where it is covered, paler where a nozzle gives less, straw where nothing is known. -->
<script lang="ts">
	import { m } from '$words';
	import { fanReach, quantityOf } from '$core';
	import { untrack } from 'svelte';
	import { GroundStripeState, stripeFaults } from '$lib/calibration/ground-stripe.svelte';
	import { groundWorker } from '$lib/calibration/ground-worker';
	import type { ShownJug } from '$lib/drawings/jug-board';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';

	interface Props {
		/** The calibration whose sprayer lays its fans; only its angle, spacing, height and sections are read. */
		calibration: Pick<CalibrationState, 'sprayer' | 'entered'>;
		jugs: readonly ShownJug[];
		/** Amount of an even catch, in the jugs' unit. */
		reference: number | null;
		/** Words on the even band; none when empty. */
		band?: string;
	}
	let { calibration, jugs, reference, band = '' }: Props = $props();

	const stripe = new GroundStripeState((...asked) => groundWorker()(...asked));
	/** Reach of the fans, m; null where their angle or height is not known. */
	const reach = $derived.by(() => {
		const { fan } = calibration.sprayer;
		if (!fan) return null;
		return fanReach(fan.angle, quantityOf(calibration.entered.height) ?? fan.height);
	});
	// What the fans lay over each other is worked out beside the page, from the catches as they are typed.
	$effect(() => {
		const { spacing, stacked } = calibration.sprayer;
		if (reach === null || spacing === null) return;
		const fans = jugs.map((jug) => ({
			// Nozzles that are stacked hang at one place.
			at: (Math.floor((jug.n - 1) / stacked) + 0.5) * spacing * stacked,
			flow: jug.amount ?? (jug.passedOver || jug.verdict === 'together' ? (reference ?? 0) : 0)
		}));
		const asked = { fans, reach, width: calibration.sprayer.nozzles * spacing };
		untrack(() => void stripe.ask(asked));
	});
	const laid = $derived(reach !== null && jugs.some((j) => j.amount !== null) ? stripe.strips : []);
	const known = $derived(jugs.every((j) => j.amount !== null || j.passedOver));
	const faults = $derived(known ? stripeFaults(laid) : { thin: 0, double: 0 });

	/** One background for all strips: a figure typed into a jug must not touch hundreds of elements. */
	const gradient = (strips: readonly number[]) =>
		`linear-gradient(90deg, ${strips
			.map((share) => Math.round(Math.max(0, Math.min(100, 200 * share - 100))))
			.map((percent) => `color-mix(in oklab, var(--dye) ${percent}%, var(--straw-wash))`)
			.join(', ')})`;

	/** Strength of the dye: 1 at the reference, falling twice as fast as the flow, so that 15 % less can be seen. */
	const strength = (amount: number) => Math.max(0.08, Math.min(1, 1 - 2 * (1 - amount / (reference ?? amount))));
</script>

<div class="mt-1.5">
	<div class="flex justify-between gap-3">
		<p class="lab text-[0.85rem]">
			{laid.length > 0 ? m.what_the_ground_gets_fans_laid() : m.what_the_ground_gets_under_each()}
			{#if faults.thin > 0.02}<b class="text-amber-text"
					>{m.thin_strips_on({ figure: Math.round(faults.thin * 100) })}</b
				>{/if}
			{#if faults.double > 0.02}<b class="text-amber-text"
					>{m.double_strips_on({ figure: Math.round(faults.double * 100) })}</b
				>{/if}
		</p>
		{#if band}<p class="band text-[0.85rem] text-moss-text"><i></i>{band}</p>{/if}
	</div>
	{#if laid.length > 0}
		<div
			class="laid flex h-6 border border-rule"
			aria-hidden="true"
			data-laid="true"
			style="background:{gradient(laid)}"
		></div>
	{:else}
		<div class="flex h-6 border border-rule" aria-hidden="true">
			{#each jugs as jug (jug.n)}
				{#if jug.amount === null}
					<i class="dry flex-1"></i>
				{:else}
					<i
						class="flex-1"
						style="background:color-mix(in oklab, var(--dye) {strength(jug.amount) * 100}%, var(--card))"
					></i>
				{/if}
			{/each}
		</div>
	{/if}
</div>

<style>
	.band i {
		display: inline-block;
		width: 16px;
		height: 9px;
		margin-right: 6px;
		background: var(--moss-wash);
		box-shadow: inset 0 0 0 1px var(--moss);
	}
	.dry {
		background: var(--straw-wash);
		box-shadow: inset 0 0 0 0.5px var(--straw-edge);
	}
</style>
