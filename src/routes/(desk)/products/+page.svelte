<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
	import Actions from '$lib/kit/Actions.svelte';
	import Field from '$lib/kit/Field.svelte';
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

<svelte:head><title>{m.products_fallow()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{data.away ? m.archived_products() : m.products()}</h1>
			<p class="lab">{m.notes_of_what_their_labels_say()} <b>{m.the_label_in_your_hand_decides_sentence()}</b></p>
		</div>
		<span class="do">
			{#if may('manage')}<a class="btn go" href="/products/new">{m.add_a_product()}</a>{/if}
			<Actions
				label={m.import_export()}
				actions={[
					{ label: m.import_products(), href: '/products/import', needs: 'manage' as const },
					{ label: m.export_as_csv(), href: '/products/csv', needs: 'read' as const, file: true },
					{ label: m.export_as_json(), href: '/products/json', needs: 'read' as const, file: true }
				]}
			/>
		</span>
	</div>
	{#if data.products.length === 0 && !data.away}
		<p class="card p-4.5">
			{m.products_belong_here_each_with_the()}
		</p>
	{:else}
		<div class="max-w-115"><Field label={m.only_those_with()} bind:value={filter} /></div>
	{/if}
	<ul class="grid grid-cols-[repeat(auto-fill,minmax(min(380px,100%),1fr))] gap-3.5">
		{#each shown as { id, label } (id)}
			<li class="card grid gap-2 content-start py-3.5 px-4.5">
				<div class="name">
					<h2 class="text-[1.35rem]"><a class="tap" href="/products/{id}">{label.name}</a></h2>
					<p class="lab">
						{[label.formulation, mixingWords[label.mixes], label.group && m.group({ group: label.group })]
							.filter(Boolean)
							.join(' · ')}
					</p>
				</div>
				<p><span class="num text-[1.9rem] leading-[1.1]">{doseText(label)}</span></p>
				<dl class="grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-0.5 pt-2 border-t border-t-rule">
					{#each productFacts(label) as fact (fact.name)}
						<div>
							<dt class="text-soft text-[0.9rem]">{fact.name}</dt>
							<dd class="font-semibold">{fact.text}</dd>
						</div>
					{/each}
				</dl>
			</li>
		{/each}
	</ul>
	{#if data.away}<p><a href="/products">{m.products_in_use({ others: data.others })}</a></p>
	{:else if data.others > 0}<p><a href="/products?away=yes">{m.archived({ others: data.others })}</a></p>{/if}
</main>
