<!-- @component What is wanted: one volume, the label's range, or the ground that one tank shall do; of water or heavier. -->
<script lang="ts">
	import Toggle from '$lib/kit/Toggle.svelte';
	import type { AimForm } from './aim-form.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits, longUnit } from '$lib/settings/field-units';
	import Field from '$lib/kit/Field.svelte';
	import UsualVolumes from './UsualVolumes.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { form, settings, disabled = false }: { form: AimForm; settings: FarmSettings; disabled?: boolean } = $props();
	const unit = $derived(longUnit(settings.rateUnit));
	const units = $derived(fieldUnits(settings));
</script>

<fieldset
	class="card grid grid-cols-3 gap-x-4.5 gap-y-2.5 items-start m-0 py-3.5 px-4.5 phone:grid-cols-[1fr_1fr] phone:p-3"
	{disabled}
>
	<legend class="sr-only">What is wanted</legend>
	<div class="col-span-full">
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
		<Field label="Wanted, {unit}" bind:value={form.volume} problem={form.problems.volume} />
	{:else if form.by === 'range'}
		<Field
			label="From, {unit}"
			bind:value={form.low}
			problem={form.problems.low}
			hint="The least that the label allows."
		/>
		<Field label="to" bind:value={form.high} problem={form.problems.high} hint="And the most." />
	{:else}
		<Field
			label="One full tank shall do, {units.area}"
			bind:value={form.area}
			problem={form.problems.area}
			hint="What cannot be sprayed out is left out of it."
		/>
	{/if}
	<Field
		label="Specific gravity"
		bind:value={form.gravity}
		problem={form.problems.specificGravity}
		inputmode="decimal"
		hint="Empty: water."
	/>
	<div class="self-center leading-[1.25] phone:col-span-full">
		<Toggle label="The label doses per area, not per volume of mix" bind:checked={form.perArea} />
	</div>
</fieldset>
<UsualVolumes
	{settings}
	{disabled}
	onuse={(low, high) => {
		form.by = 'range';
		form.low = low;
		form.high = high;
	}}
/>
