<!-- @component One finding in words: what, how much, why, and what to do. -->
<script lang="ts">
	import { m } from '$words';
	import type { Finding } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { wordFinding } from '$lib/wording/findings';
	import type { NozzleNames } from '$lib/wording/nozzle-names';

	interface Props {
		finding: Finding;
		names?: NozzleNames;
		settings: FarmSettings;
		/** The answer to what a finding asks; null: not on purpose. Left out where nothing can be answered any more. */
		onsizes?: (groups: { readonly small: readonly number[] } | null) => void;
	}
	/** `names`: what the sprayer's nozzles are called; by number along a boom when left out. */
	let { finding, names, settings, onsizes }: Props = $props();
	const words = $derived(wordFinding(finding, names, settings));
</script>

<div
	class="finding py-[0.6rem] px-3 border-l-5 border-l-amber bg-amber-wash text-[0.95rem] leading-[1.35]"
	data-tone={words.tone}
	data-code={finding.code}
>
	<strong class="block mb-0.5"><span aria-hidden="true">{words.tone === 'stop' ? '✕' : '▲'}</span> {words.title}</strong
	>
	<p>{words.body}</p>
	{#if finding.code === 'two-sizes' && onsizes}
		<div class="flex flex-wrap gap-2 mt-2">
			<button type="button" class="btn" onclick={() => onsizes({ small: finding.small })}>{m.yes_on_purpose()}</button>
			<button type="button" class="btn plain" onclick={() => onsizes(null)}>{m.no_one_size()}</button>
		</div>
	{/if}
</div>

<style>
	.finding[data-tone='stop'] {
		border-color: var(--rust);
		background: var(--rust-wash);
	}
</style>
