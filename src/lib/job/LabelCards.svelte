<!-- @component What a job does against the labels: a stop where a label's own limit is passed, a look where it is only odd. -->
<script lang="ts">
	import type { LabelFinding } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { wordLabelFinding } from '$lib/wording/jobs';

	let { findings, settings }: { findings: readonly LabelFinding[]; settings: FarmSettings } = $props();
</script>

{#each findings as finding, i (i)}
	{@const words = wordLabelFinding(finding, settings)}
	<div
		class="py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash"
		class:stop={finding.stop}
		class:good={finding.code === 'within-max'}
		data-code={finding.code}
	>
		<b>{finding.stop ? '✕' : finding.code === 'within-max' ? '' : '▲'} {words.title}</b>
		<p>{words.body}</p>
	</div>
{/each}

<style>
	.good {
		border-color: var(--moss);
		background: var(--moss-wash);
	}
	.stop {
		border-color: var(--rust);
		background: var(--rust-wash);
	}
</style>
