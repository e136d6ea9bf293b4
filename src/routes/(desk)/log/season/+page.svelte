<script lang="ts">
	import { showFigure, factor } from '$core';
	import type { PageData } from './$types';
	import { measuresOf } from '$lib/settings/field-units';
	import { shownUse } from '$lib/show/shown-use';
	import { chart } from '$lib/kit/chart';
	import { usedBars } from '$lib/record/used-bars';

	let { data }: { data: PageData } = $props();
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
	{#each data.runs as run (run.block + run.group)}
		<p class="look">
			▲ {run.block}: group {run.group}, {run.times} times in a row. Resistance grows where a group follows itself; take another
			one next, as the label says.
		</p>
	{/each}
	{#if data.uses.length === 0}
		<p class="card empty">No record of {data.year} yet. What is sealed in the log stands here.</p>
	{:else}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="card ledger-scroll" role="region" aria-label="Blocks by products" tabindex="0">
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
										<span class="num">{shownUse(u, settings)}</span>
										<span class="lab">{u.times} ×</span>
										{#if u.ofMost !== null}
											<span class="bar" aria-hidden="true"
												><i class:over={u.ofMost > 1} style="width:{Math.min(100, u.ofMost * 100)}%"></i></span
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
		<section class="card ledger-scroll actives" aria-labelledby="actives">
			<h2 id="actives">By active ingredient</h2>
			<p class="lab">Over all products that hold it, against the strictest of their season maximums.</p>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div role="region" aria-label="Blocks by active ingredients" tabindex="0">
				<table class="ledger">
					<thead>
						<tr>
							<th scope="col">Block</th>
							<th scope="col">Active ingredient</th>
							<th scope="col">In this season</th>
							<th scope="col">Of the season maximum</th>
							<th scope="col">From</th>
						</tr>
					</thead>
					<tbody>
						{#each data.actives as u (u.block + u.active)}
							<tr>
								<th scope="row">{u.block}</th>
								<td>{u.active}</td>
								<td class="num">{shownUse({ kind: 'mass', perGround: u.perGround }, settings)}</td>
								<td class:stop={u.ofMost !== null && u.ofMost > 1}
									>{u.ofMost === null ? 'not entered' : `${u.ofMost > 1 ? '✕ ' : ''}${percent(u.ofMost)}`}</td
								>
								<td class="lab">{u.products.join(', ')}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		</section>
	{/if}
	{#each charts as { title, bars } (title)}
		<section class="card chart-card" aria-label={title}>
			<h2>{title}</h2>
			<div role="img" aria-label={bars.words} {@attach chart(() => bars.options)}></div>
		</section>
	{/each}
</main>

<style>
	.actives {
		padding-top: 14px;
	}
	.empty {
		padding: 18px;
	}
	.look {
		padding: 10px 14px;
		border-left: 6px solid var(--amber);
		background: var(--amber-wash);
	}
	.ledger-scroll {
		padding: 0 16px;
	}
	td,
	tbody th {
		padding: 8px 14px 8px 0;
		vertical-align: top;
	}
	.num {
		font-size: 1.15rem;
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
	.bar i {
		display: block;
		height: 100%;
		background: var(--dye);
	}
	.bar .over {
		background: var(--rust);
	}
	.chart-card {
		padding: 14px 16px;
	}
	.stop {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
