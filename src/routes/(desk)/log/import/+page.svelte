<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { amountOf, showAmount } from '$lib/show/show';
	import type { ActionData, PageData } from './$types';
	import CsvImport from '$lib/kit/CsvImport.svelte';
	import { readRecordFile } from '$lib/files/record-files';
	import { plainRate } from '$lib/show/answer';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const example = m.day_started_ended_blocks_area_product();
</script>

<svelte:head><title>{m.records_from_a_file_fallow()}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.records_from_a_file()}</h1>
		<p class="lab">
			{m.csv_a_line_a_product_day()} <b>{m.record_inline()}</b>
			{m.are_one_record_or_a()} <b>fallow-log/1</b>
			{m.json_file_what_is_taken_in()}
		</p>
	</div>
	<CsvImport
		one={m.record_inline()}
		many={m.records_inline()}
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
				record.blocks.some((b) => b.id === '') ? m.ground_that_is_not_among_yours() : ''
			]
				.filter(Boolean)
				.join(' · ')}
		answered={form}
	/>
</main>
