<script lang="ts">
	import DataTable from '$lib/kit/DataTable.svelte';
	import { showFigure, factor } from '$core';
	import type { PageData } from './$types';
	import { measuresOf } from '$lib/settings/field-units';
	import { shownUse } from '$lib/show/shown-use';
	import { chart } from '$lib/kit/chart';
	import { usedBars } from '$lib/record/used-bars';

	let { data }: { data: PageData } = $props();
	type Active = PageData['actives'][number];
	const settings = $derived(data.farm.settings);
	const products = $derived([...new Set(data.uses.map((u) => u.product))].sort());
	const blocks = $derived([...new Set(data.uses.map((u) => u.block))]);
	const byPlace = $derived(new Map(data.uses.map((u) => [JSON.stringify([u.block, u.product]), u])));
	const at = (block: string, product: string) => byPlace.get(JSON.stringify([block, product]));
	const measures = $derived(measuresOf(settings));
	const charts = $derived(
		(
			[
				['volume', 'Liquids used, by year', measures === 'metric' ? 'L' : measures === 'US' ? 'US gal' : 'Imp gal'],
				['mass', 'Dry products used, by year', measures === 'metric' ? 'kg' : 'lb']
			] as const
		)
			.map(([kind, title, unit]) => ({
				title,
				bars: usedBars(
					data.used,
					kind,
					{ name: unit, of: (total) => total / factor(kind, unit) },
					settings.decimalComma
				)
			}))
			.filter((c) => c.bars.products > 0)
	);
	const percent = (share: number) => `${showFigure(share * 100, 3, settings.decimalComma)} %`;
</script>

{#snippet used(u: Active)}{shownUse({ kind: 'mass', perGround: u.perGround }, settings)}{/snippet}
{#snippet share(u: Active)}
	<span class:problem={u.ofMost !== null && u.ofMost > 1}
		>{u.ofMost === null ? 'not entered' : `${u.ofMost > 1 ? '✕ ' : ''}${percent(u.ofMost)}`}</span
	>
{/snippet}

<svelte:head><title>Season {data.year} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>Season {data.year}</h1>
			<p class="lab">
				What each block had of each product, by its records, against the season maximum of its label. {data.from} to {data.to}.
			</p>
		</div>
		<div class="do">
			<a class="btn plain" href="/log/season?year={data.year - 1}">← {data.year - 1}</a>
			<a class="btn plain" href="/log/season?year={data.year + 1}">{data.year + 1} →</a>
			<a class="btn" href="/log/season/print?year={data.year}" data-sveltekit-reload>PDF, A4</a>
			<a class="btn plain" href="/log/season/print?year={data.year}&paper=LETTER" data-sveltekit-reload>Letter</a>
			<a class="btn plain" href="/log">The log</a>
		</div>
	</div>
	{#each data.runs as run, i (i)}
		<p class="look py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash">
			▲ {run.block}: group {run.group}, {run.times} times in a row. Resistance grows where a group follows itself; take another
			one next, as the label says.
		</p>
	{/each}
	{#if data.uses.length === 0}
		<p class="card p-4.5">No record of {data.year} yet. What is sealed in the log stands here.</p>
	{:else}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="card ledger-scroll py-0 px-4" role="region" aria-label="Blocks by products" tabindex="0">
			<table class="ledger">
				<thead>
					<tr>
						<th scope="col">Block</th>
						{#each products as product (product)}<th scope="col">{product}</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each blocks as block (block)}
						<tr>
							<th scope="row"><b>{block}</b></th>
							{#each products as product (product)}
								{@const u = at(block, product)}
								<td>
									{#if u}
										<span class="num text-[1.15rem]">{shownUse(u, settings)}</span>
										<span class="lab">{u.times} ×</span>
										{#if u.ofMost !== null}
											<span class="bar" aria-hidden="true"
												><i
													class="block h-full bg-dye"
													class:over={u.ofMost > 1}
													style="width:{Math.min(100, u.ofMost * 100)}%"
												></i></span
											>
											<span class:stop={u.ofMost > 1}>{u.ofMost > 1 ? '✕ ' : ''}{percent(u.ofMost)} of its maximum</span
											>
										{/if}
									{/if}
								</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
	{#if data.actives.length > 0}
		<section class="grid gap-2" aria-labelledby="actives">
			<h2 id="actives">By active ingredient</h2>
			<p class="lab">Over all products that hold it, against the strictest of their season maximums.</p>
			<DataTable
				label="Blocks by active ingredients"
				rows={data.actives}
				key={(u) => u.block + u.active}
				columns={[
					{ id: 'block', header: 'Block', value: (u) => u.block },
					{ id: 'active', header: 'Active ingredient', value: (u) => u.active },
					{ id: 'used', header: 'In this season', value: (u) => u.perGround, cell: used, num: true },
					{ id: 'share', header: 'Of the season maximum', value: (u) => u.ofMost ?? -1, cell: share, num: true },
					{ id: 'from', header: 'From', value: (u) => u.products.join(', ') }
				]}
			/>
		</section>
	{/if}
	{#each charts as { title, bars } (title)}
		<section class="card py-3.5 px-4" aria-label={title}>
			<h2>{title}</h2>
			<div role="img" aria-label={bars.words} {@attach chart(() => bars.options)}></div>
		</section>
	{/each}
</main>

<style>
	td,
	tbody th {
		padding: 8px 14px 8px 0;
		vertical-align: top;
	}
	.bar {
		display: block;
		width: 150px;
		height: 10px;
		margin: 4px 0 2px;
		border: 1px solid var(--straw-edge);
		border-radius: 2px;
		background: var(--straw-wash);
	}
	.bar .over {
		background: var(--rust);
	}
	.stop {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
