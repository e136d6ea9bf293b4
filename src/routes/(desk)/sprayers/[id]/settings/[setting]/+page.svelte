<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { isCarried, otherSides, twoSided } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import RigDrawing from '$lib/sprayer/RigDrawing.svelte';
	import { sectionName } from '$lib/drawings/boom-geometry';
	import { fieldUnits } from '$lib/settings/field-units';
	import type { SettingForm } from '$lib/forms/setting-form';
	import { asksOtherSide } from '$lib/forms/setting-form';
	import { otherSideWords } from '$lib/wording/airblast';
	import { namesOf } from '$lib/wording/nozzle-names';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const rig = $derived(data.rig);
	const units = $derived(fieldUnits(data.farm.settings));
	const carried = $derived(isCarried(rig));
	let text = $state<SettingForm>(untrack(() => ({ ...(form?.form ?? data.form) })));
	const problems = $derived<Record<string, string | undefined>>(form?.problems ?? {});
	const parts = $derived(
		rig.sections.map((_, i) => (twoSided(rig) ? namesOf(rig).section(i) : sectionName(i, rig.sections.length)))
	);
	const toggle = (i: number) =>
		(text.off = text.off.includes(i) ? text.off.filter((s) => s !== i) : [...text.off, i].sort((a, b) => a - b));
</script>

<svelte:head><title>{data.isNew ? 'New setting' : data.form.name} · {rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{data.isNew ? 'A setting' : data.form.name} of <a href="/sprayers/{page.params.id}">{rig.name}</a></h1>
		<p class="lab">
			What is on, and what it is set to. Each setting is calibrated by itself: with a part shut, pressure, throw and
			flow change.
		</p>
	</div>
	<form
		method="post"
		use:enhance={() =>
			async ({ update }) =>
				update({ reset: false })}
	>
		<div class="card fields">
			<FormField
				name="name"
				label="What you call it"
				bind:value={text.name}
				problem={problems.name}
				hint={twoSided(rig) ? 'Left only, both sides.' : carried ? 'Orifice 3, lever.' : 'Second gear, 3 bar.'}
				required
			/>
			{#if rig.sections.length > 1 && !carried}
				<fieldset>
					<legend>What sprays</legend>
					{#each parts as part, i (i)}
						<label class:on={!text.off.includes(i)}>
							<input type="checkbox" name="on" value={i} checked={!text.off.includes(i)} onchange={() => toggle(i)} />
							{part}
						</label>
					{/each}
					{#if problems.off}<p class="problem" role="alert">✕ {problems.off}</p>{/if}
				</fieldset>
			{/if}
			{#if asksOtherSide(rig, text.off)}
				<fieldset>
					<legend>The other side of each row</legend>
					{#each otherSides as side (side)}
						<label class:on={text.otherSide === side}>
							<input type="radio" name="otherSide" value={side} bind:group={text.otherSide} />
							{otherSideWords[side]}
						</label>
					{/each}
					{#if problems.otherSide}<p class="problem" role="alert">✕ {problems.otherSide}</p>{/if}
				</fieldset>
			{/if}
			{#if !carried}
				<FormField name="gear" label="Gear" bind:value={text.gear} hint="As you call it, like B2." />
				<FormField
					name="rpm"
					label="Engine or PTO rpm"
					inputmode="numeric"
					bind:value={text.rpm}
					problem={problems.rpm}
				/>
			{/if}
			<FormField
				name="pressure"
				label="Pressure at the gauge"
				bind:value={text.pressure}
				problem={problems.pressure}
				hint="A bare number is {units.pressure}."
			/>
			<FormField
				name="note"
				label={carried ? 'Orifice, dial or strokes' : 'Note'}
				bind:value={text.note}
				hint={carried ? 'Orifice 3, 20 strokes a minute.' : ''}
			/>
		</div>
		<div class="side">
			<div class="card drawing"><RigDrawing {rig} off={text.off} width="" /></div>
			<div class="do">
				<a class="btn plain" href="/sprayers/{page.params.id}">Back</a>
				<button class="btn go big">Keep it</button>
			</div>
		</div>
	</form>
</main>

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 18px;
	}
	.fields {
		display: grid;
		gap: 14px;
		align-content: start;
		padding: 18px 20px;
	}
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0;
		margin-bottom: 4px;
		font-weight: 600;
	}
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
	fieldset input {
		width: 22px;
		height: 22px;
		accent-color: var(--dye);
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.side {
		display: flex;
		flex-direction: column;
		gap: 16px;
	}
	.drawing {
		height: 320px;
		padding: 16px;
	}
	.do {
		display: flex;
		justify-content: flex-end;
		align-items: center;
		gap: 12px;
	}
	@media (max-width: 859px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
		.drawing {
			height: 220px;
		}
	}
</style>
