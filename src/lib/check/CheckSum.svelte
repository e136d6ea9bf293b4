<!-- @component Check my sum: the operator's own answer beside Fallow's, and the slip that explains the gap. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import Field from '$lib/kit/Field.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import type { SumSource } from './check-sum.svelte';
	import { CheckSumState } from './check-sum.svelte';

	interface Props {
		/** What can be checked: one sum, or one of several. */
		sources: readonly SumSource[];
		settings: FarmSettings;
	}
	let { sources, settings }: Props = $props();
	let picked = $state('');
	const source = $derived(sources.find((s) => s.name === picked) ?? sources[0]!);
	const check = untrack(() => new CheckSumState(() => source, settings));
</script>

<details class="card px-4 py-1">
	<summary class="min-h-12 pt-2.5 font-semibold cursor-pointer">Check my sum</summary>
	<div class="grid gap-2.5 pb-3">
		{#if sources.length > 1}<Field
				label="Sum of"
				type="choice"
				bind:value={() => source.name, (name) => (picked = name)}
				options={sources.map((s) => ({ value: s.name, label: s.name }))}
			/>{/if}
		<Field
			label="My answer: {source.name.toLowerCase()}, {longUnit(source.unit)}"
			inputmode="decimal"
			bind:value={check.mine}
			problem={check.problem}
		/>
		{#if check.checked && check.checked.verdict !== 'agrees'}
			<Field
				label="How I worked it out"
				bind:value={check.own}
				problem={check.ownProblem}
				hint="As you wrote it, such as 0.2 × 5940 ÷ (5 × 20). It stands beside Fallow’s."
			/>
		{/if}
		<div aria-live="polite" data-testid="sum-checked">
			{#if check.checked}
				<p class={check.checked.verdict === 'agrees' ? 'text-moss-text font-semibold' : 'look'}>
					{check.checked.verdict === 'agrees' ? '✓' : '▲'}
					{check.words}
				</p>
				{#if check.ownCame}<p class="lab">
						Yours: {check.own.trim()} = <b>{check.ownCame}</b>
						{#if check.ownDiffers}<b class="text-amber-text">▲ not the answer that you typed</b>{/if}
					</p>{/if}
				<p class="lab">
					Fallow: {check.working}{source.sum.aside?.percent === undefined ? '' : ' × the per cent'} =
					<b>{check.answer}</b>
				</p>
			{:else}<p class="lab">
					Type what you worked out by hand. Fallow names the slip behind a gap, where it knows one.
				</p>{/if}
		</div>
	</div>
</details>
