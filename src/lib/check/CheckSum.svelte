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
		<div aria-live="polite" data-testid="sum-checked">
			{#if check.checked}
				<p class={check.checked.verdict === 'agrees' ? 'text-moss-text font-semibold' : 'look'}>
					{check.checked.verdict === 'agrees' ? '✓' : '▲'}
					{check.words}
				</p>
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
