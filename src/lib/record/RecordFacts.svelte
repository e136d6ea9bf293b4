<!-- @component A record as ruled lines: what it is called, and what was so. -->
<script lang="ts">
	import type { SprayRecord } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { recordFacts } from '$lib/show/record-facts';

	let { record, settings }: { record: SprayRecord; settings: FarmSettings } = $props();
</script>

<dl class="card m-0 py-1 px-4.5">
	{#each recordFacts(record, settings) as fact, i (i)}
		<div
			class="grid grid-cols-[190px_minmax(0,1fr)] gap-x-4 gap-y-1 py-1.75 px-0 border-b border-b-hair phone:grid-cols-1"
		>
			<dt class="text-soft">{fact.what}</dt>
			<dd class="font-semibold">{fact.text}</dd>
		</div>
	{/each}
</dl>

<style>
	div:last-child {
		border: 0;
	}
</style>
