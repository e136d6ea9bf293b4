<script lang="ts">
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { readProductFile } from '$lib/files/product-files';
	import { productTexts } from '$lib/forms/product-text';
	import { doseText, productFacts } from '$lib/show/product-facts';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const example = `name,state,dose,max,packs\nSample Ochre,liquid,2 L/ha,2.5 L/ha,5 L; 10 L`;
</script>

<svelte:head><title>Products from a file · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Products from a file</h1>
		<p class="lab">
			CSV with the columns {productTexts.join(', ')}; name, state and dose are needed. Or a
			<b>fallow-products/1</b> JSON file. One of a known name is brought up to date.
		</p>
	</div>
	<CsvImport
		one="product"
		many="products"
		home="/products"
		{example}
		accept=".csv,text/csv,.json,application/json"
		read={(text, sign) => readProductFile(text, data.farm.settings, sign)}
		title={(label) => label.name}
		facts={(label) =>
			[
				doseText(label),
				...productFacts(label)
					.slice(0, 3)
					.map((f) => `${f.name.toLowerCase()} ${f.text}`)
			].join(' · ')}
		answered={form}
	/>
</main>
