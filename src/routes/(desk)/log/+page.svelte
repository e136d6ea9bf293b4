<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { enhance } from '$app/forms';
	import type { ActionData, PageData } from './$types';
	import Actions from '$lib/kit/Actions.svelte';
	import Field from '$lib/kit/Field.svelte';
	import DataTable from '$lib/kit/DataTable.svelte';
	import { sealWords } from '$lib/wording/seals';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	type Row = PageData['page']['rows'][number];
	const settings = $derived(data.farm.settings);
	const filter = $derived(data.filter);
	const filtered = $derived(Object.entries(filter).some(([name, value]) => name !== 'after' && value !== ''));
	const choices = $derived([
		{ name: 'block', label: 'Block', names: data.names.blocks },
		{ name: 'product', label: 'Product', names: data.names.products },
		{ name: 'operator', label: 'Operator', names: data.names.operators },
		{ name: 'sprayer', label: 'Sprayer', names: data.names.sprayers }
	] as const);
	const query = (change: Record<string, string>) => {
		const all = { ...filter, ...change };
		return new URLSearchParams(Object.entries(all).filter(([, v]) => v !== '')).toString();
	};
	/** On a phone the filters stand behind a button, and those that are on beside it. */
	let filtering = $state(false);
	const on = $derived(
		(['block', 'product', 'operator', 'sprayer', 'group', 'target', 'from', 'to'] as const).flatMap((name) => {
			const value = filter[name];
			if (value === '') return [];
			return [
				{ name, words: name === 'from' || name === 'to' || name === 'group' ? `${name} ${dayText(value)}` : value }
			];
		})
	);
	let seals = $state<HTMLFormElement>();
	const actions = $derived([
		{ label: 'Import records', href: '/log/import' },
		{ label: 'Export as CSV', href: `/log/csv?${query({ after: '' })}`, file: true },
		{ label: 'Export as JSON', href: `/log/json?${query({ after: '' })}`, file: true },
		{ label: 'Export as GeoJSON', href: `/log/geojson?${query({ after: '' })}`, file: true },
		{ label: 'Check the seals', run: () => seals?.requestSubmit() }
	]);
</script>

{#snippet day(row: Row)}<a class="num inline-block py-2" href="/log/{row.id}">{dayText(row.day)}</a>{/snippet}
{#snippet ground(row: Row)}<b>{row.blocks.join(', ')}</b>{/snippet}

<svelte:head><title>Records · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<h1>Records</h1>
		<div class="do">
			<a class="btn" href="/log/season">The season</a>
			<Actions label="Import, export" {actions} />
			<form class="hidden" method="post" action="?/check" use:enhance bind:this={seals}></form>
		</div>
	</div>
	{#if form}
		<p role="status" class:problem={form.broken !== null}>
			{sealWords(form)}
		</p>
	{/if}
	<div class="hidden flex-wrap gap-2 phone:flex">
		<button type="button" class="btn plain" aria-expanded={filtering} onclick={() => (filtering = !filtering)}
			>Filter</button
		>
		{#each on as { name, words } (name)}<a class="btn plain" href="/log?{query({ [name]: '', after: '' })}"
				>{words} <span aria-hidden="true">✕</span><span class="sr-only">, take it off</span></a
			>{/each}
	</div>
	<form
		class:phone:hidden={!filtering}
		class="card grid grid-cols-[repeat(auto-fill,minmax(min(168px,45%),1fr))] gap-x-3 gap-y-2.5 items-end py-3 px-4"
		method="get"
	>
		{#each choices as { name, label, names } (name)}
			<Field
				{name}
				{label}
				type="search"
				value={filter[name]}
				options={[{ value: '', label: 'all' }, ...names.map((one) => ({ value: one, label: one }))]}
			/>
		{/each}
		<Field name="group" label="Group" value={filter.group} />
		<Field name="target" label="Pest or reason" value={filter.target} />
		<Field name="from" type="date" label="From" value={filter.from} />
		<Field name="to" type="date" label="To" value={filter.to} />
		<Field
			name="oldest"
			type="choice"
			label="Order"
			value={filter.oldest}
			options={[
				{ value: '', label: 'newest first' },
				{ value: '1', label: 'oldest first' }
			]}
		/>
		<button class="btn go">Show</button>
		{#if filtered}<a class="btn plain" href="/log">All</a>{/if}
	</form>
	{#if data.page.rows.length === 0}
		<p class="card p-4.5">
			{filtered || filter.after
				? 'No record is like that. Take a filter off.'
				: 'A job that is closed becomes a record here, sealed and kept. Close the first one from Jobs.'}
		</p>
	{:else}
		<DataTable
			label="Records"
			rows={data.page.rows}
			key={(row) => row.id}
			inOrder
			columns={[
				{ id: 'day', header: 'Day', value: (row) => row.day, cell: day },
				{ id: 'ground', header: 'Ground', value: (row) => row.blocks.join(', '), cell: ground },
				{ id: 'products', header: 'Products', value: (row) => row.products.join(', ') },
				{ id: 'group', header: 'Group', value: (row) => [...new Set(row.groups)].join(', ') },
				{ id: 'target', header: 'For', value: (row) => row.target },
				{ id: 'operator', header: 'By', value: (row) => row.operator },
				{ id: 'sprayer', header: 'With', value: (row) => row.sprayer },
				{ id: 'area', header: 'Area', value: (row) => show('area', row.area, settings).text, num: true }
			]}
		/>
		<div class="flex gap-2.5">
			{#if filter.after}<a class="btn plain" href="/log?{query({ after: '' })}">← To the first page</a>{/if}
			{#if data.page.next}<a class="btn" href="/log?{query({ after: data.page.next })}">The next 50 →</a>{/if}
		</div>
	{/if}
</main>
