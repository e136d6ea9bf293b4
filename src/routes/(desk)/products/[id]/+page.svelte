<script lang="ts">
	import { untrack } from 'svelte';
	import { dilutions, doseAreas, labelFills, mixesByState, mixingClasses } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import EditPage from '$lib/kit/EditPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import FormSection from '$lib/kit/FormSection.svelte';
	import ProductLimits from '$lib/product/ProductLimits.svelte';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { dilutionWords, doseAreaWords, fillWords, mixingWords } from '$lib/wording/products';
	import { asWritten } from '$lib/wording/as-written';

	let { data }: { data: PageData } = $props();
	const form = openForm(
		untrack(() => data.form),
		{ whole: true }
	);
	const { form: text, errors } = form;
	const problems = $derived(firstErrors($errors));
	const name = untrack(() => data.form.data.name);
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const bare = $derived(
		$text.state === ''
			? 'say first whether it is liquid or dry'
			: shortUnit($text.state === 'dry' ? units.dryDose : units.dose)
	);
	/** What is dry mixes otherwise than what is liquid: a way that no longer fits is asked for again. */
	function keepMixing() {
		const ways: readonly string[] = $text.state ? mixesByState[$text.state as 'liquid' | 'dry'] : mixingClasses;
		if (!ways.includes($text.mixes)) $text.mixes = '';
	}
</script>

<svelte:head><title>{data.isNew ? 'A product' : name} · Fallow</title></svelte:head>

<EditPage
	title={data.isNew ? 'Add a product' : name}
	lead="Copied from the label in your hand, which decides. What it does not say stays empty."
	{form}
	action="?/keep"
	submit="Save"
	back="/products"
>
	<FormSection title="The product">
		<Field name="name" label="Name" bind:value={$text.name} problem={problems.name} required />
		<Field name="registration" label="Registration number" bind:value={$text.registration} />
		<Field name="group" label="Group (mode of action)" bind:value={$text.group} hint="A premix has several: 3 + 11." />
		<Field
			type="lines"
			name="actives"
			label="Active ingredients, name = content"
			rows={2}
			bind:value={$text.actives}
			problem={problems.actives}
			hint={$text.state === 'dry'
				? 'Like ochrazole = 250 g/kg, a line each.'
				: 'Like ochrazole = 250 g/L, a line each.'}
		/>
		{#if $text.state === 'liquid'}<Field
				name="density"
				label="Density"
				bind:value={$text.density}
				problem={problems.density}
				hint="{asWritten('Like 1.12 kg/L.', settings.decimalComma)} Needed where a dose is a weight."
			/>{/if}
		<div class="field">
			<span id="state" class="font-semibold">Liquid or dry <span aria-hidden="true">*</span></span>
			<div class="flex gap-5.5 min-h-12" role="radiogroup" aria-labelledby="state">
				<label class="flex items-center gap-2 font-normal"
					><input
						class="w-6 h-6 accent-dye"
						type="radio"
						name="state"
						value="liquid"
						bind:group={$text.state}
						onchange={keepMixing}
					/> Liquid</label
				>
				<label class="flex items-center gap-2 font-normal"
					><input
						class="w-6 h-6 accent-dye"
						type="radio"
						name="state"
						value="dry"
						bind:group={$text.state}
						onchange={keepMixing}
					/> Dry</label
				>
			</div>
			{#if problems.state}<p class="problem" role="alert">{problems.state}</p>{/if}
		</div>
		<Field name="formulation" label="Formulation" bind:value={$text.formulation} hint="As the label has it." />
		<Field
			type="choice"
			name="mixes"
			label="Mixes as"
			bind:value={$text.mixes}
			problem={problems.mixes}
			options={[
				{ value: '', label: 'pick one' },
				...($text.state ? mixesByState[$text.state as 'liquid' | 'dry'] : mixingClasses).map((mixes) => ({
					value: mixes,
					label: mixingWords[mixes]
				}))
			]}
		/>
		<Field
			type="choice"
			name="fill"
			label="Filling, by its label"
			bind:value={$text.fill}
			problem={problems.fill}
			options={[
				{ value: '', label: 'Half of the water first, as usual' },
				...labelFills.map((fill) => ({ value: fill, label: fillWords[fill] }))
			]}
		/>
		<Field
			type="choice"
			name="abrasive"
			label="Wears nozzles"
			bind:value={$text.abrasive}
			problem={problems.abrasive}
			options={[
				{ value: '', label: 'as usual' },
				{ value: 'yes', label: 'fast: it is abrasive' }
			]}
		/>
	</FormSection>
	<FormSection title="Dose">
		<Field
			name="dose"
			label="Dose, or the least"
			bind:value={$text.dose}
			problem={problems.dose}
			hint="{asWritten(
				'2 L/ha, 14 oz/ac, 0.1 %, 0.25 % v/v, 100 ml/100 L, 1:50, 240 g a.i./ha, 2 packets/ac, 30 ml/100 m row.',
				settings.decimalComma
			)} Bare: {bare}."
			required
		/>
		<Field name="doseHigh" label="The most of its range" bind:value={$text.doseHigh} problem={problems.doseHigh} />
		<Field
			type="choice"
			name="per"
			label="On bands the doses are"
			bind:value={$text.per}
			problem={problems.per}
			options={[
				{ value: '', label: 'not said: asked on each job' },
				...doseAreas.map((per) => ({ value: per, label: doseAreaWords[per] }))
			]}
		/>
		<Field
			type="choice"
			name="dilution"
			label="A dose per 100 L in trees is"
			bind:value={$text.dilution}
			problem={problems.dilution}
			options={[
				{ value: '', label: 'not said: asked on each job' },
				...dilutions.map((dilution) => ({ value: dilution, label: dilutionWords[dilution] }))
			]}
		/>
		<Field
			type="choice"
			name="concentrate"
			label="Concentrate spraying"
			bind:value={$text.concentrate}
			problem={problems.concentrate}
			options={[
				{ value: '', label: 'not entered' },
				{ value: 'yes', label: 'the label allows it' },
				{ value: 'no', label: 'the label does not allow it' }
			]}
		/>
		<Field
			name="packet"
			label="One packet holds"
			bind:value={$text.packet}
			problem={problems.packet}
			hint="Where doses are in packets."
		/>
		<Field name="max" label="Label maximum, per area at once" bind:value={$text.max} problem={problems.max} />
		<Field
			name="seasonMax"
			label="Season maximum, per area"
			bind:value={$text.seasonMax}
			problem={problems.seasonMax}
		/>
		<div></div>
		<Field
			name="volumeLow"
			label="Spray volume from, {longUnit(settings.rateUnit)}"
			bind:value={$text.volumeLow}
			problem={problems.volumeLow}
		/>
		<Field name="volumeHigh" label="to" bind:value={$text.volumeHigh} problem={problems.volumeHigh} />
		<Field
			type="lines"
			name="packs"
			label="Containers, a line each"
			rows={3}
			bind:value={$text.packs}
			problem={problems.packs}
			hint={$text.state === 'dry' ? 'Like 5 kg or 10 lb.' : asWritten('Like 5 L or 2.5 gal.', settings.decimalComma)}
		/>
	</FormSection>
	<ProductLimits bind:text={$text} {problems} {settings} />
	{#snippet more()}
		{#if !data.isNew}
			<button class="btn plain ml-auto" formaction="?/away" name="away" value={data.away ? 'no' : 'yes'}
				>{data.away ? 'Restore' : 'Archive'}</button
			>
		{/if}
	{/snippet}
</EditPage>
