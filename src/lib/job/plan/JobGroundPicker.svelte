<!-- @component The ground of a job: blocks to tick, each whole or a part of it by a share, its rows, or strips. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import type { TypedPart } from '$core';
	import type { JobPlanState } from './job-plan.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { shownOptions } from '$lib/kit/shown-options';
	import { unitsLike } from '$lib/settings/unit-lists';

	let { plan }: { plan: JobPlanState } = $props();
	const { source, ground, units } = $derived(plan);
	/** So many are seen at a glance; more are searched. What is picked stays in sight. */
	const few = 8;
	let wanted = $state('');
	const shown = $derived.by(() => {
		if (wanted.trim() === '') return source.blocks;
		const named = source.blocks.map(({ id, block }) => ({ id, label: block.name }));
		const found = new Set(shownOptions(named, wanted).map((one) => one.id));
		return source.blocks.filter(({ id }) => found.has(id) || ground.picked[id]);
	});
	const area = (m2: number) => show('area', m2, source.settings).text;
	const ways: readonly { readonly value: TypedPart['by']; readonly label: string }[] = [
		{ value: 'share', label: m.a_share_of_it() },
		{ value: 'rows', label: m.rows_from_to() },
		{ value: 'strips', label: m.strips_only() }
	];
</script>

{#if source.blocks.length > few}
	<Field label={m.find_a_block()} bind:value={wanted} placeholder={m.type_a_part_of_its_name()} />
{/if}
<div class="blocks grid grid-cols-[1fr_1fr] gap-2">
	{#each shown as { id, block, area: m2 } (id)}
		{@const picked = ground.picked[id]}
		<div class="block" class:on={picked}>
			<label class="check leading-[1.2]"
				><input type="checkbox" checked={picked !== undefined} onchange={() => plan.toggleBlock(id)} />
				<span><b>{block.name}</b> <small>{area(m2)}</small></span></label
			>
			{#if picked}
				<Field
					label={m.part_of({ name: block.name })}
					type="choice"
					bind:value={() => picked.by, (by) => (picked.by = by as TypedPart['by'])}
					options={ways.filter((way) => way.value !== 'rows' || ground.rowsOf(id) !== null)}
				/>
				{#if picked.by === 'share'}
					<Field
						label={m.share()}
						inputmode="decimal"
						bind:value={picked.share}
						problem={plan.partProblem(id, 'share')}
					/>
				{:else if picked.by === 'rows'}
					<div class="grid grid-cols-[1fr_1fr] gap-2">
						<Field
							label={m.from_row()}
							inputmode="numeric"
							bind:value={picked.from}
							problem={plan.partProblem(id, 'from')}
						/>
						<Field label={m.to_row()} inputmode="numeric" bind:value={picked.to} problem={plan.partProblem(id, 'to')} />
					</div>
				{:else}
					<div class="grid grid-cols-[1fr_1fr] gap-2">
						<Field
							label={m.width()}
							units={unitsLike(units.side)}
							bind:value={picked.width}
							problem={plan.partProblem(id, 'width')}
						/>
						<Field
							label={m.all_their_length()}
							units={unitsLike(units.side)}
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
	small {
		display: block;
		color: var(--ink);
	}
	@media (max-width: 859px) {
		.blocks,
		.block.on {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
