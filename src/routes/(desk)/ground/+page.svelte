<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
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

<svelte:head><title>{m.fields_fallow()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{data.away ? m.fields_not_in_use() : m.fields()}</h1>
			<p class="lab">
				{m.blocks_count({
					count: data.blocks.length,
					which: data.blocks.length > 0 ? m.in_all_total_after({ total: area(total) }) : ''
				})}
			</p>
		</div>
		<span class="do">
			{#if may('manage')}<a class="btn go" href="/ground/new">{m.add_a_block()}</a>{/if}
			<Actions
				label={m.import_export()}
				actions={[
					{ label: m.import_boundaries(), href: '/ground/import', needs: 'manage' as const },
					{ label: m.export_as_geojson(), href: '/ground/geojson', needs: 'read' as const, file: true }
				]}
			/>
		</span>
	</div>
	{#if data.blocks.length === 0 && !data.away}
		<p class="card p-4.5">
			{m.fields_orchard_blocks_beds_strips_and()}
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
							{m.to_the({
								neighbourWords: neighbourWords[n.what],
								compassWords: compassWords[n.side],
								which: n.note ? `: ${n.note}` : ''
							})}
						</p>
					{/each}
				</div>
			</li>
		{/each}
	</ul>
	{#if data.away}<p><a href="/ground">{m.fields_in_use({ others: data.others })}</a></p>
	{:else if data.others > 0}<p><a href="/ground?away=yes">{m.archived({ others: data.others })}</a></p>{/if}
</main>
