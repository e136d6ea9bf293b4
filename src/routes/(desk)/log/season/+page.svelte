<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
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
				['volume', m.liquids_used_by_year(), measures === 'metric' ? 'L' : measures === 'US' ? 'US gal' : 'Imp gal'],
				['mass', m.dry_products_used_by_year(), measures === 'metric' ? 'kg' : 'lb']
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
		>{u.ofMost === null ? m.not_entered() : `${u.ofMost > 1 ? '✕ ' : ''}${percent(u.ofMost)}`}</span
	>
{/snippet}

<svelte:head><title>{m.season_fallow({ year: data.year })}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{m.season_year({ year: data.year })}</h1>
			<p class="lab">
				{m.what_each_block_had_of_each({ from: dayText(data.from), to: dayText(data.to) })}
			</p>
		</div>
		<div class="do">
			<a class="btn plain" href="/log/season?year={data.year - 1}">← {data.year - 1}</a>
			<a class="btn plain" href="/log/season?year={data.year + 1}">{data.year + 1} →</a>
			<a class="btn" href="/log/season/print?year={data.year}" data-sveltekit-reload>{m.pdf_a4()}</a>
			<a class="btn plain" href="/log/season/print?year={data.year}&paper=LETTER" data-sveltekit-reload>{m.letter()}</a>
			<a class="btn plain" href="/log">{m.the_log()}</a>
		</div>
	</div>
	{#each data.runs as run, i (i)}
		<p class="look py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash">
			{m.group_times_in_a_row_resistance({ block: run.block, group: run.group, times: run.times })}
		</p>
	{/each}
	{#if data.uses.length === 0}
		<p class="card p-4.5">{m.no_record_of_yet_what_is({ year: data.year })}</p>
	{:else}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="card ledger-scroll py-0 px-4" role="region" aria-label={m.blocks_by_products()} tabindex="0">
			<table class="ledger">
				<thead>
					<tr>
						<th scope="col">{m.block_title()}</th>
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
										<span class="lab whitespace-nowrap">{u.times} ×</span>
										{#if u.ofMost !== null}
											<span class="bar" aria-hidden="true"
												><i
													class="block h-full bg-dye"
													class:over={u.ofMost > 1}
													style="width:{Math.min(100, u.ofMost * 100)}%"
												></i></span
											>
											<span class:stop={u.ofMost > 1}
												>{m.of_its_maximum({ which: u.ofMost > 1 ? '✕ ' : '', ofMost: percent(u.ofMost) })}</span
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
			<h2 id="actives">{m.by_active_ingredient()}</h2>
			<p class="lab">{m.over_all_products_that_hold_it()}</p>
			<DataTable
				label={m.blocks_by_active_ingredients()}
				rows={data.actives}
				key={(u) => u.block + u.active}
				columns={[
					{ id: 'block', header: m.block_title(), value: (u) => u.block },
					{ id: 'active', header: m.active_ingredient(), value: (u) => u.active },
					{ id: 'used', header: m.in_this_season(), value: (u) => u.perGround, cell: used, num: true },
					{ id: 'share', header: m.of_the_season_maximum(), value: (u) => u.ofMost ?? -1, cell: share, num: true },
					{ id: 'from', header: m.from_title(), value: (u) => u.products.join(', ') }
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
