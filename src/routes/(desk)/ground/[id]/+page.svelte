<script lang="ts">
	import { m } from '$words';
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
	import Fold from '$lib/kit/Fold.svelte';
	import { unitsLike } from '$lib/settings/unit-lists';

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

<svelte:head><title>{m.fallow_which({ which: data.isNew ? m.a_block() : name })}</title></svelte:head>

<EditPage
	title={data.isNew ? m.add_a_block() : name}
	{form}
	seen={data.seen}
	action="?/keep"
	submit={m.save()}
	back="/ground"
>
	<div class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] items-start gap-3.5 phone:grid-cols-1">
		<section class="card">
			<div class="grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-3 items-start phone:grid-cols-1">
				<Field name="name" label={m.name()} bind:value={$text.name} problem={problems.name} required />
				<Field
					type="choice"
					name="kind"
					label={m.kind()}
					bind:value={$text.kind}
					problem={problems.kind}
					options={blockKinds.map((kind) => ({ value: kind, label: blockKindWords[kind] }))}
				/>
				<Field name="crop" label={m.crop()} bind:value={$text.crop} problem={problems.crop} />
				<Field name="stage" label={m.stage()} bind:value={$text.stage} problem={problems.stage} />
				<Field
					name="harvested"
					label={m.last_harvest_ended_on()}
					type="date"
					bind:value={$text.harvested}
					problem={problems.harvested}
					hint={m.a_labels_season_maximum_counts_from()}
				/>
				<Field
					name="altitude"
					label={m.above_the_sea({ side: units.side })}
					bind:value={$text.altitude}
					problem={problems.altitude}
					hint={m.for_delta_t_empty_as_at()}
				/>
			</div>
			<h2 class="text-[1.15rem]">{m.area()}</h2>
			<Segmented
				label={m.area_by()}
				options={extents.map((value) => ({ value, label: extentWords[value] }))}
				value={$text.by as (typeof extents)[number]}
				onchange={(by) => ($text.by = by)}
			/>
			<div class="grid gap-x-4.5 gap-y-3 items-start grid-cols-3 phone:grid-cols-1">
				{#if $text.by === 'area'}
					<Field
						name="area"
						units={unitsLike(units.area)}
						label={m.area()}
						bind:value={$text.area}
						problem={problems.area}
					/>
				{:else if $text.by === 'sides'}
					<Field
						name="length"
						units={unitsLike(units.side)}
						label={m.length()}
						bind:value={$text.length}
						problem={problems.length}
					/>
					<Field
						name="width"
						units={unitsLike(units.side)}
						label={m.width()}
						bind:value={$text.width}
						problem={problems.width}
					/>
				{:else if $text.by === 'rows'}
					<Field name="rows" label={m.rows()} bind:value={$text.rows} problem={problems.rows} inputmode="numeric" />
					<Field
						name="length"
						units={unitsLike(units.side)}
						label={m.row_length_title()}
						bind:value={$text.length}
						problem={problems.length}
					/>
				{:else if $text.by === 'trees'}
					<Field name="trees" label={m.trees()} bind:value={$text.trees} problem={problems.trees} inputmode="numeric" />
					<Field
						name="inRow"
						units={unitsLike(units.side)}
						label={m.tree_to_tree_title()}
						bind:value={$text.inRow}
						problem={problems.inRow}
					/>
				{:else}<p class="lab">{m.what_the_boundary_below_encloses_less()}</p>{/if}
				{#if $text.by === 'rows' || $text.by === 'trees' || $text.kind === 'orchard'}
					<Field
						name="spacing"
						units={unitsLike(units.side)}
						label={m.row_to_row()}
						bind:value={$text.spacing}
						problem={problems.spacing}
					/>
				{/if}
			</div>
			<p class="answer" aria-live="polite">
				<span class="num text-[3rem] leading-none">{area ?? '–'}</span>
				{units.area}
			</p>
			<Field name="notes" label={m.notes()} bind:value={$text.notes} problem={problems.notes} />
		</section>
		<section class="card">
			<h2 class="text-[1.15rem]">{m.beside_it()}</h2>
			<p class="lab">{m.what_must_not_be_sprayed_onto()}</p>
			{#each neighbours as n, i (i)}
				<div class="grid grid-cols-[1fr_1fr] gap-x-3.5 gap-y-2 items-end pb-3 border-b border-b-hair">
					<Field
						type="choice"
						label={m.what()}
						bind:value={() => n.what, (what) => (neighbours[i] = { ...n, what: what as Neighbour['what'] })}
						options={neighbourKinds.map((what) => ({ value: what, label: neighbourWords[what] }))}
					/>
					<Field
						type="choice"
						label={m.side_title()}
						bind:value={() => n.side, (side) => (neighbours[i] = { ...n, side: side as Neighbour['side'] })}
						options={compass.map((side) => ({ value: side, label: compassWords[side] }))}
					/>
					<Field label={m.note()} bind:value={() => n.note, (note) => (neighbours[i] = { ...n, note })} />
					<button type="button" class="btn plain" onclick={() => neighbours.splice(i, 1)}
						>{m.take_off()}<span class="sr-only">: {neighbourWords[n.what]}</span></button
					>
				</div>
			{/each}
			<button
				type="button"
				class="btn plain justify-self-start"
				onclick={() => neighbours.push({ what: 'water', side: 'N', note: '' })}>{m.add_what_lies_beside_it()}</button
			>
		</section>
		<section class="card col-span-full">
			<h2 class="text-[1.15rem]">{m.boundary()}</h2>
			{#if problems.drawn}<p class="problem" role="alert">✕ {problems.drawn}</p>{/if}
			<BoundaryMap {boundary} others={data.others} {settings} onchange={drawn} />
			{#if simple}
				<Fold title={m.its_corners_typed()}>
					<Field
						type="lines"
						label={m.latitude_longitude_a_corner_a_line()}
						rows={6}
						bind:value={corners}
						onchange={typedCorners}
						problem={cornersProblem || undefined}
						hint={m.like_47_10512_8_50321_it()}
					/>
				</Fold>
			{/if}
		</section>
	</div>
	{#snippet more()}
		{#if !data.isNew && !data.away}<a class="btn plain" href="/jobs/new?block={page.params.id}"
				>{m.plan_a_job_on_it()}</a
			>{/if}
		{#if !data.isNew}
			<button class="btn plain ml-auto" formaction="?/away" name="away" value={data.away ? 'no' : 'yes'}
				>{data.away ? m.restore() : m.archive()}</button
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
