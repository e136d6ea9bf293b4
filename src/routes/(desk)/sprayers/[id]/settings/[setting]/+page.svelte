<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { isCarried, otherSides, twoSided } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import EditPage from '$lib/kit/EditPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import SprayerDrawing from '$lib/sprayer/SprayerDrawing.svelte';
	import { fieldUnits } from '$lib/settings/field-units';
	import { asksOtherSide } from '$lib/forms/setting-form';
	import { otherSideWords } from '$lib/wording/airblast';
	import { namesOf } from '$lib/wording/nozzle-names';

	let { data }: { data: PageData } = $props();
	const form = openForm(untrack(() => data.form));
	const { form: text, errors } = form;
	const problems = $derived(firstErrors($errors));
	const name = untrack(() => data.form.data.name);
	const sprayer = $derived(data.rig);
	const off = $derived(sprayer.sections.map((_, i) => i).filter((i) => !$text.on.includes(i)));
	const units = $derived(fieldUnits(data.farm.settings));
	const carried = $derived(isCarried(sprayer));
	const parts = $derived(sprayer.sections.map((_, i) => namesOf(sprayer).section(i)));
</script>

<svelte:head
	><title>{m.fallow_which_name({ which: data.isNew ? m.new_setting() : name, name: sprayer.name })}</title></svelte:head
>

<EditPage
	title={m.of_which({ which: data.isNew ? m.a_setting() : name, name: sprayer.name })}
	lead={m.what_is_on_and_what_it()}
	{form}
	seen={data.seen}
	submit={m.save()}
	back="/sprayers/{page.params.id}"
>
	<div class="grid grid-cols-2 items-start gap-4.5 phone:grid-cols-1">
		<div class="card grid gap-3.5 content-start py-4.5 px-5">
			<Field
				name="name"
				label={m.what_you_call_it_title()}
				bind:value={$text.name}
				problem={problems.name}
				hint={twoSided(sprayer) ? m.left_only_both_sides() : carried ? m.orifice_3_lever() : m.second_gear_3_bar()}
				required
			/>
			{#if sprayer.sections.length > 1 && !carried}
				<fieldset class="flex flex-wrap gap-2">
					<legend class="mb-1 font-semibold">{m.what_sprays()}</legend>
					{#each parts as part, i (i)}
						<label class:on={$text.on.includes(i)}>
							<input type="checkbox" name="on" value={i} bind:group={$text.on} />
							{part}
						</label>
					{/each}
					{#if problems.on}<p class="problem" role="alert">✕ {problems.on}</p>{/if}
				</fieldset>
			{/if}
			{#if sprayer.tips}
				<Field
					name="tip"
					type="choice"
					label={m.tip_that_is_turned_down()}
					bind:value={$text.tip}
					problem={problems.tip}
					options={[
						...($text.tip === '' ? [{ value: '', label: m.not_said() }] : []),
						...sprayer.tips.map((t) => ({ value: t.name, label: t.name }))
					]}
				/>
			{/if}
			{#if asksOtherSide(sprayer, off)}
				<fieldset class="flex flex-wrap gap-2">
					<legend class="mb-1 font-semibold">{m.the_other_side_of_each_row()}</legend>
					{#each otherSides as side (side)}
						<label class:on={$text.otherSide === side}>
							<input type="radio" name="otherSide" value={side} bind:group={$text.otherSide} />
							{otherSideWords[side]}
						</label>
					{/each}
					{#if problems.otherSide}<p class="problem" role="alert">✕ {problems.otherSide}</p>{/if}
				</fieldset>
			{/if}
			{#if !carried}
				<Field
					name="gear"
					label={m.gear_title()}
					bind:value={$text.gear}
					problem={problems.gear}
					hint={m.as_you_call_it_like_b2()}
				/>
				<Field
					name="rpm"
					label={m.engine_or_pto_rpm()}
					inputmode="numeric"
					bind:value={$text.rpm}
					problem={problems.rpm}
				/>
			{/if}
			<Field
				name="pressure"
				label={m.pressure_at_the_gauge()}
				bind:value={$text.pressure}
				problem={problems.pressure}
				hint={m.no_unit_means_pressure({ pressure: units.pressure })}
			/>
			<Field
				name="note"
				label={carried ? m.orifice_dial_or_strokes() : m.note()}
				bind:value={$text.note}
				problem={problems.note}
				hint={carried ? m.orifice_3_20_strokes_a_minute() : ''}
			/>
		</div>
		<div class="card h-80 p-4 phone:h-55"><SprayerDrawing {sprayer} {off} width="" /></div>
	</div>
</EditPage>

<style>
	fieldset label {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 48px;
		padding: 0 14px;
		border: 2px dashed var(--straw-edge);
		border-radius: 6px;
		background: var(--straw-wash);
		color: var(--straw-text);
		cursor: pointer;
	}
	fieldset label.on {
		border: 2px solid var(--dye);
		background: var(--dye-wash);
		color: var(--dye-text);
	}
</style>
