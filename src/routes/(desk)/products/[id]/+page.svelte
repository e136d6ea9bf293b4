<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { dilutions, doseAreas, labelFills, mixesByState, mixingClasses } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import FormText from '$lib/kit/FormText.svelte';
	import ProductLimits from '$lib/product/ProductLimits.svelte';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { dilutionWords, doseAreaWords, fillWords, mixingWords } from '$lib/wording/products';
	import { asWritten } from '$lib/wording/as-written';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	let text = $state(untrack(() => ({ ...(form?.text ?? data.text) })));
	const problems = $derived<Record<string, string | undefined>>(form?.problems ?? {});
	const bare = $derived(
		text.state === ''
			? 'say first whether it is liquid or dry'
			: shortUnit(text.state === 'dry' ? units.dryDose : units.dose)
	);
	/** What is dry mixes otherwise than what is liquid: a way that no longer fits is asked for again. */
	function keepMixing() {
		const ways: readonly string[] = text.state ? mixesByState[text.state as 'liquid' | 'dry'] : mixingClasses;
		if (!ways.includes(text.mixes)) text.mixes = '';
	}
</script>

<svelte:head><title>{data.isNew ? 'A product' : data.text.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{data.isNew ? 'Add a product' : data.text.name}</h1>
		<p class="lab">Copied from the label in your hand, which decides. What it does not say stays empty.</p>
	</div>
	<form
		method="post"
		action="?/keep"
		novalidate
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		<fieldset class="card">
			<legend>The product</legend>
			<FormField name="name" label="Name" bind:value={text.name} problem={problems.name} required />
			<FormField name="registration" label="Registration number" bind:value={text.registration} />
			<FormField
				name="group"
				label="Group (mode of action)"
				bind:value={text.group}
				hint="A premix has several: 3 + 11."
			/>
			<FormText
				name="actives"
				label="Active ingredients, name = content"
				rows={2}
				bind:value={text.actives}
				problem={problems.actives}
				hint={text.state === 'dry'
					? 'Like ochrazole = 250 g/kg, a line each.'
					: 'Like ochrazole = 250 g/L, a line each.'}
			/>
			{#if text.state === 'liquid'}<FormField
					name="density"
					label="Density"
					bind:value={text.density}
					problem={problems.density}
					hint="{asWritten('Like 1.12 kg/L.', settings.decimalComma)} Needed where a dose is a weight."
				/>{/if}
			<div class="field">
				<span id="state">Liquid or dry <span aria-hidden="true">*</span></span>
				<div class="pair" role="radiogroup" aria-labelledby="state">
					<label
						><input type="radio" name="state" value="liquid" bind:group={text.state} onchange={keepMixing} /> Liquid</label
					>
					<label
						><input type="radio" name="state" value="dry" bind:group={text.state} onchange={keepMixing} /> Dry</label
					>
				</div>
				{#if problems.state}<p class="problem" role="alert">{problems.state}</p>{/if}
			</div>
			<FormField name="formulation" label="Formulation" bind:value={text.formulation} hint="As the label has it." />
			<label class="field"
				>Mixes as
				<select class="field-input" name="mixes" bind:value={text.mixes}>
					<option value="">pick one</option>
					{#each text.state ? mixesByState[text.state as 'liquid' | 'dry'] : mixingClasses as mixes (mixes)}<option
							value={mixes}>{mixingWords[mixes]}</option
						>{/each}
				</select>
				{#if problems.mixes}<span class="problem" role="alert">{problems.mixes}</span>{/if}
			</label>
			<label class="field"
				>Filling, by its label
				<select class="field-input" name="fill" bind:value={text.fill}>
					<option value="">Half of the water first, as usual</option>
					{#each labelFills as fill (fill)}<option value={fill}>{fillWords[fill]}</option>{/each}
				</select>
			</label>
			<label class="field"
				>Wears nozzles
				<select class="field-input" name="abrasive" bind:value={text.abrasive}>
					<option value="">as usual</option>
					<option value="yes">fast: it is abrasive</option>
				</select>
			</label>
		</fieldset>
		<fieldset class="card">
			<legend>Dose</legend>
			<FormField
				name="dose"
				label="Dose, or the least"
				bind:value={text.dose}
				problem={problems.dose}
				hint="{asWritten(
					'2 L/ha, 14 oz/ac, 0.1 %, 0.25 % v/v, 100 ml/100 L, 1:50, 240 g a.i./ha, 2 packets/ac, 30 ml/100 m row.',
					settings.decimalComma
				)} Bare: {bare}."
				required
			/>
			<FormField name="doseHigh" label="The most of its range" bind:value={text.doseHigh} problem={problems.doseHigh} />
			<label class="field"
				>On bands the doses are
				<select class="field-input" name="per" bind:value={text.per}>
					<option value="">not said: asked on each job</option>
					{#each doseAreas as per (per)}<option value={per}>{doseAreaWords[per]}</option>{/each}
				</select>
			</label>
			<label class="field"
				>A dose per 100 L in trees is
				<select class="field-input" name="dilution" bind:value={text.dilution}>
					<option value="">not said: asked on each job</option>
					{#each dilutions as dilution (dilution)}<option value={dilution}>{dilutionWords[dilution]}</option>{/each}
				</select>
			</label>
			<label class="field"
				>Concentrate spraying
				<select class="field-input" name="concentrate" bind:value={text.concentrate}>
					<option value="">not entered</option>
					<option value="yes">the label allows it</option>
					<option value="no">the label does not allow it</option>
				</select>
			</label>
			<FormField
				name="packet"
				label="One packet holds"
				bind:value={text.packet}
				problem={problems.packet}
				hint="Where doses are in packets."
			/>
			<FormField name="max" label="Label maximum, per area at once" bind:value={text.max} problem={problems.max} />
			<FormField
				name="seasonMax"
				label="Season maximum, per area"
				bind:value={text.seasonMax}
				problem={problems.seasonMax}
			/>
			<div></div>
			<FormField
				name="volumeLow"
				label="Spray volume from, {longUnit(settings.rateUnit)}"
				bind:value={text.volumeLow}
				problem={problems.volumeLow}
			/>
			<FormField name="volumeHigh" label="to" bind:value={text.volumeHigh} problem={problems.volumeHigh} />
			<FormText
				name="packs"
				label="Containers, a line each"
				rows={3}
				bind:value={text.packs}
				problem={problems.packs}
				hint={text.state === 'dry' ? 'Like 5 kg or 10 lb.' : asWritten('Like 5 L or 2.5 gal.', settings.decimalComma)}
			/>
		</fieldset>
		<ProductLimits bind:text {problems} {settings} />
		<div class="do">
			<button class="btn go big">Keep it</button>
			<a class="btn plain" href="/products">Back</a>
			{#if !data.isNew}
				<button class="btn plain away" formaction="?/away" name="away" value={data.away ? 'no' : 'yes'}
					>{data.away ? 'Take out again' : 'Put away'}</button
				>
			{/if}
		</div>
	</form>
</main>

<style>
	form {
		display: grid;
		gap: 14px;
	}
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
	.pair {
		display: flex;
		gap: 22px;
		min-height: 48px;
	}
	.pair label {
		display: flex;
		align-items: center;
		gap: 8px;
		font-weight: 400;
	}
	.pair input {
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	.do {
		position: sticky;
		bottom: 0;
		display: flex;
		gap: 14px;
		padding: 10px 0;
		background: var(--paper);
	}
	.away {
		margin-left: auto;
	}
	@media (max-width: 859px) {
		fieldset {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
