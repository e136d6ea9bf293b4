<script lang="ts">
	import Actions from '$lib/kit/Actions.svelte';
	import { show } from '$lib/show/show';
	import type { PageData } from './$types';
	import BlockKeeps from '$lib/field/BlockKeeps.svelte';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import { blockKindWords, compassWords, neighbourWords } from '$lib/wording/ground';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const area = (m2: number) => show('area', m2, settings).text;
	const total = $derived(data.blocks.reduce((sum, b) => sum + b.area, 0));
</script>

<svelte:head><title>Fields · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{data.away ? 'Fields not in use' : 'Fields'}</h1>
			<p class="lab">
				{data.blocks.length}
				{data.blocks.length === 1 ? 'block' : 'blocks'}{data.blocks.length > 0 ? `, ${area(total)} in all` : ''}
			</p>
		</div>
		<span class="do">
			<a class="btn go" href="/ground/new">Add a block</a>
			<Actions
				label="Import, export"
				actions={[
					{ label: 'Import boundaries', href: '/ground/import' },
					{ label: 'Export as GeoJSON', href: '/ground/geojson', file: true }
				]}
			/>
		</span>
	</div>
	{#if data.blocks.length === 0 && !data.away}
		<p class="card p-4.5">
			Fields, orchard blocks, beds, strips and walls belong here, each with its area: as you know it, from its rows or
			trees, or from a boundary. Add the first one.
		</p>
	{/if}
	<ul class="grid grid-cols-[repeat(auto-fill,minmax(min(380px,100%),1fr))] gap-3.5">
		{#each data.blocks as { id, block, area: m2 } (id)}
			<li class="card grid grid-cols-[auto_minmax(0,1fr)] gap-4 items-start py-3.5 px-4.5">
				<BlockMini {block} />
				<div>
					<h2 class="text-[1.3rem]"><a href="/ground/{id}">{block.name}</a></h2>
					<p class="lab">{[blockKindWords[block.kind], block.crop, block.stage].filter(Boolean).join(' · ')}</p>
					<p>
						<span class="num text-[2rem] leading-[1.15]">{show('area', m2, settings).figure}</span>
						{show('area', m2, settings).unit}
					</p>
					{#if data.states[block.name]}
						<BlockKeeps states={[data.states[block.name]!]} ids={{}} now={data.now} timeZone={settings.timeZone} bare />
					{/if}
					{#each block.neighbours as n, i (i)}
						<p class="look text-[0.95rem]">
							▲ {neighbourWords[n.what]} to the {compassWords[n.side]}{n.note ? `: ${n.note}` : ''}
						</p>
					{/each}
				</div>
			</li>
		{/each}
	</ul>
	{#if data.away}<p><a href="/ground">Fields in use ({data.others})</a></p>
	{:else if data.others > 0}<p><a href="/ground?away=yes">Archived ({data.others})</a></p>{/if}
</main>
