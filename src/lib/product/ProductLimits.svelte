<!-- @component What a label limits: intervals, weather, drops, neighbours; what to wear, and what to do when something goes wrong. -->
<script lang="ts">
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

<FormSection title="Intervals">
	{@render line(
		'entry',
		'Re-entry interval, hours',
		'How long nobody goes in. 0 where the label asks for none; empty: not entered.',
		true
	)}
	{@render line('harvest', 'Pre-harvest interval, days', '0 where the label asks for none; empty: not entered.', true)}
	{@render line('rainFree', 'Rain-free, hours', '', true)}
	{@render line(
		'applications',
		'Applications in a season, at most',
		'All products with the same active ingredient count.',
		true
	)}
	{@render line('daysBetween', 'Days between applications, at least', '', true)}
	<Field
		type="lines"
		name="plantBack"
		label="Plant back, crop = days"
		rows={3}
		bind:value={text.plantBack}
		problem={problems.plantBack}
		hint="Like clover = 120, a line each."
	/>
</FormSection>
<FormSection title="Weather, drops, neighbours">
	{@render line('windLeast', `Wind at least, ${units.speed}`, 'Some labels forbid still air.')}
	{@render line('wind', `Wind at most, ${units.speed}`, 'It counts for gusts too.')}
	<Field
		type="choice"
		name="drops"
		label="Finest drops allowed"
		bind:value={text.drops}
		problem={problems.drops}
		options={[
			{ value: '', label: 'not entered' },
			...dropletClasses.map((drops) => ({ value: drops, label: dropletWords[drops] }))
		]}
	/>
	{@render line('temperatureLow', `Air from, ${degrees}`)}
	{@render line('temperatureHigh', `Air to, ${degrees}`)}
	{@render line('buffer', `Unsprayed strip, ${units.side}`)}
	{@render line('humidityLow', 'Humidity from, %', '', true)}
	{@render line('humidityHigh', 'Humidity to, %', '', true)}
	<div></div>
	<div class="col-span-full" role="group" aria-label="Not with the wind toward">
		<span class="font-semibold">Not with the wind toward</span>
		<div class="flex flex-wrap gap-x-5.5 gap-y-1">
			{#each neighbourKinds as kind (kind)}
				<label class="flex items-center gap-2 min-h-12"
					><input
						class="w-6 h-6 accent-dye"
						type="checkbox"
						checked={toward.includes(kind)}
						onchange={() => toggle(kind)}
					/>
					{neighbourWords[kind]}</label
				>
			{/each}
		</div>
		{#if problems.notToward}<p class="problem" role="alert">✕ {problems.notToward}</p>{/if}
	</div>
</FormSection>
<FormSection title="People">
	{@render line('ppe', 'To wear while mixing', 'As the label says.')}
	<Field
		type="choice"
		name="notAlone"
		label="So poisonous that nobody handles it alone"
		bind:value={text.notAlone}
		problem={problems.notAlone}
		options={[
			{ value: '', label: 'the label does not say so' },
			{ value: 'yes', label: 'never alone' }
		]}
	/>
	{@render line('notes', 'Notes')}
	<div class="col-span-full">
		<Field
			type="lines"
			name="firstAid"
			label="First aid, as the label says"
			rows={4}
			bind:value={text.firstAid}
			problem={problems.firstAid}
			hint="One tap away while mixing and spraying, without a network too."
		/>
	</div>
</FormSection>
