<!-- @component How jugs are held and read: time, marks, gauge, the unit that a bare figure means. -->
<script lang="ts">
	import { m } from '$words';
	import { showFigure } from '$core';
	import { keptText } from '$lib/settings/typed-text';
	import { typed } from '$lib/settings/field-units';
	import type { FlowStepState } from './flow-step.svelte';
	import { jugUnitWords } from './flow-step.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import GaugeField from './GaugeField.svelte';

	/** `gauge`: not where it stands open beside. */
	let { step, gauge = true }: { step: FlowStepState; gauge?: boolean } = $props();

	const calibration = $derived(step.calibration);
	const comma = $derived(calibration.settings.decimalComma);
	const asLong = $derived(calibration.catchTime === null);
	const what = $derived(calibration.method === 'plot-catch' ? 'plot' : 'course');
	/** A pump that the wheels turn pumps while they roll: a jug is filled over the course, and at no other time. */
	const driven = $derived(calibration.sprayer.groundDriven);
	const held = $derived(
		asLong
			? step.heldFor === null
				? ''
				: showFigure(step.heldFor, 3, comma)
			: keptText(calibration.entered.catchTime?.typed, 's', calibration.settings)
	);
</script>

{#if driven}<p class="text-amber-text font-semibold">
		{m.ground_driven_pump_parked_it_pumps()}
	</p>{/if}
<div class="grid grid-cols-4 gap-3 items-start phone:grid-cols-[1fr_1fr] phone:pt-2">
	<QuantityField
		small
		label={driven ? m.caught_while_the_course_is_driven() : m.each_jug_held()}
		hint={asLong && !driven ? m.as_long_as_the_took({ what }) : ''}
		kept={held}
		unit="s"
		disabled={calibration.signedOff || driven}
		commit={(text) => calibration.add({ kind: 'catch-time', time: typed(text, 's', calibration.settings) })}
	/>
	<QuantityField
		small
		label={m.jug_marked_every()}
		kept={keptText(calibration.entered.jug?.typed, 'ml', calibration.settings)}
		unit="ml"
		hint={calibration.entered.jug ? '' : m.empty_counts_as_10_ml()}
		disabled={calibration.signedOff}
		commit={(text) => calibration.add({ kind: 'jug', graduation: typed(text, 'ml', calibration.settings) })}
	/>
	{#if gauge}<GaugeField {calibration} />{/if}
	<label class="grid gap-1">
		<span class="text-soft text-[0.85rem]">{m.jug_reads_in()}</span>
		<select
			class="field-input py-1 px-[0.4rem] text-[1rem]"
			value={step.unit}
			disabled={calibration.signedOff}
			onchange={(e) => step.pickUnit(e.currentTarget.value)}
		>
			{#each step.units as unit (unit)}<option value={unit}>{jugUnitWords(unit)}</option>{/each}
		</select>
	</label>
</div>

{#if !asLong && !driven && !calibration.isQuick && calibration.ownTime !== null && !calibration.signedOff}
	<button type="button" class="link" onclick={() => void calibration.add({ kind: 'catch-time', time: null })}
		>{m.hold_each_jug_as_long_as({ what })}</button
	>
{/if}

<style>
	.link {
		align-self: start;
		justify-self: start;
		min-height: 48px;
		padding: 0;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		text-align: left;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
