<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { blockKinds, compass, inUnit, neighbourKinds, readBlock, showFigure } from '$core';
	import type { Boundary, Neighbour } from '$core';
	import type { ActionData, PageData } from './$types';
	import BoundaryMap from '$lib/field/BoundaryMap.svelte';
	import FormField from '$lib/kit/FormField.svelte';
	import FormText from '$lib/kit/FormText.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { extents, outlinedArea, readBlockForm } from '$lib/forms/block';
	import { cornersText, readCorners } from '$lib/ground/boundary';
	import { fieldUnits } from '$lib/settings/field-units';
	import { blockKindWords, compassWords, extentWords, neighbourWords } from '$lib/wording/ground';
	import { wordIssue } from '$lib/wording/issues';

	let { data, form: answered }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	let form = $state(untrack(() => ({ ...(answered?.form ?? data.form) })));
	let neighbours = $state<Neighbour[]>(untrack(() => [...data.neighbours]));
	let boundary = $state.raw<Boundary | null>(untrack(() => data.boundary));
	let corners = $state(untrack(() => cornersText(data.boundary)));
	let cornersProblem = $state('');
	const problems = $derived<Record<string, string | undefined>>(answered?.problems ?? {});
	/** The area as it is told so far. */
	const area = $derived.by(() => {
		const read = readBlockForm({ ...form, name: form.name || 'x' }, { neighbours, boundary }, settings);
		const numbers = read.ok ? readBlock(read.value, outlinedArea(boundary)) : null;
		return numbers?.ok ? showFigure(inUnit('area', numbers.value.area, units.area), 4, settings.decimalComma) : null;
	});
	const simple = $derived(!boundary || (boundary.length === 1 && boundary[0]!.length === 1));

	function drawn(b: Boundary | null) {
		boundary = b;
		corners = cornersText(b);
		cornersProblem = '';
		if (b && form.by === 'area' && form.area.trim() === '') form.by = 'boundary';
	}
	function typedCorners() {
		const read = readCorners(corners);
		cornersProblem = read.ok ? '' : wordIssue(read.issues[0]!);
		if (!read.ok) return;
		boundary = read.value;
		if (boundary && form.by === 'area' && form.area.trim() === '') form.by = 'boundary';
	}
</script>

<svelte:head><title>{data.isNew ? 'A block' : data.form.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<h1>{data.isNew ? 'Add a block' : data.form.name}</h1>
	<form
		method="post"
		action="?/keep"
		novalidate
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		<input type="hidden" name="rest" value={JSON.stringify({ neighbours, boundary })} />
		<input type="hidden" name="by" value={form.by} />
		<section class="card">
			<div class="fields">
				<FormField name="name" label="Name" bind:value={form.name} problem={problems.name} required />
				<label class="field"
					>Kind
					<select class="field-input" name="kind" bind:value={form.kind}>
						{#each blockKinds as kind (kind)}<option value={kind}>{blockKindWords[kind]}</option>{/each}
					</select>
				</label>
				<FormField name="crop" label="Crop" bind:value={form.crop} />
				<FormField name="stage" label="Stage" bind:value={form.stage} />
				<FormField
					name="harvested"
					label="Last harvest ended on"
					type="date"
					bind:value={form.harvested}
					problem={problems.harvested}
					hint="A label’s season maximum counts from then."
				/>
				<FormField
					name="altitude"
					label="Above the sea, {units.side}"
					bind:value={form.altitude}
					problem={problems.altitude}
					hint="For Delta-T. Empty: as at the sea."
				/>
			</div>
			<h2>Area</h2>
			<Segmented
				label="Area by"
				options={extents.map((value) => ({ value, label: extentWords[value] }))}
				value={form.by as (typeof extents)[number]}
				onchange={(by) => (form.by = by)}
			/>
			<div class="fields three">
				{#if form.by === 'area'}
					<FormField name="area" label="Area, {units.area}" bind:value={form.area} problem={problems.area} />
				{:else if form.by === 'sides'}
					<FormField name="length" label="Length, {units.side}" bind:value={form.length} problem={problems.length} />
					<FormField name="width" label="Width, {units.side}" bind:value={form.width} problem={problems.width} />
				{:else if form.by === 'rows'}
					<FormField name="rows" label="Rows" bind:value={form.rows} problem={problems.rows} inputmode="numeric" />
					<FormField
						name="length"
						label="Row length, {units.side}"
						bind:value={form.length}
						problem={problems.length}
					/>
				{:else if form.by === 'trees'}
					<FormField name="trees" label="Trees" bind:value={form.trees} problem={problems.trees} inputmode="numeric" />
					<FormField name="inRow" label="Tree to tree, {units.side}" bind:value={form.inRow} problem={problems.inRow} />
				{:else}<p class="lab">What the boundary below encloses, less its holes.</p>{/if}
				{#if form.by === 'rows' || form.by === 'trees' || form.kind === 'orchard'}
					<FormField
						name="spacing"
						label="Row to row, {units.side}"
						bind:value={form.spacing}
						problem={problems.spacing}
					/>
				{/if}
			</div>
			<p class="answer" aria-live="polite">
				<span class="num">{area ?? '–'}</span>
				{units.area}
			</p>
			<FormField name="notes" label="Notes" bind:value={form.notes} />
		</section>
		<section class="card">
			<h2>Beside it</h2>
			<p class="lab">What must not be sprayed onto, and on which side it lies. The wind is held against it.</p>
			{#each neighbours as n, i (i)}
				<div class="beside">
					<label class="field"
						>What
						<select class="field-input" bind:value={neighbours[i]!.what as string}>
							{#each neighbourKinds as what (what)}<option value={what}>{neighbourWords[what]}</option>{/each}
						</select>
					</label>
					<label class="field"
						>Side
						<select class="field-input" bind:value={neighbours[i]!.side as string}>
							{#each compass as side (side)}<option value={side}>{compassWords[side]}</option>{/each}
						</select>
					</label>
					<FormField label="Note" bind:value={() => n.note, (note) => (neighbours[i] = { ...n, note })} />
					<button type="button" class="btn plain" onclick={() => neighbours.splice(i, 1)}
						>Take off<span class="sr-only">: {neighbourWords[n.what]}</span></button
					>
				</div>
			{/each}
			<button
				type="button"
				class="btn plain add"
				onclick={() => neighbours.push({ what: 'water', side: 'N', note: '' })}>Add what lies beside it</button
			>
		</section>
		<section class="card wide">
			<h2>Boundary</h2>
			{#if problems.boundary}<p class="problem" role="alert">✕ {problems.boundary}</p>{/if}
			<BoundaryMap {boundary} others={data.others} {settings} onchange={drawn} />
			{#if simple}
				<details open={cornersProblem !== ''}>
					<summary>Its corners, typed</summary>
					<FormText
						label="Latitude, longitude: a corner a line"
						rows={6}
						bind:value={corners}
						onchange={typedCorners}
						problem={cornersProblem || undefined}
						hint="Like 47.10512, 8.50321. It closes by itself."
					/>
				</details>
			{/if}
		</section>
		<div class="do">
			<button class="btn go big">Keep it</button>
			<a class="btn plain" href="/ground">Back</a>
			{#if !data.isNew && !data.away}<a class="btn plain" href="/jobs/new?block={page.params.id}">Plan a job on it</a
				>{/if}
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
		grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
		gap: 14px;
		align-items: start;
	}
	section {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 12px;
		padding: 14px 20px 18px;
	}
	.wide,
	.do {
		grid-column: 1 / -1;
	}
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 12px 18px;
		align-items: start;
	}
	.three {
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
	h2 {
		font-size: 1.15rem;
	}
	.field {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	.answer .num {
		font-size: 3rem;
		line-height: 1;
	}
	.beside {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px 14px;
		align-items: end;
		padding-bottom: 12px;
		border-bottom: 1px solid var(--hair);
	}
	.add {
		justify-self: start;
	}
	summary {
		min-height: 44px;
		padding-top: 8px;
		font-weight: 600;
		cursor: pointer;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.do {
		position: sticky;
		bottom: 0;
		z-index: 5;
		display: flex;
		gap: 14px;
		padding: 10px 0;
		background: var(--paper);
	}
	.away {
		margin-left: auto;
	}
	@media (max-width: 859px) {
		form,
		.fields,
		.three {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
