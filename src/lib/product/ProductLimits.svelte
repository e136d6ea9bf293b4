<!-- @component What a label limits: intervals, weather, drops, neighbours; what to wear, and what to do when something goes wrong. -->
<script lang="ts">
	import { m } from '$words';
	import { dropletClasses, neighbourKinds } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import type { ProductText } from '$lib/forms/product-text';
	import { neighbourWords } from '$lib/wording/ground';
	import { dropletWords } from '$lib/wording/nozzles';
	import Field from '$lib/kit/Field.svelte';
	import FormSection from '$lib/kit/FormSection.svelte';

	type Text = { -readonly [K in keyof ProductText]: ProductText[K] };
	interface Props {
		text: Text;
		problems: Readonly<Record<string, string | undefined>>;
		settings: FarmSettings;
	}
	let { text = $bindable(), problems, settings }: Props = $props();
	const units = $derived(fieldUnits(settings));
	const degrees = $derived(units.speed === 'mph' ? '°F' : '°C');
	const toward = $derived(text.notToward.split(/[,;\n]/).map((word) => word.trim().toLowerCase()));
	const toggle = (kind: string) =>
		(text.notToward = (toward.includes(kind) ? toward.filter((k) => k !== kind) : [...toward, kind])
			.filter(Boolean)
			.join(', '));
</script>

{#snippet line(name: keyof ProductText, label: string, hint = '', numeric = false)}
	<Field
		{name}
		{label}
		{hint}
		inputmode={numeric ? 'decimal' : 'text'}
		bind:value={() => text[name], (v) => (text[name] = v)}
		problem={problems[name]}
	/>
{/snippet}

<FormSection title={m.intervals()}>
	{@render line('entry', m.re_entry_interval_hours(), m.how_long_nobody_goes_in_0(), true)}
	{@render line('harvest', m.pre_harvest_interval_days(), m.n0_where_the_label_asks_for(), true)}
	{@render line('rainFree', m.rain_free_hours(), '', true)}
	{@render line('applications', m.applications_in_a_season_at_most(), m.all_products_with_the_same_active(), true)}
	{@render line('daysBetween', m.days_between_applications_at_least(), '', true)}
	<Field
		type="lines"
		name="plantBack"
		label={m.plant_back_crop_days()}
		rows={3}
		bind:value={text.plantBack}
		problem={problems.plantBack}
		hint={m.like_clover_120_a_line_each()}
	/>
</FormSection>
<FormSection title={m.weather_drops_neighbours()}>
	{@render line('windLeast', m.wind_at_least({ speed: units.speed }), m.some_labels_forbid_still_air())}
	{@render line('wind', m.wind_at_most({ speed: units.speed }), m.it_counts_for_gusts_too())}
	<Field
		type="choice"
		name="drops"
		label={m.finest_drops_allowed()}
		bind:value={text.drops}
		problem={problems.drops}
		options={[
			{ value: '', label: m.not_entered() },
			...dropletClasses.map((drops) => ({ value: drops, label: dropletWords[drops] }))
		]}
	/>
	{@render line('temperatureLow', m.air_from({ degrees }))}
	{@render line('temperatureHigh', m.air_to({ degrees }))}
	{@render line('buffer', m.unsprayed_strip({ side: units.side }))}
	{@render line('humidityLow', m.humidity_from(), '', true)}
	{@render line('humidityHigh', m.humidity_to(), '', true)}
	<div></div>
	<div class="col-span-full" role="group" aria-label={m.not_with_the_wind_toward()}>
		<span class="font-semibold">{m.not_with_the_wind_toward()}</span>
		<div class="flex flex-wrap gap-x-5.5 gap-y-1">
			{#each neighbourKinds as kind (kind)}
				<label class="check"
					><input type="checkbox" checked={toward.includes(kind)} onchange={() => toggle(kind)} />
					{neighbourWords[kind]}</label
				>
			{/each}
		</div>
		{#if problems.notToward}<p class="problem" role="alert">✕ {problems.notToward}</p>{/if}
	</div>
</FormSection>
<FormSection title={m.people()}>
	{@render line('ppe', m.to_wear_while_mixing(), m.as_the_label_says())}
	<Field
		type="choice"
		name="notAlone"
		label={m.so_poisonous_that_nobody_handles_it()}
		bind:value={text.notAlone}
		problem={problems.notAlone}
		options={[
			{ value: '', label: m.the_label_does_not_say_so() },
			{ value: 'yes', label: m.never_alone() }
		]}
	/>
	{@render line('notes', m.notes())}
	<div class="col-span-full">
		<Field
			type="lines"
			name="firstAid"
			label={m.first_aid_as_the_label_says()}
			rows={4}
			bind:value={text.firstAid}
			problem={problems.firstAid}
			hint={m.one_tap_away_while_mixing_and()}
		/>
	</div>
</FormSection>
