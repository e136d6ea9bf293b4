<script lang="ts">
	import Toggle from '$lib/kit/Toggle.svelte';
	import { onMount, untrack } from 'svelte';
	import { asWritten } from '$lib/wording/as-written';
	import { machineZone } from '$lib/settings/farm-time';
	import { requirable, rigChecks } from '$core';
	import { checkTitle } from '$lib/wording/rig-checks';
	import type { ActionData, PageData } from './$types';
	import FarmSafety from '$lib/farm/FarmSafety.svelte';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import { mostMeasures } from '$lib/settings/limits';
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
	let ownChecks = $state(untrack(() => data.checks.own));
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
	const { form, errors, message, enhance } = openForm(
		untrack(() => data.form),
		{ stays: true }
	);
	// Until the farm was told its zone, the form offers the browser's, never the server's.
	onMount(() => {
		if (!data.zoneTold) form.update((f) => ({ ...f, timeZone: machineZone() }), { taint: false });
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

<main class="grid gap-4 max-w-215 py-5.5 px-6 phone:p-4">
	<div class="page-head">
		<h1>The farm, and how it measures</h1>
		<div class="flex flex-wrap gap-2.5">
			<a class="btn plain" href="/calendar" data-sveltekit-reload>Calendar of what is due</a>
			<a class="btn" href="/farm-file">All of it in a file</a>
		</div>
	</div>
	<form method="post" use:enhance novalidate class="card grid gap-4.5 p-5">
		<Field name="name" label="Name of the farm" bind:value={$form.name} problem={$errors.name?.[0]} required />
		{#each choices as choice (choice.name)}
			<fieldset>
				<legend class="font-semibold">{choice.title}</legend>
				<p class="lab">{choice.why}</p>
				<div class="flex flex-wrap gap-2 mt-1.5">
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
			<legend class="font-semibold">Decimal sign</legend>
			<Toggle name="decimalComma" label="Write and show a decimal comma (12,5)" bind:checked={$form.decimalComma} />
		</fieldset>
		<div id="zone" class="max-w-105">
			<Field
				name="timeZone"
				label="Time zone"
				type="search"
				bind:value={$form.timeZone}
				options={zones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
				problem={$errors.timeZone?.[0]}
				hint="The farm’s days begin there, whatever clock a phone has."
			/>
		</div>
		<fieldset>
			<legend class="font-semibold">A sprayer is calibrated again</legend>
			<p class="lab">
				After a part was changed, a job’s volume was over 5 % off, or somebody else carries it: always. And by what you
				write here; empty is not at all. Hours and area are counted from the jobs.
			</p>
			<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
				{#each dueLines as line (line.name)}
					<Field {...line} bind:value={due[line.name]} problem={problems[line.name]} />
				{/each}
			</div>
		</fieldset>
		<fieldset>
			<legend class="font-semibold">Jugs and scales for products</legend>
			<p class="lab">Each amount is told for the one that shows it best. Leave the name empty to take one off.</p>
			<div class="grid gap-2.5 my-2 mx-0">
				{#each jugs as jug, i (jug.key)}
					<div
						class="grid grid-cols-[1.4fr_1fr_1fr] gap-2.5 phone:grid-cols-[1fr_1fr]"
						role="group"
						aria-label="Jug or scale {i + 1}"
					>
						<Field name="measure-name" label="Called" bind:value={jug.name} problem={jugProblems[`${i}.name`]} />
						<Field
							name="measure-mark"
							label="One mark is"
							bind:value={jug.mark}
							problem={jugProblems[`${i}.mark`]}
							hint={i === 0 ? 'Like 50 ml, 5 g or 1 fl oz.' : ''}
						/>
						<Field
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
			<legend class="font-semibold">Weather that this farm sprays in</legend>
			<p class="lab">
				Empty is as usual: wind 3 to 15 km/h, Delta-T 2 to 8 °C. A label that allows less wind stands above it.
			</p>
			<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
				{#each weatherLines as line (line.name)}
					<Field {...line} bind:value={weather[line.name]} problem={problems[line.name]} />
				{/each}
			</div>
		</fieldset>
		<FarmSafety bind:texts={safety} {problems} comma={data.farm.settings.decimalComma} />
		<fieldset>
			<legend class="font-semibold">A record has to have</legend>
			<p class="lab">The operator always; tick what your rules ask for besides.</p>
			<div class="flex flex-wrap gap-2 mt-1.5">
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
		<details open={problems['own-checks'] !== undefined}>
			<summary class="min-h-12 pt-2.5 font-semibold cursor-pointer">Check list before a calibration</summary>
			<p class="lab">Untick what this farm does not check. Each kind of sprayer shows only what it has.</p>
			<div class="grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-2 my-2">
				{#each rigChecks as check (check)}
					<label class="option"
						><input type="checkbox" name="check" value={check} checked={!data.checks.dropped.includes(check)} />
						<span>{checkTitle(check)}</span></label
					>
				{/each}
			</div>
			<Field
				label="Checks of your own, one a line"
				type="lines"
				name="own-checks"
				bind:value={ownChecks}
				problem={problems['own-checks']}
			/>
		</details>
		<details open={wrong || Object.values(data.skill).some((text) => text !== '')}>
			<summary class="min-h-12 pt-2.5 font-semibold cursor-pointer">How well this farm measures</summary>
			<p class="lab">
				What each ± rests on, one standard deviation. Leave empty what is as usual. Calibrations that are signed keep
				what held on their day.
			</p>
			<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
				{#each skillFields as field (field.name)}
					<Field
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
			<button class="btn go big">Save</button>
			{#if $message}<p role="status"><b>{$message}</b></p>{/if}
		</div>
	</form>
</main>

<style>
	fieldset {
		margin: 0;
		padding: 0;
		border: 0;
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
	.do {
		position: sticky;
		bottom: var(--under, 0px);
		margin: 0 -20px -20px;
		padding: 12px 20px;
		border-top: 1px solid var(--rule);
		border-radius: 0 0 6px 6px;
		background: var(--card);
		display: flex;
		align-items: center;
		gap: 16px;
	}
</style>
