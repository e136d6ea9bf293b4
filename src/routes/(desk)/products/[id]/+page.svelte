<script lang="ts">
	import { m } from '$words';
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
			? m.say_first_whether_it_is_liquid()
			: shortUnit($text.state === 'dry' ? units.dryDose : units.dose)
	);
	/** What is dry mixes otherwise than what is liquid: a way that no longer fits is asked for again. */
	function keepMixing() {
		const ways: readonly string[] = $text.state ? mixesByState[$text.state as 'liquid' | 'dry'] : mixingClasses;
		if (!ways.includes($text.mixes)) $text.mixes = '';
	}
</script>

<svelte:head><title>{m.fallow_which({ which: data.isNew ? m.a_product() : name })}</title></svelte:head>

<EditPage
	title={data.isNew ? m.add_a_product() : name}
	lead={[m.copied_from_the_label_in_your(), data.by && m.last_changed_by({ name: data.by })].filter(Boolean).join(' ')}
	seen={data.seen}
	{form}
	action="?/keep"
	submit={m.save()}
	back="/products"
>
	<FormSection title={m.the_product()}>
		<Field name="name" label={m.name()} bind:value={$text.name} problem={problems.name} required />
		<Field
			name="registration"
			label={m.registration_number()}
			bind:value={$text.registration}
			problem={problems.registration}
		/>
		<Field
			name="group"
			label={m.group_mode_of_action()}
			bind:value={$text.group}
			problem={problems.group}
			hint={m.a_premix_has_several_3_11()}
		/>
		<Field
			type="lines"
			name="actives"
			label={m.active_ingredients_name_content()}
			rows={2}
			bind:value={$text.actives}
			problem={problems.actives}
			hint={$text.state === 'dry' ? m.like_ochrazole_250_g_kg_a() : m.like_ochrazole_250_g_l_a()}
		/>
		{#if $text.state === 'liquid'}<Field
				name="density"
				label={m.density()}
				bind:value={$text.density}
				problem={problems.density}
				hint={m.needed_where_a_dose_is_a({ example: asWritten(m.like_1_12_kg_l(), settings.decimalComma) })}
			/>{/if}
		<div class="field">
			<span id="state" class="font-semibold">{m.liquid_or_dry_title()} <span aria-hidden="true">*</span></span>
			<div class="flex gap-5.5 min-h-12" role="radiogroup" aria-labelledby="state">
				<label class="check font-normal"
					><input type="radio" name="state" value="liquid" bind:group={$text.state} onchange={keepMixing} />
					{m.liquid()}</label
				>
				<label class="check font-normal"
					><input type="radio" name="state" value="dry" bind:group={$text.state} onchange={keepMixing} />
					{m.dry()}</label
				>
			</div>
			{#if problems.state}<p class="problem" role="alert">{problems.state}</p>{/if}
		</div>
		<Field
			name="formulation"
			label={m.formulation()}
			bind:value={$text.formulation}
			problem={problems.formulation}
			hint={m.as_the_label_has_it()}
		/>
		<Field
			type="choice"
			name="mixes"
			label={m.mixes_as()}
			bind:value={$text.mixes}
			problem={problems.mixes}
			options={[
				{ value: '', label: m.pick_one_inline() },
				...($text.state ? mixesByState[$text.state as 'liquid' | 'dry'] : mixingClasses).map((mixes) => ({
					value: mixes,
					label: mixingWords[mixes]
				}))
			]}
		/>
		<Field
			type="choice"
			name="fill"
			label={m.filling_by_its_label()}
			bind:value={$text.fill}
			problem={problems.fill}
			options={[
				{ value: '', label: m.half_of_the_water_first_as() },
				...labelFills.map((fill) => ({ value: fill, label: fillWords[fill] }))
			]}
		/>
		<Field
			type="choice"
			name="abrasive"
			label={m.wears_nozzles()}
			bind:value={$text.abrasive}
			problem={problems.abrasive}
			options={[
				{ value: '', label: m.as_usual() },
				{ value: 'yes', label: m.fast_it_is_abrasive() }
			]}
		/>
	</FormSection>
	<FormSection title={m.dose()}>
		<Field
			name="dose"
			label={m.dose_or_the_least()}
			bind:value={$text.dose}
			problem={problems.dose}
			hint={m.bare_example({ example: asWritten(m.n2_l_ha_14_oz_ac_sentence(), settings.decimalComma), bare })}
			required
		/>
		<Field name="doseHigh" label={m.the_most_of_its_range()} bind:value={$text.doseHigh} problem={problems.doseHigh} />
		<Field
			type="choice"
			name="per"
			label={m.on_bands_the_doses_are()}
			bind:value={$text.per}
			problem={problems.per}
			options={[
				{ value: '', label: m.not_said_asked_on_each_job() },
				...doseAreas.map((per) => ({ value: per, label: doseAreaWords[per] }))
			]}
		/>
		<Field
			type="choice"
			name="dilution"
			label={m.a_dose_per_100_l_in()}
			bind:value={$text.dilution}
			problem={problems.dilution}
			options={[
				{ value: '', label: m.not_said_asked_on_each_job() },
				...dilutions.map((dilution) => ({ value: dilution, label: dilutionWords[dilution] }))
			]}
		/>
		<Field
			type="choice"
			name="concentrate"
			label={m.concentrate_spraying()}
			bind:value={$text.concentrate}
			problem={problems.concentrate}
			options={[
				{ value: '', label: m.not_entered() },
				{ value: 'yes', label: m.the_label_allows_it() },
				{ value: 'no', label: m.the_label_does_not_allow_it() }
			]}
		/>
		<Field
			name="packet"
			label={m.one_packet_holds()}
			bind:value={$text.packet}
			problem={problems.packet}
			hint={m.where_doses_are_in_packets()}
		/>
		<Field name="max" label={m.label_maximum_per_area_at_once()} bind:value={$text.max} problem={problems.max} />
		<Field
			name="seasonMax"
			label={m.season_maximum_per_area()}
			bind:value={$text.seasonMax}
			problem={problems.seasonMax}
		/>
		<div></div>
		<Field
			name="volumeLow"
			label={m.spray_volume_from({ rateUnit: longUnit(settings.rateUnit) })}
			bind:value={$text.volumeLow}
			problem={problems.volumeLow}
		/>
		<Field name="volumeHigh" label={m.to()} bind:value={$text.volumeHigh} problem={problems.volumeHigh} />
		<Field
			type="lines"
			name="packs"
			label={m.containers_a_line_each()}
			rows={3}
			bind:value={$text.packs}
			problem={problems.packs}
			hint={$text.state === 'dry' ? m.like_5_kg_or_10_lb() : asWritten(m.like_5_l_or_2_5(), settings.decimalComma)}
		/>
	</FormSection>
	<ProductLimits bind:text={$text} {problems} {settings} />
	{#snippet more()}
		{#if !data.isNew}
			<button class="btn plain ml-auto" formaction="?/away" name="away" value={data.away ? 'no' : 'yes'}
				>{data.away ? m.restore() : m.archive()}</button
			>
		{/if}
	{/snippet}
</EditPage>
