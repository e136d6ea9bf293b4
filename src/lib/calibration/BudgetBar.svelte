<!-- @component Where the ± comes from: the share of each input, as a bar and in words, with what would help most. -->
<script lang="ts">
	import type { Budget } from '$core';
	import { budgetAdvice, budgetShares } from '$lib/show/answer';

	let { budget, advise = false }: { budget: Budget; advise?: boolean } = $props();
	const shares = $derived(budgetShares(budget));
	const fills = ['var(--dye)', 'var(--dye-light)', 'var(--straw)', 'var(--field-border)', 'var(--rule)'];
</script>

<div>
	<div class="bar" aria-hidden="true">
		{#each shares as part, i (part.input)}
			<i style="width:{part.share * 100}%;background:{fills[i]}"></i>
		{/each}
	</div>
	<p class="words">
		{#each shares as part, i (part.input)}{i > 0 ? ' · ' : ''}<span class="part"
				><span class="key" style="background:{fills[i]}" aria-hidden="true"></span>{part.name}
				{Math.round(part.share * 100)} %</span
			>{/each}
	</p>
	{#if advise && shares.length > 0}<p class="advice">{budgetAdvice(shares)}</p>{/if}
</div>

<style>
	.bar {
		display: flex;
		height: 12px;
		border-radius: 2px;
		overflow: hidden;
		margin-bottom: 6px;
	}
	.bar i {
		display: block;
	}
	.words {
		color: var(--soft);
		font-size: 0.9rem;
	}
	.part {
		white-space: nowrap;
	}
	.key {
		display: inline-block;
		width: 9px;
		height: 9px;
		margin-right: 4px;
		border-radius: 1px;
	}
	.advice {
		margin-top: 4px;
		font-weight: 600;
		font-size: 0.95rem;
	}
</style>
