<script lang="ts">
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { blockKinds, compass, inUnit, neighbourKinds, readBlock, showFigure } from '$core';
	import type { Boundary, Neighbour } from '$core';
	import type { PageData } from './$types';
	import BoundaryMap from '$lib/field/BoundaryMap.svelte';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import EditPage from '$lib/kit/EditPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { extents, outlinedArea, readBlockForm } from '$lib/forms/block';
	import { cornersText, readCorners } from '$lib/ground/boundary';
	import { fieldUnits } from '$lib/settings/field-units';
	import { blockKindWords, compassWords, extentWords, neighbourWords } from '$lib/wording/ground';
	import { wordIssue } from '$lib/wording/issues';

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
	let neighbours = $state<Neighbour[]>(untrack(() => [...data.drawn.neighbours]));
	let boundary = $state.raw<Boundary | null>(untrack(() => data.drawn.boundary));
	let corners = $state(untrack(() => cornersText(data.drawn.boundary)));
	let cornersProblem = $state('');
	/** The area as it is told so far. */
	const area = $derived.by(() => {
		const read = readBlockForm({ ...$text, name: $text.name || 'x' }, { neighbours, boundary }, settings);
		const numbers = read.ok ? readBlock(read.value, outlinedArea(boundary)) : null;
		return numbers?.ok ? showFigure(inUnit('area', numbers.value.area, units.area), 4, settings.decimalComma) : null;
	});
	// What is drawn and picked goes with the form, and counts as changed like what is typed.
	$effect(() => {
		$text.drawn = JSON.stringify({ neighbours, boundary });
	});
	const simple = $derived(!boundary || (boundary.length === 1 && boundary[0]!.length === 1));

	function drawn(b: Boundary | null) {
		boundary = b;
		corners = cornersText(b);
		cornersProblem = '';
		if (b && $text.by === 'area' && $text.area.trim() === '') $text.by = 'boundary';
	}
	function typedCorners() {
		const read = readCorners(corners);
		cornersProblem = read.ok ? '' : wordIssue(read.issues[0]!);
		if (!read.ok) return;
		boundary = read.value;
		if (boundary && $text.by === 'area' && $text.area.trim() === '') $text.by = 'boundary';
	}
</script>

<svelte:head><title>{data.isNew ? 'A block' : name} · Fallow</title></svelte:head>

<EditPage title={data.isNew ? 'Add a block' : name} {form} action="?/keep" submit="Save" back="/ground">
	<div class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] items-start gap-3.5 phone:grid-cols-1">
		<section class="card">
			<div class="grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-3 items-start phone:grid-cols-1">
				<Field name="name" label="Name" bind:value={$text.name} problem={problems.name} required />
				<Field
					type="choice"
					name="kind"
					label="Kind"
					bind:value={$text.kind}
					options={blockKinds.map((kind) => ({ value: kind, label: blockKindWords[kind] }))}
				/>
				<Field name="crop" label="Crop" bind:value={$text.crop} />
				<Field name="stage" label="Stage" bind:value={$text.stage} />
				<Field
					name="harvested"
					label="Last harvest ended on"
					type="date"
					bind:value={$text.harvested}
					problem={problems.harvested}
					hint="A label’s season maximum counts from then."
				/>
				<Field
					name="altitude"
					label="Above the sea, {units.side}"
					bind:value={$text.altitude}
					problem={problems.altitude}
					hint="For Delta-T. Empty: as at the sea."
				/>
			</div>
			<h2 class="text-[1.15rem]">Area</h2>
			<Segmented
				label="Area by"
				options={extents.map((value) => ({ value, label: extentWords[value] }))}
				value={$text.by as (typeof extents)[number]}
				onchange={(by) => ($text.by = by)}
			/>
			<div class="grid gap-x-4.5 gap-y-3 items-start grid-cols-3 phone:grid-cols-1">
				{#if $text.by === 'area'}
					<Field name="area" label="Area, {units.area}" bind:value={$text.area} problem={problems.area} />
				{:else if $text.by === 'sides'}
					<Field name="length" label="Length, {units.side}" bind:value={$text.length} problem={problems.length} />
					<Field name="width" label="Width, {units.side}" bind:value={$text.width} problem={problems.width} />
				{:else if $text.by === 'rows'}
					<Field name="rows" label="Rows" bind:value={$text.rows} problem={problems.rows} inputmode="numeric" />
					<Field name="length" label="Row length, {units.side}" bind:value={$text.length} problem={problems.length} />
				{:else if $text.by === 'trees'}
					<Field name="trees" label="Trees" bind:value={$text.trees} problem={problems.trees} inputmode="numeric" />
					<Field name="inRow" label="Tree to tree, {units.side}" bind:value={$text.inRow} problem={problems.inRow} />
				{:else}<p class="lab">What the boundary below encloses, less its holes.</p>{/if}
				{#if $text.by === 'rows' || $text.by === 'trees' || $text.kind === 'orchard'}
					<Field
						name="spacing"
						label="Row to row, {units.side}"
						bind:value={$text.spacing}
						problem={problems.spacing}
					/>
				{/if}
			</div>
			<p class="answer" aria-live="polite">
				<span class="num text-[3rem] leading-none">{area ?? '–'}</span>
				{units.area}
			</p>
			<Field name="notes" label="Notes" bind:value={$text.notes} />
		</section>
		<section class="card">
			<h2 class="text-[1.15rem]">Beside it</h2>
			<p class="lab">What must not be sprayed onto, and on which side it lies. The wind is held against it.</p>
			{#each neighbours as n, i (i)}
				<div class="grid grid-cols-[1fr_1fr] gap-x-3.5 gap-y-2 items-end pb-3 border-b border-b-hair">
					<Field
						type="choice"
						label="What"
						bind:value={() => n.what, (what) => (neighbours[i] = { ...n, what: what as Neighbour['what'] })}
						options={neighbourKinds.map((what) => ({ value: what, label: neighbourWords[what] }))}
					/>
					<Field
						type="choice"
						label="Side"
						bind:value={() => n.side, (side) => (neighbours[i] = { ...n, side: side as Neighbour['side'] })}
						options={compass.map((side) => ({ value: side, label: compassWords[side] }))}
					/>
					<Field label="Note" bind:value={() => n.note, (note) => (neighbours[i] = { ...n, note })} />
					<button type="button" class="btn plain" onclick={() => neighbours.splice(i, 1)}
						>Take off<span class="sr-only">: {neighbourWords[n.what]}</span></button
					>
				</div>
			{/each}
			<button
				type="button"
				class="btn plain justify-self-start"
				onclick={() => neighbours.push({ what: 'water', side: 'N', note: '' })}>Add what lies beside it</button
			>
		</section>
		<section class="card col-span-full">
			<h2 class="text-[1.15rem]">Boundary</h2>
			{#if problems.drawn}<p class="problem" role="alert">✕ {problems.drawn}</p>{/if}
			<BoundaryMap {boundary} others={data.others} {settings} onchange={drawn} />
			{#if simple}
				<details open={cornersProblem !== ''}>
					<summary class="min-h-11 pt-2 font-semibold cursor-pointer">Its corners, typed</summary>
					<Field
						type="lines"
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
	</div>
	{#snippet more()}
		{#if !data.isNew && !data.away}<a class="btn plain" href="/jobs/new?block={page.params.id}">Plan a job on it</a
			>{/if}
		{#if !data.isNew}
			<button class="btn plain ml-auto" formaction="?/away" name="away" value={data.away ? 'no' : 'yes'}
				>{data.away ? 'Restore' : 'Archive'}</button
			>
		{/if}
	{/snippet}
</EditPage>

<style>
	section {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 12px;
		padding: 14px 20px 18px;
	}
</style>
