<!-- @component On which blocks a load goes, where a job has several: the intervals of each count from its own last load. -->
<script lang="ts">
	import { m } from '$words';
	import type { JobRunState } from './job-run.svelte';

	let { run }: { run: JobRunState } = $props();
	const { blocks } = $derived(run.head.job);
	const toggle = (id: string) =>
		(run.onBlocks = run.onBlocks.includes(id) ? run.onBlocks.filter((b) => b !== id) : [...run.onBlocks, id]);
</script>

<fieldset class="border-0">
	<legend class="font-semibold">{m.this_load_goes_on()}</legend>
	<p class="lab">
		{run.onBlocks.length === 0 ? m.all_of_them_until_you_pick() : m.each_field_opens_again_from_its()}
	</p>
	<div class="flex flex-wrap gap-2 mt-1.5">
		{#each blocks as { id, name } (id)}
			<button type="button" class="btn plain" aria-pressed={run.onBlocks.includes(id)} onclick={() => toggle(id)}
				>{run.onBlocks.includes(id) ? '✓ ' : ''}{name}</button
			>
		{/each}
	</div>
</fieldset>

<style>
	.btn {
		min-height: 52px;
	}
	[aria-pressed='true'] {
		border-color: var(--dye);
		background: var(--dye-wash);
	}
</style>
