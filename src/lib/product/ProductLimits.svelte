<!-- @component What a label limits: intervals, weather, drops, neighbours; what to wear, and what to do when something goes wrong. -->
<script lang="ts">
	import { dropletClasses, neighbourKinds } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import type { ProductText } from '$lib/forms/product-text';
	import { neighbourWords } from '$lib/wording/ground';
	import { dropletWords } from '$lib/wording/nozzles';
	import FormField from '$lib/kit/FormField.svelte';
	import FormText from '$lib/kit/FormText.svelte';

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
	<FormField
		{name}
		{label}
		{hint}
		inputmode={numeric ? 'decimal' : 'text'}
		bind:value={() => text[name], (v) => (text[name] = v)}
		problem={problems[name]}
	/>
{/snippet}

<fieldset class="card">
	<legend>Intervals</legend>
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
	<FormText
		name="plantBack"
		label="Plant back, crop = days"
		rows={3}
		bind:value={text.plantBack}
		problem={problems.plantBack}
		hint="Like clover = 120, a line each."
	/>
</fieldset>
<fieldset class="card">
	<legend>Weather, drops, neighbours</legend>
	{@render line('windLeast', `Wind at least, ${units.speed}`, 'Some labels forbid still air.')}
	{@render line('wind', `Wind at most, ${units.speed}`, 'It counts for gusts too.')}
	<label class="field"
		>Finest drops allowed
		<select class="field-input" name="drops" bind:value={text.drops}>
			<option value="">not entered</option>
			{#each dropletClasses as drops (drops)}<option value={drops}>{dropletWords[drops]}</option>{/each}
		</select>
	</label>
	{@render line('temperatureLow', `Air from, ${degrees}`)}
	{@render line('temperatureHigh', `Air to, ${degrees}`)}
	{@render line('buffer', `Unsprayed strip, ${units.side}`)}
	{@render line('humidityLow', 'Humidity from, %', '', true)}
	{@render line('humidityHigh', 'Humidity to, %', '', true)}
	<div></div>
	<div class="wide" role="group" aria-label="Not with the wind toward">
		<span class="head">Not with the wind toward</span>
		<input type="hidden" name="notToward" value={text.notToward} />
		<div class="kinds">
			{#each neighbourKinds as kind (kind)}
				<label
					><input type="checkbox" checked={toward.includes(kind)} onchange={() => toggle(kind)} />
					{neighbourWords[kind]}</label
				>
			{/each}
		</div>
		{#if problems.notToward}<p class="problem" role="alert">✕ {problems.notToward}</p>{/if}
	</div>
</fieldset>
<fieldset class="card">
	<legend>People</legend>
	{@render line('ppe', 'To wear while mixing', 'As the label says.')}
	<label class="field"
		>So poisonous that nobody handles it alone
		<select class="field-input" name="notAlone" bind:value={text.notAlone}>
			<option value="">the label does not say so</option>
			<option value="yes">never alone</option>
		</select>
	</label>
	{@render line('notes', 'Notes')}
	<div class="wide">
		<FormText
			name="firstAid"
			label="First aid, as the label says"
			rows={4}
			bind:value={text.firstAid}
			problem={problems.firstAid}
			hint="One tap away while mixing and spraying, without a network too."
		/>
	</div>
</fieldset>

<style>
	fieldset {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 14px 20px;
		align-items: start;
		min-width: 0;
		margin: 0;
		padding: 14px 20px 18px;
	}
	legend {
		float: left;
		grid-column: 1 / -1;
		padding: 0;
		font: 700 1.15rem var(--font-figures);
		font-stretch: 82%;
	}
	.field {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.head {
		font-weight: 600;
	}
	.kinds {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 22px;
	}
	.kinds label {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 48px;
	}
	.kinds input {
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	.problem {
		color: var(--rust-text);
	}
	@media (max-width: 859px) {
		fieldset {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
