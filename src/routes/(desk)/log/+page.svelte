<script lang="ts">
	import { show } from '$lib/show/show';
	import { enhance } from '$app/forms';
	import type { ActionData, PageData } from './$types';
	import { sealWords } from '$lib/wording/seals';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const filter = $derived(data.filter);
	const filtered = $derived(Object.entries(filter).some(([name, value]) => name !== 'after' && value !== ''));
	const query = (change: Record<string, string>) => {
		const all = { ...filter, ...change };
		return new URLSearchParams(Object.entries(all).filter(([, v]) => v !== '')).toString();
	};
</script>

<svelte:head><title>Log · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<h1>Log</h1>
		<div class="do">
			<a class="btn" href="/log/season">The season</a>
			<a class="btn" href="/log/import">Records in</a>
			<a class="btn plain" href="/log/csv?{query({ after: '' })}" data-sveltekit-reload>CSV</a>
			<a class="btn plain" href="/log/json?{query({ after: '' })}" data-sveltekit-reload>JSON</a>
			<a class="btn plain" href="/log/geojson?{query({ after: '' })}" data-sveltekit-reload>GeoJSON</a>
			<form method="post" action="?/check" use:enhance><button class="btn plain">Check the seals</button></form>
		</div>
	</div>
	{#if form}
		<p role="status" class:problem={form.broken !== null}>
			{sealWords(form)}
		</p>
	{/if}
	<form class="card filter" method="get">
		<label
			>Block<select class="field-input" name="block" value={filter.block}>
				<option value="">all</option>
				{#each data.names.blocks as name (name)}<option>{name}</option>{/each}
			</select></label
		>
		<label
			>Product<select class="field-input" name="product" value={filter.product}>
				<option value="">all</option>
				{#each data.names.products as name (name)}<option>{name}</option>{/each}
			</select></label
		>
		<label>Group<input class="field-input" name="group" value={filter.group} /></label>
		<label
			>Operator<select class="field-input" name="operator" value={filter.operator}>
				<option value="">all</option>
				{#each data.names.operators as name (name)}<option>{name}</option>{/each}
			</select></label
		>
		<label
			>Sprayer<select class="field-input" name="sprayer" value={filter.sprayer}>
				<option value="">all</option>
				{#each data.names.sprayers as name (name)}<option>{name}</option>{/each}
			</select></label
		>
		<label>Pest or reason<input class="field-input" name="target" value={filter.target} /></label>
		<label>From<input class="field-input" type="date" name="from" value={filter.from} /></label>
		<label>To<input class="field-input" type="date" name="to" value={filter.to} /></label>
		<label
			>Order<select class="field-input" name="oldest" value={filter.oldest}>
				<option value="">newest first</option>
				<option value="1">oldest first</option>
			</select></label
		>
		<button class="btn go">Show</button>
		{#if filtered}<a class="btn plain" href="/log">All</a>{/if}
	</form>
	{#if data.page.rows.length === 0}
		<p class="card empty">
			{filtered || filter.after
				? 'No record is like that. Take a filter off.'
				: 'A job that is closed becomes a record here, sealed and kept. Close the first one from Jobs.'}
		</p>
	{:else}
		<div class="card ledger-scroll">
			<table class="ledger">
				<thead>
					<tr
						><th scope="col">Day</th><th scope="col">Ground</th><th scope="col">Products</th><th scope="col">Group</th
						><th scope="col">For</th><th scope="col">By</th><th scope="col">With</th><th scope="col">Area</th></tr
					>
				</thead>
				<tbody>
					{#each data.page.rows as row (row.id)}
						<tr>
							<td class="num"><a href="/log/{row.id}">{row.day}</a></td>
							<td><b>{row.blocks.join(', ')}</b></td>
							<td>{row.products.join(', ')}</td>
							<td>{[...new Set(row.groups)].join(', ')}</td>
							<td>{row.target}</td>
							<td>{row.operator}</td>
							<td>{row.sprayer}</td>
							<td class="num">{show('area', row.area, settings).text}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		<div class="more">
			{#if filter.after}<a class="btn plain" href="/log?{query({ after: '' })}">← To the first page</a>{/if}
			{#if data.page.next}<a class="btn" href="/log?{query({ after: data.page.next })}">The next 50 →</a>{/if}
		</div>
	{/if}
</main>

<style>
	.filter {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(168px, 45%), 1fr));
		gap: 10px 12px;
		align-items: end;
		padding: 12px 16px;
	}
	label {
		display: grid;
		gap: 3px;
		min-width: 0;
		font-weight: 600;
		font-size: 0.92rem;
	}
	.field-input {
		min-width: 0;
		width: 100%;
		font-size: 1rem;
	}
	@media (max-width: 859px) {
		[type='date'] {
			padding-inline: 6px;
			font-size: 0.92rem;
		}
	}
	.empty {
		padding: 18px;
	}
	.ledger-scroll {
		padding: 0 16px;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.more {
		display: flex;
		gap: 10px;
	}
</style>
