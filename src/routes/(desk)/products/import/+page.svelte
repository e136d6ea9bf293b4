<script lang="ts">
	import { m } from '$words';
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { readProductFile } from '$lib/files/product-files';
	import { productTexts } from '$lib/forms/product-text';
	import { doseText, productFacts } from '$lib/show/product-facts';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const example = m.name_state_dose_max_packs_sample();
</script>

<svelte:head><title>{m.products_from_a_file_fallow()}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.products_from_a_file()}</h1>
		<p class="lab">
			{m.csv_with_the_columns_name_state({ list: productTexts.join(', ') })}
			<b>fallow-products/1</b>
			{m.json_file_one_of_a_known()}
		</p>
	</div>
	<CsvImport
		one={m.product_inline()}
		many={m.products_inline()}
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
