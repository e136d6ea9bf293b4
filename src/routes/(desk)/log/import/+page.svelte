<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { amountOf, showAmount } from '$lib/show/show';
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { readRecordFile } from '$lib/files/record-files';
	import { plainRate } from '$lib/show/answer';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const example = `day,started,ended,blocks,area,product,dose,total,volume,operator,target\n2025-04-02,07:30,09:10,Long meadow,3.2 ha,Sample Umber,1.5 L/ha,4.8 L,150 L/ha,A. Sample,Thistles`;
</script>

<svelte:head><title>Records from a file · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Records from a file</h1>
		<p class="lab">
			CSV, a line a product: day, blocks and operator are needed, and an area; lines with the same text under <b
				>record</b
			>
			are one record. Or a <b>fallow-log/1</b> JSON file. What is taken in is sealed as it stands and marked as from a file.
		</p>
	</div>
	<CsvImport
		one="record"
		many="records"
		home="/log"
		{example}
		accept=".csv,text/csv,.json,application/json"
		read={(text, sign) => readRecordFile(text, settings, data.known, sign)}
		title={({ record }) => `${dayText(record.day)}, ${record.blocks.map((b) => b.name).join(', ')}`}
		facts={({ record }) =>
			[
				...record.products.map((p) => {
					return `${p.name} ${showAmount(amountOf(p.kind, p.total), settings, p.dose).text}`;
				}),
				record.trueVolume === null ? '' : plainRate(record.trueVolume, settings),
				record.operator,
				record.blocks.some((b) => b.id === '') ? '▲ ground that is not among yours' : ''
			]
				.filter(Boolean)
				.join(' · ')}
		answered={form}
	/>
</main>
