<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
	import Actions from '$lib/kit/Actions.svelte';
	import { show } from '$lib/show/show';
	import type { PageData } from './$types';
	import BlockKeeps from '$lib/field/BlockKeeps.svelte';
	import FarmMap from '$lib/field/FarmMap.svelte';
	import BlockMini from '$lib/drawings/BlockMini.svelte';
	import { blockKindWords, neighbourTold } from '$lib/wording/ground';
	import { keepAtWork, keepsOf } from '$lib/show/keeps';
	import { timeAt } from '$lib/settings/farm-time';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const area = (m2: number) => show('area', m2, settings).text;
	/** Each block for the picture, with the first thing that keeps people or a harvest off it. */
	const shown = $derived(
		data.blocks.map(({ id, block, area: m2 }) => {
			const state = data.states[block.name];
			const atWork = data.atWork.find((w) => w.block === block.name);
			const clock = (s: number) => timeAt(settings, s * 1000);
			const keep = atWork ? keepAtWork(atWork) : state && keepsOf(state, data.now, clock)[0];
			return {
				id,
				name: block.name,
				boundary: block.boundary,
				area: m2,
				keep: keep ? { kind: keep.kind, text: m.keep_left({ what: keep.what, left: keep.left }) } : null
			};
		})
	);
	const bare = $derived(data.blocks.filter((b) => b.block.boundary === null).length);
	const drawn = $derived(data.blocks.length > bare);
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
	<div
		class={drawn
			? 'grid gap-4 grid-cols-[minmax(0,1fr)] items-start min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]'
			: ''}
	>
		{#if drawn}
			<div
				class="grid h-80 grid-rows-[minmax(0,1fr)_auto] gap-1.5 min-[1000px]:sticky min-[1000px]:top-4 min-[1000px]:order-1 min-[1000px]:h-[calc(100dvh-190px)] min-[1000px]:min-h-105"
			>
				<FarmMap blocks={shown} {settings} />
				{#if bare > 0}<p class="lab">{m.no_boundary_not_in_the_picture({ count: bare })}</p>{/if}
			</div>
		{/if}
		<ul class="grid content-start gap-2.5 {drawn ? '' : 'grid-cols-[repeat(auto-fill,minmax(min(420px,100%),1fr))]'}">
			{#each data.blocks as { id, block, area: m2 } (id)}
				{@const size = show('area', m2, settings)}
				{@const atWork = data.atWork.filter((w) => w.block === block.name)}
				<li class="card grid grid-cols-[84px_minmax(0,1fr)_auto] gap-x-4 gap-y-1.5 items-center py-2.5 px-4">
					<BlockMini {block} />
					<div>
						<h2 class="text-[1.3rem]"><a class="tap" href="/ground/{id}">{block.name}</a></h2>
						<p class="lab">{[blockKindWords[block.kind], block.crop, block.stage].filter(Boolean).join(' · ')}</p>
					</div>
					<p class="text-right"><span class="num text-[1.8rem] leading-[1.1]">{size.figure}</span> {size.unit}</p>
					{#if data.states[block.name] || atWork.length > 0 || block.neighbours.length > 0}
						<div class="col-span-full">
							{#if data.states[block.name] || atWork.length > 0}
								<BlockKeeps
									states={data.states[block.name] ? [data.states[block.name]!] : []}
									{atWork}
									ids={{}}
									now={data.now}
									clock={settings}
									bare
								/>
							{/if}
							{#each block.neighbours as n, i (i)}<p class="look text-[0.95rem]">▲ {neighbourTold(n)}</p>{/each}
						</div>
					{/if}
				</li>
			{/each}
		</ul>
	</div>
	{#if data.away}<p><a href="/ground">{m.fields_in_use({ others: data.others })}</a></p>
	{:else if data.others > 0}<p><a href="/ground?away=yes">{m.archived({ others: data.others })}</a></p>{/if}
</main>
