<script lang="ts">
	import { m } from '$words';
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { nozzleColumns, readNozzleCsv } from '$lib/files/nozzle-csv';
	import { typedText } from '$lib/settings/typed-text';
	import { asWritten } from '$lib/wording/as-written';
	import { nozzleKindWords } from '$lib/wording/nozzles';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const example = `${nozzleColumns.join(',')}\nOrchard cone 1.5,hollow-cone,,80,5 bar,20 bar,10 bar = 1.5 L/min; 15 bar = 1.82 L/min,,yes`;
</script>

<svelte:head><title>{m.nozzles_from_csv_fallow()}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.nozzles_from_csv()}</h1>
		<p class="lab">
			{m.columns_name_kind_and_points_are({ list: nozzleColumns.join(', ') })}
			<b>{asWritten('2 bar = 0.98 L/min', data.farm.settings.decimalComma)}</b>{m.parted_by_semicolons_one_of_a()}
		</p>
	</div>
	<CsvImport
		one={m.nozzle_inline()}
		many={m.nozzles_inline()}
		home="/nozzles"
		{example}
		read={(text, sign) => readNozzleCsv(text, data.farm.settings, sign)}
		title={({ nozzle }) => nozzle.name}
		facts={({ nozzle, shed }) =>
			`${nozzleKindWords[nozzle.kind]}, ${nozzle.points
				.map((p) => m.at_flow({ flow: typedText(p.flow), pressure: typedText(p.pressure) }))
				.join(', ')}${shed ? m.in_the_shed_after() : ''}`}
		answered={form}
	/>
</main>
