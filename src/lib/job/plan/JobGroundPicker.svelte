<!-- @component The ground of a job: blocks to tick, each whole or a part of it by a share, its rows, or strips. -->
<script lang="ts">
	import { show } from '$lib/show/show';
	import type { TypedPart } from '$core';
	import { shortUnit } from '$lib/settings/field-units';
	import type { JobPlanState } from './job-plan.svelte';
	import FormField from '$lib/kit/FormField.svelte';

	let { plan }: { plan: JobPlanState } = $props();
	const { source, ground, units } = $derived(plan);
	const area = (m2: number) => show('area', m2, source.settings).text;
	const ways: readonly { readonly by: TypedPart['by']; readonly label: string }[] = [
		{ by: 'share', label: 'A share of it' },
		{ by: 'rows', label: 'Rows from – to' },
		{ by: 'strips', label: 'Strips only' }
	];
</script>

<div class="blocks">
	{#each source.blocks as { id, block, area: m2 } (id)}
		{@const picked = ground.picked[id]}
		<div class="block" class:on={picked}>
			<label class="check"
				><input type="checkbox" checked={picked !== undefined} onchange={() => ground.toggle(id)} />
				<span><b>{block.name}</b> <small>{area(m2)}</small></span></label
			>
			{#if picked}
				<label class="field"
					>Part of it
					<select class="field-input" bind:value={picked.by} aria-label="Part of {block.name}">
						{#each ways as way (way.by)}
							{#if way.by !== 'rows' || ground.rowsOf(id) !== null}<option value={way.by}>{way.label}</option>{/if}
						{/each}
					</select>
				</label>
				{#if picked.by === 'share'}
					<FormField
						label="Share, %"
						inputmode="decimal"
						bind:value={picked.share}
						problem={plan.partProblem(id, 'share')}
					/>
				{:else if picked.by === 'rows'}
					<div class="two">
						<FormField
							label="From row"
							inputmode="numeric"
							bind:value={picked.from}
							problem={plan.partProblem(id, 'from')}
						/>
						<FormField label="To row" inputmode="numeric" bind:value={picked.to} problem={plan.partProblem(id, 'to')} />
					</div>
				{:else}
					<div class="two">
						<FormField
							label="Width, {shortUnit(units.side)}"
							bind:value={picked.width}
							problem={plan.partProblem(id, 'width')}
						/>
						<FormField
							label="All their length, {shortUnit(units.side)}"
							bind:value={picked.length}
							problem={plan.partProblem(id, 'length')}
						/>
					</div>
				{/if}
			{/if}
		</div>
	{/each}
</div>

<style>
	.blocks {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
	}
	.block {
		display: grid;
		gap: 8px;
		align-content: start;
		padding: 4px 12px;
		border: 1px solid var(--straw-edge);
		border-left-width: 8px;
		border-radius: 6px;
		background: var(--straw-wash);
	}
	.block.on {
		grid-column: 1 / -1;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
		align-items: start;
		padding-bottom: 10px;
		border-color: var(--dye);
		background: var(--card);
	}
	.on .check {
		grid-column: 1 / -1;
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 48px;
		line-height: 1.2;
	}
	.check input {
		flex: none;
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	small {
		display: block;
		color: var(--ink);
	}
	.field {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 4px;
		font-weight: 600;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
	}
	@media (max-width: 859px) {
		.blocks,
		.block.on {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
