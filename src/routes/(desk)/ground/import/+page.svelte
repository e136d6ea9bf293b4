<script lang="ts">
	import { m } from '$words';
	import Field from '$lib/kit/Field.svelte';
	import FileDrop from '$lib/kit/FileDrop.svelte';
	import PiecesBar from '$lib/kit/PiecesBar.svelte';
	import { Pieces, piecesOf } from '$lib/kit/pieces.svelte';
	import { postAction } from '$lib/kit/post-action';
	import { goto, invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { blockKinds, inUnit, longest, showFigure, tooLong } from '$core';
	import type { BlockKind } from '$core';
	import type { PageData } from './$types';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import type { FoundGround } from '$lib/ground/boundary';
	import { fieldUnits } from '$lib/settings/field-units';
	import { readGround } from '$lib/device/read-ground';
	import { boundaryArea } from '$lib/ground/geodesic';
	import { blockKindWords } from '$lib/wording/ground';
	import { wordIssue } from '$lib/wording/issues';

	let { data }: { data: PageData } = $props();
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
	/** A name from a file may be longer than a field's is kept: it is told at its place, never cut. */
	const long = $derived(picked.some((r) => r.name.trim().length > longest.name));

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
	const pieces = new Pieces();
	/** As one piece goes over the wire, characters: well under what the server takes. */
	const pieceSize = 300_000;
	/** Boundaries go piece by piece, since a file of ten megabytes is more than one message takes; what was taken leaves the list. */
	async function send() {
		problem = '';
		const texts = picked.map((row) => ({
			row,
			text: JSON.stringify({ name: row.name, kind: row.kind, boundary: row.ground.boundary })
		}));
		const end = await pieces.run(
			piecesOf(texts, (one) => one.text.length + 1, pieceSize),
			async (piece) => {
				const sent = new FormData();
				sent.set('picked', `[${piece.map((one) => one.text).join(',')}]`);
				const result = await postAction(page.url.pathname, sent);
				if (result.type === 'failure') problem = String(result.data?.message ?? m.class_no_answer());
				if (result.type === 'error') problem = m.class_no_answer();
				if (result.type === 'failure' || result.type === 'error') return false;
				const taken = new Set(piece.map((one) => one.row));
				rows = rows.filter((row) => !taken.has(row));
				return true;
			}
		);
		if (end === 'all') await goto('/ground', { invalidateAll: true });
		else await invalidateAll();
	}
	const area = (ground: FoundGround) =>
		`${showFigure(inUnit('area', boundaryArea(ground.boundary), units.area), 4, settings.decimalComma)} ${units.area}`;
</script>

<svelte:head><title>{m.boundaries_from_a_file_fallow()}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.boundaries_from_a_file()}</h1>
		<p class="lab">
			<b>GeoJSON</b>, <b>KML</b>{m.or_a()} <b>{m.zipped_shapefile()}</b>{m.up_to_10_mb_areas_are()}
		</p>
	</div>
	<FileDrop label={m.open_a_file()} accept=".geojson,.json,.kml,.zip,.shp,.dbf" ontake={(file) => void take(file)} />
	{#if busy}<p role="status">{m.reading_the_file()}</p>{/if}
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
	{#if pieces.busy}<PiecesBar {pieces} />{/if}
	{#if rows.length > 0}
		<form
			class="grid gap-3.5"
			method="post"
			onsubmit={(event) => {
				event.preventDefault();
				void send();
			}}
		>
			{#if others > 0}<p class="lab">
					{m.points_lines_or_empty_shapes_of({ others })}
				</p>{/if}
			<ul class="grid grid-cols-[repeat(auto-fill,minmax(min(380px,100%),1fr))] gap-3">
				{#each rows as row, i (i)}
					<li
						class="card grid grid-cols-[auto_minmax(0,1fr)] gap-3.5 py-3 px-4"
						class:bad={row.ground.issues.length > 0}
					>
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
						<div class="grid gap-1.5 content-start">
							{#if row.ground.issues.length > 0}
								<b>{row.ground.name}</b>
								{#each row.ground.issues as issue, k (k)}<p class="problem">✕ {wordIssue(issue)}</p>{/each}
							{:else}
								<label class="check min-h-11"
									><input type="checkbox" bind:checked={row.pick} /> <b>{area(row.ground)}</b></label
								>
								<Field
									label={m.name_of({ name: row.ground.name })}
									bind:value={row.name}
									problem={tooLong('name', row.name, longest.name).map(wordIssue)[0]}
								/>
								<Field
									type="choice"
									label={m.kind_of({ name: row.ground.name })}
									bind:value={() => row.kind, (kind) => (row.kind = kind as BlockKind)}
									options={blockKinds.map((kind) => ({ value: kind, label: blockKindWords[kind] }))}
								/>
							{/if}
						</div>
					</li>
				{/each}
			</ul>
			<div class="flex justify-between">
				<a class="btn plain" href="/ground">{m.back_title()}</a>
				<button class="btn go big" disabled={picked.length === 0 || long || pieces.busy}
					>{m.take_in_count({ count: picked.length || '' })}</button
				>
			</div>
		</form>
	{:else}<a class="btn plain back justify-self-start" href="/ground">{m.back_title()}</a>{/if}
</main>

<style>
	.btn:focus-within {
		outline: 3px solid var(--dye);
	}
	.bad {
		border-left: 6px solid var(--rust);
	}
</style>
