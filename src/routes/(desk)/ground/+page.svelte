<script lang="ts">
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

<svelte:head><title>Ground · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{data.away ? 'Ground put away' : 'Ground'}</h1>
			<p class="lab">
				{data.blocks.length}
				{data.blocks.length === 1 ? 'block' : 'blocks'}{data.blocks.length > 0 ? `, ${area(total)} in all` : ''}
			</p>
		</div>
		<span class="do">
			<a class="btn" href="/ground/geojson" data-sveltekit-reload>GeoJSON out</a>
			<a class="btn" href="/ground/import">Boundaries in</a>
			<a class="btn go" href="/ground/new">Add a block</a>
		</span>
	</div>
	{#if data.blocks.length === 0 && !data.away}
		<p class="card empty">
			Fields, orchard blocks, beds, strips and walls belong here, each with its area: as you know it, from its rows or
			trees, or from a boundary. Add the first one.
		</p>
	{/if}
	<ul>
		{#each data.blocks as { id, block, area: m2 } (id)}
			<li class="card">
				<BlockMini {block} />
				<div>
					<h2><a href="/ground/{id}">{block.name}</a></h2>
					<p class="lab">{[blockKindWords[block.kind], block.crop, block.stage].filter(Boolean).join(' · ')}</p>
					<p><span class="num">{show('area', m2, settings).figure}</span> {show('area', m2, settings).unit}</p>
					{#if data.states[block.name]}
						<BlockKeeps states={[data.states[block.name]!]} ids={{}} now={data.now} timeZone={settings.timeZone} bare />
					{/if}
					{#each block.neighbours as n, i (i)}
						<p class="look">▲ {neighbourWords[n.what]} to the {compassWords[n.side]}{n.note ? `: ${n.note}` : ''}</p>
					{/each}
				</div>
			</li>
		{/each}
	</ul>
	{#if data.away}<p><a href="/ground">Ground in use ({data.others})</a></p>
	{:else if data.others > 0}<p><a href="/ground?away=yes">Put away ({data.others})</a></p>{/if}
</main>

<style>
	.empty {
		padding: 18px;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
		gap: 14px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 16px;
		align-items: start;
		padding: 14px 18px;
	}
	h2 {
		font-size: 1.3rem;
	}
	.num {
		font-size: 2rem;
		line-height: 1.15;
	}
	.look {
		color: var(--amber-text);
		font-size: 0.95rem;
		font-weight: 600;
	}
</style>
