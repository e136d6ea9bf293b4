<script lang="ts">
	import { enhance } from '$app/forms';
	import { blockKinds, inUnit, showFigure } from '$core';
	import type { BlockKind } from '$core';
	import type { ActionData, PageData } from './$types';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import type { FoundGround } from '$lib/ground/boundary';
	import { fieldUnits } from '$lib/settings/field-units';
	import { readGround } from '$lib/device/read-ground';
	import { boundaryArea } from '$lib/ground/geodesic';
	import { blockKindWords } from '$lib/wording/ground';
	import { wordIssue } from '$lib/wording/issues';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	interface Row {
		readonly ground: FoundGround;
		name: string;
		kind: BlockKind;
		pick: boolean;
	}
	let rows = $state<Row[]>([]);
	let problem = $state('');
	let others = $state(0);
	let busy = $state(false);
	const picked = $derived(rows.filter((r) => r.pick && r.ground.issues.length === 0 && r.name.trim() !== ''));

	async function take(file: File | undefined) {
		if (!file) return;
		busy = true;
		const read = await readGround(file);
		busy = false;
		problem = read.ok ? '' : read.problem;
		others = read.ok ? read.others : 0;
		rows = read.ok
			? read.found.map((ground) => ({ ground, name: ground.name, kind: 'field', pick: ground.issues.length === 0 }))
			: [];
	}
	const area = (ground: FoundGround) =>
		`${showFigure(inUnit('area', boundaryArea(ground.boundary), units.area), 4, settings.decimalComma)} ${units.area}`;
</script>

<svelte:head><title>Boundaries from a file · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Boundaries from a file</h1>
		<p class="lab">
			<b>GeoJSON</b>, <b>KML</b>, or a <b>zipped shapefile</b>, up to 10 MB. Areas are worked out on the ellipsoid (WGS
			84).
		</p>
	</div>
	<label class="btn go"
		>Open a file<input
			class="sr-only"
			type="file"
			accept=".geojson,.json,.kml,.zip,.shp,.dbf"
			onchange={(e) => void take(e.currentTarget.files?.[0])}
		/></label
	>
	{#if busy}<p role="status">Reading the file …</p>{/if}
	{#if problem || form?.message}<p class="problem" role="alert">✕ {problem || form?.message}</p>{/if}
	{#if rows.length > 0}
		<form
			method="post"
			use:enhance={({ formData }) => {
				formData.set(
					'picked',
					JSON.stringify(picked.map((r) => ({ name: r.name, kind: r.kind, boundary: r.ground.boundary })))
				);
				return ({ update }) => update({ reset: false });
			}}
		>
			{#if others > 0}<p class="lab">
					{others} points, lines or empty shapes of the file are no ground and stay out.
				</p>{/if}
			<ul>
				{#each rows as row, i (i)}
					<li class="card" class:bad={row.ground.issues.length > 0}>
						<BlockMini
							block={{
								name: '',
								kind: 'field',
								extent: { by: 'boundary' },
								crop: '',
								stage: '',
								spacing: null,
								neighbours: [],
								notes: '',
								boundary: row.ground.boundary
							}}
						/>
						<div>
							{#if row.ground.issues.length > 0}
								<b>{row.ground.name}</b>
								{#each row.ground.issues as issue, k (k)}<p class="problem">✕ {wordIssue(issue)}</p>{/each}
							{:else}
								<label class="check"><input type="checkbox" bind:checked={row.pick} /> <b>{area(row.ground)}</b></label>
								<input class="field-input" aria-label="Name of {row.ground.name}" bind:value={row.name} />
								<select class="field-input" aria-label="Kind of {row.ground.name}" bind:value={row.kind}>
									{#each blockKinds as kind (kind)}<option value={kind}>{blockKindWords[kind]}</option>{/each}
								</select>
							{/if}
						</div>
					</li>
				{/each}
			</ul>
			<div class="do">
				<a class="btn plain" href="/ground">Back</a>
				<button class="btn go big" disabled={picked.length === 0}>Take in {picked.length || ''}</button>
			</div>
		</form>
	{:else}<a class="btn plain back" href="/ground">Back</a>{/if}
</main>

<style>
	main > .btn {
		justify-self: start;
	}
	.btn:focus-within {
		outline: 3px solid var(--dye);
	}
	form {
		display: grid;
		gap: 14px;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
		gap: 12px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 14px;
		padding: 12px 16px;
	}
	li > div {
		display: grid;
		gap: 6px;
		align-content: start;
	}
	.bad {
		border-left: 6px solid var(--rust);
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 44px;
	}
	.check input {
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.do {
		display: flex;
		justify-content: space-between;
	}
</style>
