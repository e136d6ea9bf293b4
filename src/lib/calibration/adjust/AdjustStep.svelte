<!-- @component Adjust as a step of a round: the same levers as on its page, kept as entries of the round. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount, untrack } from 'svelte';
	import type { Nozzle, TypedAim, TypedChange } from '$core';
	import { noNozzles, nozzleTable } from '$lib/settings/nozzle-table';
	import { AdjustState } from './adjust.svelte';
	import type { Device } from '$lib/device/device.svelte';
	import { keepAdjusted } from './keep-adjusted';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { aimText } from '$lib/show/change-lines';
	import AdjustPanel from './AdjustPanel.svelte';
	import ChangeFacts from './ChangeFacts.svelte';

	interface Props {
		state: RoundState;
		device: Pick<Device, 'nozzles'>;
		adjust?: AdjustState | undefined;
	}
	let { state: round, device, adjust = $bindable() }: Props = $props();
	let table = $state.raw<readonly Nozzle[]>(untrack(() => nozzleTable(noNozzles, round.settings)));
	adjust = untrack(
		() =>
			new AdjustState({
				rig: round.head.rig,
				numbers: round.rig,
				settings: round.settings,
				setting: round.head.setting ?? null,
				get round() {
					return round.entered;
				},
				get calibration() {
					return round.calibration;
				},
				get table() {
					return table;
				},
				keep: (aim: TypedAim, change: TypedChange | null) => keepAdjusted(round, aim, change)
			})
	);
	onMount(async () => (table = nozzleTable(await device.nozzles(), round.settings)));
	const kept = $derived(round.entered.change);
	/** What is wanted is kept as soon as it reads and the fingers rest: it is there again after another step or a reload. */
	const keepAim = () => {
		const aim = adjust?.form.aim;
		if (aim && !round.signedOff) void keepAdjusted(round, aim, null);
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
			{round.signedOff ? m.changed_after_this_round() : m.kept_as_the_change()}{round.entered.aim
				? m.wanted({ aim: aimText(round.entered.aim, round.settings.decimalComma) })
				: ''}
		</h3>
		<ChangeFacts change={kept} prediction={null} settings={round.settings} />
		{#if !round.signedOff}
			<button
				type="button"
				class="btn plain justify-self-start"
				onclick={() => void round.add({ kind: 'change', change: null })}>{m.take_it_back()}</button
			>
		{/if}
	</section>
{/if}
{#if round.signedOff && round.practice}
	<p class="lab">{m.practice_signed_lead()}</p>
{:else if round.signedOff}
	<p>
		{m.signed_off_what_is_changed_now()}
		<a href="/calibrations/{round.head.id}/adjust">{m.the_calibrations_own_page()}</a>.
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
