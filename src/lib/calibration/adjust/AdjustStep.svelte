<!-- @component Adjust as a step of a calibration: the same levers as on its page, kept as entries of the calibration. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount, untrack } from 'svelte';
	import type { Nozzle, TypedAim, TypedChange } from '$core';
	import { noNozzles, nozzleTable } from '$lib/settings/nozzle-table';
	import { AdjustState } from './adjust.svelte';
	import type { Device } from '$lib/device/device.svelte';
	import { keepAdjusted } from './keep-adjusted';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { aimText } from '$lib/show/change-lines';
	import AdjustPanel from './AdjustPanel.svelte';
	import ChangeFacts from './ChangeFacts.svelte';

	interface Props {
		state: CalibrationState;
		device: Pick<Device, 'nozzles'>;
		adjust?: AdjustState | undefined;
	}
	let { state: calibration, device, adjust = $bindable() }: Props = $props();
	let table = $state.raw<readonly Nozzle[]>(untrack(() => nozzleTable(noNozzles, calibration.settings)));
	adjust = untrack(
		() =>
			new AdjustState({
				sprayer: calibration.head.rig,
				numbers: calibration.sprayer,
				settings: calibration.settings,
				setting: calibration.head.setting ?? null,
				get entered() {
					return calibration.entered;
				},
				get answer() {
					return calibration.answer;
				},
				get table() {
					return table;
				},
				keep: (aim: TypedAim, change: TypedChange | null) => keepAdjusted(calibration, aim, change)
			})
	);
	onMount(async () => (table = nozzleTable(await device.nozzles(), calibration.settings)));
	const kept = $derived(calibration.entered.change);
	/** What is wanted is kept as soon as it reads and the fingers rest: it is there again after another step or a reload. */
	const keepAim = () => {
		const aim = adjust?.form.aim;
		if (aim && !calibration.signedOff) void keepAdjusted(calibration, aim, null);
	};
	// By the fingers alone: opening the step keeps nothing.
	let rest: ReturnType<typeof setTimeout> | undefined;
	const typed = () => {
		clearTimeout(rest);
		rest = setTimeout(keepAim, 700);
	};
	onMount(() => () => clearTimeout(rest));
</script>

{#if kept}
	<section class="card kept" aria-label={m.kept_change()}>
		<h3>
			{calibration.signedOff ? m.changed_after_this_calibration() : m.kept_as_the_change()}{calibration.entered.aim
				? m.wanted({ aim: aimText(calibration.entered.aim, calibration.settings.decimalComma) })
				: ''}
		</h3>
		<ChangeFacts change={kept} prediction={null} settings={calibration.settings} />
		{#if !calibration.signedOff}
			<button
				type="button"
				class="btn plain justify-self-start"
				onclick={() => void calibration.add({ kind: 'change', change: null })}>{m.take_it_back()}</button
			>
		{/if}
	</section>
{/if}
{#if calibration.signedOff && calibration.practice}
	<p class="lab">{m.practice_signed_lead()}</p>
{:else if calibration.signedOff}
	<p>
		{m.signed_off_what_is_changed_now()}
		<a href="/calibrations/{calibration.head.id}/adjust">{m.the_calibrations_own_page()}</a>.
	</p>
{:else if adjust}
	<!-- Kept at once when a field is left or entered; the panel inside is what is used. -->
	<div onfocusout={keepAim} oninput={typed} onkeydown={(e) => e.key === 'Enter' && keepAim()} role="presentation">
		<AdjustPanel {adjust} />
	</div>
{/if}

<style>
	.kept {
		display: grid;
		gap: 8px;
		padding: 12px 18px;
		border: 2px solid var(--moss);
	}
	h3 {
		font: 600 1rem var(--font-text);
	}
</style>
