<!-- @component Check my sum: the operator's own answer beside Fallow's, and the slip that explains the gap. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import Field from '$lib/kit/Field.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import type { SumSource } from './check-sum.svelte';
	import { CheckSumState } from './check-sum.svelte';
	import Fold from '$lib/kit/Fold.svelte';

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

<Fold class="card px-4 py-1" title={m.check_my_sum()}>
	<div class="grid gap-2.5 pb-3">
		{#if sources.length > 1}<Field
				label={m.sum_of()}
				type="choice"
				bind:value={() => source.name, (name) => (picked = name)}
				options={sources.map((s) => ({ value: s.name, label: s.name }))}
			/>{/if}
		<Field
			label={m.my_answer({ name: source.name.toLowerCase(), unit: longUnit(source.unit) })}
			inputmode="decimal"
			bind:value={check.mine}
			problem={check.problem}
		/>
		{#if check.checked && check.checked.verdict !== 'agrees'}
			<Field
				label={m.how_i_worked_it_out()}
				bind:value={check.own}
				problem={check.ownProblem}
				hint={m.as_you_wrote_it_such_as()}
			/>
		{/if}
		<div aria-live="polite" data-testid="sum-checked">
			{#if check.checked}
				<p class={check.checked.verdict === 'agrees' ? 'text-moss-text font-semibold' : 'look'}>
					{check.checked.verdict === 'agrees' ? '✓' : '▲'}
					{check.words}
				</p>
				{#if check.ownCame}<p class="lab">
						{m.yours({ text: check.own.trim() })} <b>{check.ownCame}</b>
						{#if check.ownDiffers}<b class="text-amber-text">{m.not_the_answer_that_you_typed()}</b>{/if}
					</p>{/if}
				<p class="lab">
					{m.fallow({ working: check.working, which: source.sum.aside?.percent === undefined ? '' : m.the_per_cent() })}
					<b>{check.answer}</b>
				</p>
			{:else}<p class="lab">
					{m.type_what_you_worked_out_by()}
				</p>{/if}
		</div>
	</div>
</Fold>
