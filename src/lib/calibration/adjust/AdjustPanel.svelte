<!-- @component From the measured volume to the wanted one: what is wanted, whether it can stay, else the levers side by side. -->
<script lang="ts">
	import { m } from '$words';
	import { si } from '$core';
	import { untrack } from 'svelte';
	import FourBoard from '$lib/figures/FourBoard.svelte';
	import { FourState } from '$lib/figures/four.svelte';
	import type { AdjustState } from './adjust.svelte';
	import { nozzleMaths } from './nozzles-worker';
	import AdjustVerdict from './AdjustVerdict.svelte';
	import AimFields from './AimFields.svelte';
	import ArcChooser from './ArcChooser.svelte';
	import BoomHeightHelper from './BoomHeightHelper.svelte';
	import ChangeFacts from './ChangeFacts.svelte';
	import LeverCards from './LeverCards.svelte';
	import LeverMap from './LeverMap.svelte';
	import NozzleChooser from './NozzleChooser.svelte';
	import PumpLine from './PumpLine.svelte';
	import Fold from '$lib/kit/Fold.svelte';

	let { adjust, disabled = false }: { adjust: AdjustState; disabled?: boolean } = $props();
	const maths = nozzleMaths();
	let asked = $state(false);
	/** The board of four starts from what this calibration measured so far. */
	const four = untrack(() => {
		const made = new FourState(adjust.source.settings);
		const { answer, numbers } = adjust.source;
		made.use({
			rate: answer?.rate.value ?? null,
			speed: answer?.speed?.value ?? null,
			width: answer?.swath?.treated.value ?? null,
			flow: answer?.flow?.value ?? null,
			nozzles: answer?.nozzles?.count ?? numbers.nozzles,
			day: m.in_this_calibration()
		});
		return made;
	});
	const { source } = $derived(adjust);
	const aim = $derived(adjust.aim);
	const numbers = $derived(source.numbers);
	const open = $derived(aim !== null && (!aim.keep || asked || adjust.moved));
</script>

<div class="grid grid-cols-1 gap-3">
	<AimFields form={adjust.form} settings={source.settings} {disabled} />
	{#if !source.answer}
		<p class="card py-3 px-4.5">
			{m.there_is_no_measured_volume_yet()}
		</p>
	{/if}
	<AdjustVerdict {adjust} />
	{#if aim && !open && !disabled}
		<button type="button" class="btn plain justify-self-start" onclick={() => (asked = true)}
			>{m.change_it_all_the_same()}</button
		>
	{/if}
	{#if open}
		<LeverCards {adjust} {disabled} />
		<LeverMap {adjust} {disabled} />
		{#if !adjust.present?.nozzle}
			<!-- What one nozzle gives is not known: nothing to choose by. -->
		{:else if numbers.kind === 'airblast'}<ArcChooser {adjust} {maths} {disabled} />
		{:else}<NozzleChooser {adjust} {maths} {disabled} />{/if}
		<PumpLine {adjust} />
	{/if}
	<Fold class="card py-3 px-4.5" title={m.volume_speed_width_flow_three_give()}>
		<div class="pt-3"><FourBoard {four} /></div>
	</Fold>
	{#if numbers.kind === 'boom' && numbers.spacing !== null}
		<Fold class="card py-3 px-4.5" title={m.how_high_to_set_the_boom()}>
			<BoomHeightHelper
				spacing={si<'length'>(numbers.spacing * numbers.stacked)}
				angle={adjust.other?.angle ?? numbers.fan?.angle ?? null}
				height={numbers.fan?.height ?? null}
				settings={source.settings}
			/>
		</Fold>
	{/if}
	{#if adjust.change}
		<section class="card change" aria-label={m.the_change()} aria-live="polite">
			<h3>{m.the_change()}</h3>
			<ChangeFacts change={adjust.change} prediction={adjust.prediction} settings={source.settings} />
			{#if !disabled}<button type="button" class="btn plain justify-self-start" onclick={() => adjust.useFitted()}
					>{m.leave_it_as_it_is()}</button
				>{/if}
		</section>
	{/if}
	{#if adjust.problem}<p class="problem" role="alert">✕ {adjust.problem}</p>{/if}
</div>

<style>
	.change {
		display: grid;
		gap: 8px;
		padding: 12px 18px;
		border: 2px solid var(--dye);
	}
	h3 {
		font: 600 1rem var(--font-text);
	}
</style>
