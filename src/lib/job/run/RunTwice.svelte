<!-- @component A step that was ticked on two devices: poured once, or twice? -->
<script lang="ts">
	import { m } from '$words';
	import { clockOf } from './run-facts';
	import type { JobRunState } from './job-run.svelte';

	let { run }: { run: JobRunState } = $props();
	const twice = $derived(run.twice);
	const line = $derived(twice && run.current ? run.linesOf(run.current)[twice.step] : undefined);
	const who = $derived(twice?.second.by || twice?.first.by || '');
</script>

{#if twice && line}
	<section
		class="mb-3 grid gap-2.5 border-l-6 border-l-amber bg-amber-wash px-4 py-3"
		role="alert"
		aria-label={m.ticked_on_two_devices()}
	>
		<h2>{line.text}: {m.once_or_twice()}</h2>
		<p>
			{who
				? m.ticked_by_too({ name: who, at: clockOf(twice.second.at, run.settings) })
				: m.ticked_elsewhere_too({ at: clockOf(twice.second.at, run.settings) })}
		</p>
		<div class="flex flex-wrap gap-2.5">
			<button type="button" class="btn big flex-1" onclick={() => void run.once()}>{m.done_once()}</button>
			<button type="button" class="btn big plain flex-1" onclick={() => void run.really()}>{m.done_twice()}</button>
		</div>
	</section>
{/if}
