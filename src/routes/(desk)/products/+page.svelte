<script lang="ts">
	import type { PageData } from './$types';
	import { doseText, productFacts } from '$lib/show/product-facts';
	import { mixingWords } from '$lib/wording/products';

	let { data }: { data: PageData } = $props();
	let filter = $state('');
	const shown = $derived(
		data.products.filter(({ label }) =>
			filter
				.toLowerCase()
				.split(/\s+/)
				.every((word) =>
					`${label.name} ${label.group} ${label.formulation} ${label.registration}`.toLowerCase().includes(word)
				)
		)
	);
</script>

<svelte:head><title>Products · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{data.away ? 'Products put away' : 'Products'}</h1>
			<p class="lab">Notes of what their labels say. <b>The label in your hand decides.</b></p>
		</div>
		<span class="do">
			<a class="btn" href="/products/csv" data-sveltekit-reload>CSV out</a>
			<a class="btn" href="/products/json" data-sveltekit-reload>JSON out</a>
			<a class="btn" href="/products/import">Take in</a>
			<a class="btn go" href="/products/new">Add a product</a>
		</span>
	</div>
	{#if data.products.length === 0 && !data.away}
		<p class="card empty">
			Products belong here, each with the doses and limits that its label gives. Add the first one from the label in
			your hand.
		</p>
	{:else}
		<label class="filter"
			>Only those with <input class="field-input" type="search" autocomplete="off" bind:value={filter} /></label
		>
	{/if}
	<ul>
		{#each shown as { id, label } (id)}
			<li class="card">
				<div class="name">
					<h2><a href="/products/{id}">{label.name}</a></h2>
					<p class="lab">
						{[label.formulation, mixingWords[label.mixes], label.group && `group ${label.group}`]
							.filter(Boolean)
							.join(' · ')}
					</p>
				</div>
				<p class="dose"><span class="num">{doseText(label)}</span></p>
				<dl>
					{#each productFacts(label) as fact (fact.name)}
						<div>
							<dt>{fact.name}</dt>
							<dd>{fact.text}</dd>
						</div>
					{/each}
				</dl>
			</li>
		{/each}
	</ul>
	{#if data.away}<p><a href="/products">Products in use ({data.others})</a></p>
	{:else if data.others > 0}<p><a href="/products?away=yes">Put away ({data.others})</a></p>{/if}
</main>

<style>
	.filter {
		display: flex;
		align-items: center;
		gap: 14px;
		max-width: 460px;
		font-weight: 600;
	}
	.filter input {
		flex: 1;
	}
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
		gap: 8px;
		align-content: start;
		padding: 14px 18px;
	}
	h2 {
		font-size: 1.35rem;
	}
	.dose .num {
		font-size: 1.9rem;
		line-height: 1.1;
	}
	dl {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 2px 18px;
		margin: 0;
		padding-top: 8px;
		border-top: 1px solid var(--rule);
	}
	dt {
		color: var(--soft);
		font-size: 0.9rem;
	}
	dd {
		margin: 0;
		font-weight: 600;
	}
</style>
