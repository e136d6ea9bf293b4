<!-- @component One finding in words: what, how much, why, and what to do. -->
<script lang="ts">
	import type { Finding } from '$core';
	import type { FarmSettings } from '$lib/formats/farm-settings';
	import { wordFinding } from '$lib/wording/findings';
	import type { NozzleNames } from '$lib/wording/nozzle-names';

	/** `names`: what the rig's nozzles are called; by number along a boom when left out. */
	let { finding, names, settings }: { finding: Finding; names?: NozzleNames; settings: FarmSettings } = $props();
	const words = $derived(wordFinding(finding, names, settings));
</script>

<div class="finding" data-tone={words.tone} data-code={finding.code}>
	<strong><span aria-hidden="true">{words.tone === 'stop' ? '✕' : '▲'}</span> {words.title}</strong>
	<p>{words.body}</p>
</div>

<style>
	.finding {
		padding: 0.6rem 0.75rem;
		border-left: 5px solid var(--amber);
		background: var(--amber-wash);
		font-size: 0.95rem;
		line-height: 1.35;
	}
	.finding[data-tone='stop'] {
		border-color: var(--rust);
		background: var(--rust-wash);
	}
	strong {
		display: block;
		margin-bottom: 2px;
	}
</style>
