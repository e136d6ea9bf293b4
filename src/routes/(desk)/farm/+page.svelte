<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { superForm } from 'sveltekit-superforms';
	import { asWritten } from '$lib/wording/as-written';
	import { machineZone } from '$lib/settings/farm-time';
	import { requirable } from '$core';
	import type { ActionData, PageData } from './$types';
	import FarmSafety from '$lib/farm/FarmSafety.svelte';
	import FormField from '$lib/kit/FormField.svelte';
	import { mostMeasures } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import { rateUnits } from '$lib/settings/rate-units';
	import { requiredWords } from '$lib/wording/records';
	import { skillFields, usualText } from '$lib/forms/skill-form';

	let { data, form: answered }: { data: PageData; form: ActionData } = $props();
	let skill = $state(untrack(() => ({ ...data.skill })));
	const problems = $derived<Record<string, string | undefined>>(
		(answered as { problems?: Record<string, string> } | null)?.problems ?? {}
	);
	type JugProblems = { measures?: { problems: Record<string, string> } };
	const jugProblems = $derived<Record<string, string | undefined>>(
		(answered as JugProblems | null)?.measures?.problems ?? {}
	);
	let weather = $state(untrack(() => ({ ...data.weather })));
	let due = $state(untrack(() => ({ ...data.due })));
	let safety = $state(untrack(() => ({ ...data.safety })));
	const dueLines = [
		{ name: 'dueSeason', label: 'When the season starts', hint: 'Month and day, like 03-01.' },
		{ name: 'dueDays', label: 'After days', inputmode: 'numeric' },
		{ name: 'dueHours', label: 'After hours of spraying', inputmode: 'decimal' },
		{ name: 'dueArea', label: 'After ground sprayed', hint: 'Like 200 ha or 500 ac.' },
		{ name: 'dueAbrasive', label: 'After hours with abrasive products', inputmode: 'decimal' }
	] as const;
	const weatherLines = [
		{ name: 'windLow', label: 'Wind from' },
		{ name: 'windHigh', label: 'Wind to' },
		{ name: 'deltaLow', label: 'Delta-T from, °C', inputmode: 'decimal' },
		{ name: 'deltaHigh', label: 'Delta-T to, °C', inputmode: 'decimal' }
	] as const;
	let nextKey = untrack(() => data.measures.length);
	let jugs = $state(untrack(() => data.measures.map((m, key) => ({ ...m, key }))));
	const addJug = () => jugs.push({ key: nextKey++, name: '', mark: '', holds: '' });
	const wrong = $derived(Object.keys(problems).length > 0);
	const { form, errors, message, enhance } = superForm(
		untrack(() => data.form),
		{ resetForm: false, invalidateAll: 'force' }
	);
	// Until the farm was told its zone, the form offers the browser's, never the server's.
	onMount(() => {
		if (!data.zoneTold) $form.timeZone = machineZone();
	});
	const zones = $derived([...new Set([$form.timeZone, 'UTC', ...data.zones])].filter(Boolean));
	const choices = $derived([
		{
			name: 'rateUnit' as const,
			title: 'Answers in',
			why: 'The unit of every spray volume, and the measures of the fields around it.',
			options: rateUnits.map((u) => ({ value: u as string, label: longUnit(u) }))
		},
		{
			name: 'gallon' as const,
			title: 'A bare gallon is',
			why: 'And so pint, quart and fluid ounce. US or Imp before a unit always wins.',
			options: [
				{ value: 'US', label: asWritten('US (3.785 L)', $form.decimalComma) },
				{ value: 'Imperial', label: asWritten('Imperial (4.546 L)', $form.decimalComma) }
			]
		},
		{
			name: 'school' as const,
			title: 'The working is shown',
			why: 'All of them give the same answer.',
			options: [
				{ value: 'units', label: 'By units' },
				{ value: '5940', label: 'With 5940' },
				{ value: '600', label: 'With 600' },
				{ value: 'hour', label: 'Per hour' },
				{ value: 'reading', label: 'The reading is the answer' }
			]
		},
		{
			name: 'evenRule' as const,
			title: 'A nozzle is even within',
			why: 'Both figures are shown; this one gives the verdict.',
			options: [
				{ value: 'average', label: '5 % of the others' },
				{ value: 'rated', label: '10 % of rated' }
			]
		},
		{
			name: 'adjustFirst' as const,
			title: 'To change a volume, reach first for',
			why: 'Up to 10 % by pressure, up to 25 % by speed, beyond that by other nozzles.',
			options: [
				{ value: 'pressure', label: 'The pressure' },
				{ value: 'speed', label: 'The speed' }
			]
		}
	]);
</script>

<svelte:head><title>Farm · Fallow</title></svelte:head>

<main>
	<div class="page-head">
		<h1>The farm, and how it measures</h1>
		<div class="do-head">
			<a class="btn plain" href="/calendar" data-sveltekit-reload>Calendar of what is due</a>
			<a class="btn" href="/farm-file">All of it in a file</a>
		</div>
	</div>
	<form method="post" use:enhance novalidate class="card">
		<FormField name="name" label="Name of the farm" bind:value={$form.name} problem={$errors.name?.[0]} required />
		{#each choices as choice (choice.name)}
			<fieldset>
				<legend>{choice.title}</legend>
				<p class="lab">{choice.why}</p>
				<div class="options">
					{#each choice.options as option (option.value)}
						<label class="option">
							<input
								type="radio"
								name={choice.name}
								value={option.value}
								checked={$form[choice.name] === option.value}
								onchange={() => form.update((f) => ({ ...f, [choice.name]: option.value }))}
							/>
							<span>{option.label}</span>
						</label>
					{/each}
				</div>
			</fieldset>
		{/each}
		<fieldset>
			<legend>Decimal sign</legend>
			<label class="check"
				><input type="checkbox" name="decimalComma" bind:checked={$form.decimalComma} /> Write and show a decimal comma (12,5)</label
			>
		</fieldset>
		<label class="zone"
			>Time zone
			<span class="lab">The farm’s days begin there, whatever clock a phone has.</span>
			<select id="zone" class="field-input" name="timeZone" bind:value={$form.timeZone}>
				{#each zones as zone (zone)}<option>{zone}</option>{/each}
			</select>
			{#if $errors.timeZone?.[0]}<span class="problem">✕ {$errors.timeZone[0]}</span>{/if}
		</label>
		<fieldset>
			<legend>A sprayer is calibrated again</legend>
			<p class="lab">
				After a part was changed, a job’s volume was over 5 % off, or somebody else carries it: always. And by what you
				write here; empty is not at all. Hours and area are counted from the jobs.
			</p>
			<div class="skill">
				{#each dueLines as line (line.name)}
					<FormField {...line} bind:value={due[line.name]} problem={problems[line.name]} />
				{/each}
			</div>
		</fieldset>
		<fieldset>
			<legend>Jugs and scales for products</legend>
			<p class="lab">Each amount is told for the one that shows it best. Leave the name empty to take one off.</p>
			<div class="measures">
				{#each jugs as jug, i (jug.key)}
					<div class="measure" role="group" aria-label="Jug or scale {i + 1}">
						<FormField name="measure-name" label="Called" bind:value={jug.name} problem={jugProblems[`${i}.name`]} />
						<FormField
							name="measure-mark"
							label="One mark is"
							bind:value={jug.mark}
							problem={jugProblems[`${i}.mark`]}
							hint={i === 0 ? 'Like 50 ml, 5 g or 1 fl oz.' : ''}
						/>
						<FormField
							name="measure-holds"
							label="It holds"
							bind:value={jug.holds}
							problem={jugProblems[`${i}.holds`]}
							hint={i === 0 ? 'Like 5 L, 2 kg, 1 qt or 5 lb.' : ''}
						/>
					</div>
				{/each}
			</div>
			{#if jugs.length < mostMeasures}<button type="button" class="btn plain" onclick={addJug}
					>Add a jug or a scale</button
				>{/if}
		</fieldset>
		<fieldset>
			<legend>Weather that this farm sprays in</legend>
			<p class="lab">
				Empty is as usual: wind 3 to 15 km/h, Delta-T 2 to 8 °C. A label that allows less wind stands above it.
			</p>
			<div class="skill">
				{#each weatherLines as line (line.name)}
					<FormField {...line} bind:value={weather[line.name]} problem={problems[line.name]} />
				{/each}
			</div>
		</fieldset>
		<FarmSafety bind:texts={safety} {problems} comma={data.farm.settings.decimalComma} />
		<fieldset>
			<legend>A record has to have</legend>
			<p class="lab">The operator always; tick what your rules ask for besides.</p>
			<div class="options">
				{#each requirable as name (name)}
					{#if name !== 'operator' && name !== 'remarks'}
						<label class="option"
							><input type="checkbox" name="record-field" value={name} checked={data.recordFields.includes(name)} />
							<span>{requiredWords[name]}</span></label
						>
					{/if}
				{/each}
			</div>
		</fieldset>
		<details open={wrong || Object.values(data.skill).some((text) => text !== '')}>
			<summary>How well this farm measures</summary>
			<p class="lab">
				What each ± rests on, one standard deviation. Leave empty what is as usual. Calibrations that are signed keep
				what held on their day.
			</p>
			<div class="skill">
				{#each skillFields as field (field.name)}
					<FormField
						name="skill-{field.name}"
						label="{field.label}, {field.unit}"
						inputmode="decimal"
						bind:value={() => skill[field.name] ?? '', (v) => (skill[field.name] = v)}
						problem={problems[field.name]}
						hint={usualText(field, data.farm.settings.decimalComma)}
					/>
				{/each}
			</div>
		</details>
		<div class="do">
			<button class="btn go big">Keep it</button>
			{#if $message}<p role="status"><b>{$message}</b></p>{/if}
		</div>
	</form>
</main>

<style>
	main {
		display: grid;
		gap: 16px;
		max-width: 860px;
		padding: 22px 24px;
	}
	form {
		display: grid;
		gap: 18px;
		padding: 20px;
	}
	summary {
		min-height: 48px;
		padding-top: 10px;
		font-weight: 600;
		cursor: pointer;
	}
	.skill {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
		gap: 14px;
		margin-top: 10px;
	}
	.measures {
		display: grid;
		gap: 10px;
		margin: 8px 0;
	}
	.measure {
		display: grid;
		grid-template-columns: 1.4fr 1fr 1fr;
		gap: 10px;
	}
	@media (max-width: 859px) {
		.measure {
			grid-template-columns: 1fr 1fr;
		}
	}
	.zone {
		display: grid;
		gap: 4px;
		max-width: 420px;
		font-weight: 600;
	}
	.problem {
		color: var(--rust-text);
	}
	.do-head {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
	}
	fieldset {
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0;
		font-weight: 600;
	}
	.options {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		margin-top: 6px;
	}
	.option {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 48px;
		padding: 0 14px;
		border: 2px solid var(--field-border);
		border-radius: 6px;
		cursor: pointer;
	}
	.option:has(:checked) {
		border-color: var(--dye);
		background: var(--dye-wash);
		font-weight: 600;
	}
	input[type='radio'],
	input[type='checkbox'] {
		width: 20px;
		height: 20px;
		accent-color: var(--dye);
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 48px;
	}
	.do {
		position: sticky;
		bottom: 0;
		margin: 0 -20px -20px;
		padding: 12px 20px;
		border-top: 1px solid var(--rule);
		border-radius: 0 0 6px 6px;
		background: var(--card);
		display: flex;
		align-items: center;
		gap: 16px;
	}
	@media (max-width: 859px) {
		main {
			padding: 16px;
		}
	}
</style>
