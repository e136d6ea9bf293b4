<!-- @component A record as ruled lines: what it is called, and what was so. -->
<script lang="ts">
	import type { SprayRecord } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { recordFacts } from '$lib/show/record-facts';

	let { record, settings }: { record: SprayRecord; settings: FarmSettings } = $props();
</script>

<dl class="card">
	{#each recordFacts(record, settings) as fact, i (i)}
		<div>
			<dt>{fact.what}</dt>
			<dd>{fact.text}</dd>
		</div>
	{/each}
</dl>

<style>
	dl {
		margin: 0;
		padding: 4px 18px;
	}
	div {
		display: grid;
		grid-template-columns: 190px minmax(0, 1fr);
		gap: 4px 16px;
		padding: 7px 0;
		border-bottom: 1px solid var(--hair);
	}
	div:last-child {
		border: 0;
	}
	dt {
		color: var(--soft);
	}
	dd {
		margin: 0;
		font-weight: 600;
	}
	@media (max-width: 859px) {
		div {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
