<script lang="ts">
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { nozzleColumns, readNozzleCsv } from '$lib/files/nozzle-csv';
	import { typedText } from '$lib/settings/typed-text';
	import { asWritten } from '$lib/wording/as-written';
	import { nozzleKindWords } from '$lib/wording/nozzles';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const example = `${nozzleColumns.join(',')}\nOrchard cone 1.5,hollow-cone,,80,5 bar,20 bar,10 bar = 1.5 L/min; 15 bar = 1.82 L/min,,yes`;
</script>

<svelte:head><title>Nozzles from CSV · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Nozzles from CSV</h1>
		<p class="lab">
			Columns {nozzleColumns.join(', ')}; name, kind and points are needed. Points are
			<b>{asWritten('2 bar = 0.98 L/min', data.farm.settings.decimalComma)}</b>, parted by semicolons. One of a known
			kind and name is brought up to date.
		</p>
	</div>
	<CsvImport
		one="nozzle"
		many="nozzles"
		home="/nozzles"
		{example}
		read={(text, sign) => readNozzleCsv(text, data.farm.settings, sign)}
		title={({ nozzle }) => nozzle.name}
		facts={({ nozzle, shed }) =>
			`${nozzleKindWords[nozzle.kind]}, ${nozzle.points
				.map((p) => `${typedText(p.flow)} at ${typedText(p.pressure)}`)
				.join(', ')}${shed ? ', in the shed' : ''}`}
		answered={form}
	/>
</main>
