<!-- @component Loads as tanks: mix, area, water and each product of every load, from the unrounded plan. -->
<script lang="ts">
	import { m } from '$words';
	import type { LoadPlan, PlanSheet } from '$core';
	import { asWritten } from '$lib/wording/as-written';
	import Tank from '$lib/drawings/Tank.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { show, showAmount } from '$lib/show/show';
	import type { PlannedProduct } from '$lib/show/shown-plan';
	import type { LoadProgress } from '$lib/show/load-progress';
	import { groupLoads, shownLoads } from '$lib/show/shown-plan';

	interface Props {
		plan: LoadPlan;
		sheet: PlanSheet;
		/** In the plan's order. */
		products: readonly PlannedProduct[];
		settings: FarmSettings;
		/** How far each load of a job under way is, in the plan's order; none while it is planned. */
		progress?: readonly LoadProgress[] | null;
	}
	let { plan, sheet, products, settings, progress = null }: Props = $props();

	const groups = $derived(groupLoads(shownLoads(plan, sheet, products, settings), progress));
	/** Straw is dry, dye is wet: the edge of a load turns blue as its ground does. */
	const edges = {
		dry: 'border-l-8! border-l-straw!',
		now: 'border-l-8! border-l-dye! [border-left-style:double]!',
		out: 'border-l-8! border-l-dye!'
	};
	const area = $derived(show('area', plan.area, settings, { digits: 4 }));
	const mix = $derived(show('tank', plan.mix, settings, { digits: 4 }));
</script>

<div class="flex flex-wrap gap-x-7 gap-y-2.5" aria-live="polite">
	<div>
		<span class="lab block">{m.to_spray()}</span><span class="num text-[1.9rem] leading-[1.05]"
			>{area.figure} <small>{area.unit}</small></span
		>
	</div>
	<div>
		<span class="lab block">{m.spray_mix()}</span><span class="num text-[1.9rem] leading-[1.05]"
			>{mix.figure} <small>{mix.unit}</small></span
		>
	</div>
	<div>
		<span class="lab block">{m.loads_inline()}</span><span
			class="num text-[1.9rem] leading-[1.05]"
			data-testid="load-count">{plan.loads.length}</span
		>
	</div>
	{#each plan.totals as total, i (i)}
		{@const t = showAmount(total, settings, products[i]?.dose)}
		<div>
			<span class="lab block">{m.in_all_name({ name: products[i]?.name ?? '' })}</span><span
				class="num text-[1.9rem] leading-[1.05]">{t.figure} <small>{t.unit}</small></span
			>
		</div>
	{/each}
</div>
<ol class="grid grid-cols-[repeat(auto-fill,minmax(min(330px,100%),1fr))] gap-3.5">
	{#each groups as group (group.from)}
		{@const at = progress?.[group.from - 1]}
		<li class="card grid grid-cols-[92px_1fr] gap-4 py-3.5 px-4 {at ? edges[at.look] : ''}" data-testid="load">
			<div class="tank">
				<Tank full={group.load.fill} product={group.load.productFill} left={at?.left} look={at?.look} />
			</div>
			<div>
				<h3>
					{group.from === group.to ? m.load({ from: group.from }) : m.loads_to_each({ from: group.from, to: group.to })}
					{#if group.load.part}<span class="tag"
							>{plan.loads.length > 1 && group.to === plan.loads.length && group.from === group.to
								? m.part_load()
								: m.part_full()}</span
						>{/if}
				</h3>
				{#if at}<p
						class="mt-0.5 flex flex-wrap items-baseline gap-x-2.5 gap-y-0.5 {at.look === 'dry'
							? 'text-straw-text'
							: 'text-dye-text'}"
						data-state={at.state}
					>
						<b class="inline-block first-letter:uppercase">{at.look === 'out' ? '✓ ' : ''}{at.words}</b
						>{#if at.since}<span class="lab">{at.since}</span>{/if}
					</p>{/if}
				<p class="mx-0 mt-1 mb-1.5">
					<span class="num text-[1.9rem] leading-[1.05]">{group.load.mix}</span>
					{m.over_area({ area: group.load.area })}
				</p>
				<dl>
					<div>
						<dt>{m.water()}</dt>
						<dd class="num text-[1.25rem]">{group.load.water}</dd>
					</div>
					{#each group.load.products as p, i (i)}<div>
							<dt class="font-[650]">{p.name}</dt>
							<dd class="num text-[1.7rem] leading-[1.1]">{p.figure} <small>{p.unit}</small></dd>
							{#if p.mark}<dd class="col-span-full justify-self-end text-[0.95rem]">
									{m.at_the_mark({ mark: p.mark })}
								</dd>
							{:else if p.coarse}<dd class="col-span-full justify-self-end text-[0.95rem] text-straw-text">
									{m.no_mark_within_a_finer_measure({ example: asWritten('2.5 %', settings.decimalComma) })}
								</dd>{/if}
						</div>{/each}
				</dl>
			</div>
		</li>
	{/each}
</ol>

<style>
	small {
		font: 600 0.95rem var(--font-text);
	}
	.tag {
		margin-left: 6px;
		padding: 1px 8px;
		border: 1px solid var(--straw-edge);
		border-radius: 3px;
		background: var(--straw-wash);
		color: var(--straw-text);
		font: 600 0.82rem var(--font-text);
	}
	dl div {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 8px;
		align-items: baseline;
		padding: 3px 0;
		border-top: 1px dashed var(--rule);
	}
</style>
