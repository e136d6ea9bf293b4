<!-- @component What is wanted: one volume, the label's range, or the ground that one tank shall do; of water or heavier. -->
<script lang="ts">
	import { m } from '$words';
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
	<legend class="sr-only">{m.what_is_wanted()}</legend>
	<div class="col-span-full">
		<Segmented
			label={m.what_is_wanted()}
			options={[
				{ value: 'volume', label: m.one_volume() },
				{ value: 'range', label: m.a_range() },
				{ value: 'tank', label: m.one_tanks_ground() }
			]}
			value={form.by}
			onchange={(by) => (form.by = by)}
		/>
	</div>
	{#if form.by === 'volume'}
		<Field label={m.wanted_unit({ unit })} bind:value={form.volume} problem={form.problems.volume} />
	{:else if form.by === 'range'}
		<Field
			label={m.from({ unit })}
			bind:value={form.low}
			problem={form.problems.low}
			hint={m.the_least_that_the_label_allows()}
		/>
		<Field label={m.to()} bind:value={form.high} problem={form.problems.high} hint={m.and_the_most()} />
	{:else}
		<Field
			label={m.one_full_tank_shall_do({ area: units.area })}
			bind:value={form.area}
			problem={form.problems.area}
			hint={m.what_cannot_be_sprayed_out_is()}
		/>
	{/if}
	<Field
		label={m.specific_gravity()}
		bind:value={form.gravity}
		problem={form.problems.specificGravity}
		inputmode="decimal"
		hint={m.empty_water()}
	/>
	<div class="self-center leading-[1.25] phone:col-span-full">
		<Toggle label={m.the_label_doses_per_area_not()} bind:checked={form.perArea} />
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
