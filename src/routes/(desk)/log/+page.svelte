<script lang="ts">
	import { m } from '$words';
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
		{ name: 'block', label: m.block_title(), names: data.names.blocks },
		{ name: 'product', label: m.product_title(), names: data.names.products },
		{ name: 'operator', label: m.operator(), names: data.names.operators },
		{ name: 'sprayer', label: m.sprayer(), names: data.names.sprayers }
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
		{ label: m.import_records(), href: '/log/import', needs: 'manage' as const },
		{ label: m.export_as_csv(), href: `/log/csv?${query({ after: '' })}`, file: true, needs: 'read' as const },
		{ label: m.export_as_json(), href: `/log/json?${query({ after: '' })}`, file: true, needs: 'read' as const },
		{ label: m.export_as_geojson(), href: `/log/geojson?${query({ after: '' })}`, file: true, needs: 'read' as const },
		{ label: m.save_an_anchor(), href: '/log/anchor', file: true, needs: 'read' as const },
		{ label: m.check_the_seals(), run: () => seals?.requestSubmit() }
	]);
</script>

{#snippet day(row: Row)}<a class="num inline-block py-2" href="/log/{row.id}">{dayText(row.day)}</a>{/snippet}
{#snippet ground(row: Row)}<b>{row.blocks.join(', ')}</b>{/snippet}

<svelte:head><title>{m.records_fallow()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<h1>{m.records()}</h1>
		<div class="do">
			<a class="btn" href="/log/season">{m.the_season()}</a>
			<Actions label={m.import_export()} {actions} />
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
			>{m.filter_title()}</button
		>
		{#each on as { name, words } (name)}<a class="btn plain" href="/log?{query({ [name]: '', after: '' })}"
				>{words} <span aria-hidden="true">✕</span><span class="sr-only">{m.take_it_off()}</span></a
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
				options={[{ value: '', label: m.all_inline() }, ...names.map((one) => ({ value: one, label: one }))]}
			/>
		{/each}
		<Field name="group" label={m.group_title()} value={filter.group} />
		<Field name="target" label={m.pest_or_reason()} value={filter.target} />
		<Field name="from" type="date" label={m.from_title()} value={filter.from} />
		<Field name="to" type="date" label={m.to_title()} value={filter.to} />
		<Field
			name="oldest"
			type="choice"
			label={m.order()}
			value={filter.oldest}
			options={[
				{ value: '', label: m.newest_first() },
				{ value: '1', label: m.oldest_first() }
			]}
		/>
		<button class="btn go">{m.show()}</button>
		{#if filtered}<a class="btn plain" href="/log">{m.all()}</a>{/if}
	</form>
	{#if data.page.rows.length === 0}
		<p class="card p-4.5">
			{filtered || filter.after ? m.no_record_is_like_that_take() : m.a_job_that_is_closed_becomes()}
		</p>
	{:else}
		<DataTable
			label={m.records()}
			rows={data.page.rows}
			key={(row) => row.id}
			inOrder
			columns={[
				{ id: 'day', header: m.day(), value: (row) => row.day, cell: day },
				{ id: 'ground', header: m.fields(), value: (row) => row.blocks.join(', '), cell: ground },
				{ id: 'products', header: m.products(), value: (row) => row.products.join(', ') },
				{ id: 'group', header: m.group_title(), value: (row) => [...new Set(row.groups)].join(', ') },
				{ id: 'target', header: m.for_word(), value: (row) => row.target },
				{ id: 'operator', header: m.by(), value: (row) => row.operator },
				{ id: 'sprayer', header: m.with_title(), value: (row) => row.sprayer },
				{ id: 'area', header: m.area(), value: (row) => show('area', row.area, settings).text, num: true }
			]}
		/>
		<div class="flex gap-2.5">
			{#if filter.after}<a class="btn plain" href="/log?{query({ after: '' })}">{m.to_the_first_page()}</a>{/if}
			{#if data.page.next}<a class="btn" href="/log?{query({ after: data.page.next })}">{m.the_next_50()}</a>{/if}
		</div>
	{/if}
</main>
