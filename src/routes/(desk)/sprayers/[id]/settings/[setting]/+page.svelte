<script lang="ts">
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { isCarried, otherSides, twoSided } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import EditPage from '$lib/kit/EditPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import RigDrawing from '$lib/sprayer/RigDrawing.svelte';
	import { fieldUnits } from '$lib/settings/field-units';
	import { asksOtherSide } from '$lib/forms/setting-form';
	import { otherSideWords } from '$lib/wording/airblast';
	import { namesOf } from '$lib/wording/nozzle-names';

	let { data }: { data: PageData } = $props();
	const form = openForm(untrack(() => data.form));
	const { form: text, errors } = form;
	const problems = $derived(firstErrors($errors));
	const name = untrack(() => data.form.data.name);
	const rig = $derived(data.rig);
	const off = $derived(rig.sections.map((_, i) => i).filter((i) => !$text.on.includes(i)));
	const units = $derived(fieldUnits(data.farm.settings));
	const carried = $derived(isCarried(rig));
	const parts = $derived(rig.sections.map((_, i) => namesOf(rig).section(i)));
</script>

<svelte:head><title>{data.isNew ? 'New setting' : name} · {rig.name} · Fallow</title></svelte:head>

<EditPage
	title="{data.isNew ? 'A setting' : name} of {rig.name}"
	lead="What is on, and what it is set to. Each setting is calibrated by itself: with a part shut, pressure, throw and flow change."
	{form}
	submit="Save"
	back="/sprayers/{page.params.id}"
>
	<div class="grid grid-cols-2 items-start gap-4.5 phone:grid-cols-1">
		<div class="card grid gap-3.5 content-start py-4.5 px-5">
			<Field
				name="name"
				label="What you call it"
				bind:value={$text.name}
				problem={problems.name}
				hint={twoSided(rig) ? 'Left only, both sides.' : carried ? 'Orifice 3, lever.' : 'Second gear, 3 bar.'}
				required
			/>
			{#if rig.sections.length > 1 && !carried}
				<fieldset class="flex flex-wrap gap-2">
					<legend class="mb-1 font-semibold">What sprays</legend>
					{#each parts as part, i (i)}
						<label class:on={$text.on.includes(i)}>
							<input class="w-5.5 h-5.5 accent-dye" type="checkbox" name="on" value={i} bind:group={$text.on} />
							{part}
						</label>
					{/each}
					{#if problems.on}<p class="problem" role="alert">✕ {problems.on}</p>{/if}
				</fieldset>
			{/if}
			{#if rig.tips}
				<Field
					name="tip"
					type="choice"
					label="Tip that is turned down"
					bind:value={$text.tip}
					options={[
						...($text.tip === '' ? [{ value: '', label: 'not said' }] : []),
						...rig.tips.map((t) => ({ value: t.name, label: t.name }))
					]}
				/>
			{/if}
			{#if asksOtherSide(rig, off)}
				<fieldset class="flex flex-wrap gap-2">
					<legend class="mb-1 font-semibold">The other side of each row</legend>
					{#each otherSides as side (side)}
						<label class:on={$text.otherSide === side}>
							<input
								class="w-5.5 h-5.5 accent-dye"
								type="radio"
								name="otherSide"
								value={side}
								bind:group={$text.otherSide}
							/>
							{otherSideWords[side]}
						</label>
					{/each}
					{#if problems.otherSide}<p class="problem" role="alert">✕ {problems.otherSide}</p>{/if}
				</fieldset>
			{/if}
			{#if !carried}
				<Field name="gear" label="Gear" bind:value={$text.gear} hint="As you call it, like B2." />
				<Field name="rpm" label="Engine or PTO rpm" inputmode="numeric" bind:value={$text.rpm} problem={problems.rpm} />
			{/if}
			<Field
				name="pressure"
				label="Pressure at the gauge"
				bind:value={$text.pressure}
				problem={problems.pressure}
				hint="No unit means {units.pressure}."
			/>
			<Field
				name="note"
				label={carried ? 'Orifice, dial or strokes' : 'Note'}
				bind:value={$text.note}
				hint={carried ? 'Orifice 3, 20 strokes a minute.' : ''}
			/>
		</div>
		<div class="card h-80 p-4 phone:h-55"><RigDrawing {rig} {off} width="" /></div>
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
