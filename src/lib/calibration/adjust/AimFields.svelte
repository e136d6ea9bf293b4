<!-- @component What is wanted: one volume, the label's range, or the ground that one tank shall do; of water or heavier. -->
<script lang="ts">
	import type { AimForm } from './aim-form.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits, longUnit } from '$lib/settings/field-units';
	import FormField from '$lib/kit/FormField.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { form, settings, disabled = false }: { form: AimForm; settings: FarmSettings; disabled?: boolean } = $props();
	const unit = $derived(longUnit(settings.rateUnit));
	const units = $derived(fieldUnits(settings));
</script>

<fieldset class="aim card" {disabled}>
	<legend class="sr-only">What is wanted</legend>
	<div class="by">
		<Segmented
			label="What is wanted"
			options={[
				{ value: 'volume', label: 'One volume' },
				{ value: 'range', label: 'A range' },
				{ value: 'tank', label: 'One tank’s ground' }
			]}
			value={form.by}
			onchange={(by) => (form.by = by)}
		/>
	</div>
	{#if form.by === 'volume'}
		<FormField label="Wanted, {unit}" bind:value={form.volume} problem={form.problems.volume} />
	{:else if form.by === 'range'}
		<FormField
			label="From, {unit}"
			bind:value={form.low}
			problem={form.problems.low}
			hint="The least that the label allows."
		/>
		<FormField label="to" bind:value={form.high} problem={form.problems.high} hint="And the most." />
	{:else}
		<FormField
			label="One full tank shall do, {units.area}"
			bind:value={form.area}
			problem={form.problems.area}
			hint="What cannot be sprayed out is left out of it."
		/>
	{/if}
	<FormField
		label="Specific gravity"
		bind:value={form.gravity}
		problem={form.problems.specificGravity}
		inputmode="decimal"
		hint="Empty: water."
	/>
	<label class="check"
		><input type="checkbox" bind:checked={form.perArea} /> The label doses per area, not per volume of mix</label
	>
</fieldset>

<style>
	.aim {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 10px 18px;
		align-items: start;
		margin: 0;
		padding: 14px 18px;
	}
	.by {
		grid-column: 1 / -1;
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 48px;
		align-self: center;
		line-height: 1.25;
	}
	.check input {
		flex: none;
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	@media (max-width: 859px) {
		.check {
			grid-column: 1 / -1;
		}
		.aim {
			grid-template-columns: 1fr 1fr;
			padding: 12px;
		}
		.check {
			min-height: 48px;
		}
	}
</style>
