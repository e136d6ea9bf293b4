<!-- @component Where the ± comes from: the share of each input, as a bar and in words, with what would help most. -->
<script lang="ts">
	import type { Budget } from '$core';
	import { budgetAdvice, budgetShares } from '$lib/show/answer';

	let { budget, advise = false }: { budget: Budget; advise?: boolean } = $props();
	const shares = $derived(budgetShares(budget));
	const fills = ['var(--dye)', 'var(--dye-light)', 'var(--straw)', 'var(--field-border)', 'var(--rule)'];
</script>

<div>
	<div class="flex h-3 rounded-[2px] overflow-hidden mb-1.5" aria-hidden="true">
		{#each shares as part, i (part.input)}
			<i class="block" style="width:{part.share * 100}%;background:{fills[i]}"></i>
		{/each}
	</div>
	<p class="text-soft text-[0.9rem]">
		{#each shares as part, i (part.input)}{i > 0 ? ' · ' : ''}<span class="whitespace-nowrap"
				><span class="inline-block w-2.25 h-2.25 mr-1 rounded-[1px]" style="background:{fills[i]}" aria-hidden="true"
				></span>{part.name}
				{Math.round(part.share * 100)} %</span
			>{/each}
	</p>
	{#if advise && shares.length > 0}<p class="mt-1 font-semibold text-[0.95rem]">{budgetAdvice(shares)}</p>{/if}
</div>
