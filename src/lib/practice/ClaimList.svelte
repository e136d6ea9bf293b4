<!-- @component What a learner has found so far: each can be taken back. -->
<script lang="ts">
	import { m } from '$words';
	import X from '@lucide/svelte/icons/x';
	import { faultText } from '$lib/wording/practice';
	import type { YardState } from './yard.svelte';

	let { yard, readOnly, onadd }: { yard: YardState; readOnly: boolean; onadd: () => void } = $props();
</script>

<div class="grid gap-1.5">
	<div class="flex items-center justify-between gap-3">
		<h3>{m.yard_found()}</h3>
		{#if !readOnly}<button type="button" class="btn plain" onclick={onadd}>{m.yard_name_fault()}</button>{/if}
	</div>
	{#if yard.claims.length === 0}
		<p class="lab">{m.yard_found_nothing()}</p>
	{:else}
		<ul class="grid gap-1">
			{#each yard.claims as claim, i (i)}
				<li class="flex items-center justify-between gap-2 border-b border-b-rule">
					<b>{faultText(claim, yard.exercise)}</b>
					{#if !readOnly}<button
							type="button"
							class="grid min-h-12 min-w-12 place-items-center"
							aria-label={m.yard_take_back({ what: faultText(claim, yard.exercise) })}
							onclick={() => yard.claim(claim, false)}><X size={20} aria-hidden="true" /></button
						>{/if}
				</li>
			{/each}
		</ul>
	{/if}
</div>
