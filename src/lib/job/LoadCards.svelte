<!-- @component Loads as tanks: mix, area, water and each product of every load, from the unrounded plan. -->
<script lang="ts">
	import type { LoadPlan, PlanSheet } from '$core';
	import { asWritten } from '$lib/wording/as-written';
	import Tank from '$lib/drawings/Tank.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { show, showAmount } from '$lib/show/show';
	import type { PlannedProduct } from '$lib/show/shown-plan';
	import { groupLoads, shownLoads } from '$lib/show/shown-plan';

	interface Props {
		plan: LoadPlan;
		sheet: PlanSheet;
		/** In the plan's order. */
		products: readonly PlannedProduct[];
		settings: FarmSettings;
	}
	let { plan, sheet, products, settings }: Props = $props();

	const groups = $derived(groupLoads(shownLoads(plan, sheet, products, settings)));
	const area = $derived(show('area', plan.area, settings, { digits: 4 }));
	const mix = $derived(show('tank', plan.mix, settings, { digits: 4 }));
</script>

<div class="facts" aria-live="polite">
	<div>
		<span class="lab">to spray</span><span class="num">{area.figure} <small>{area.unit}</small></span>
	</div>
	<div>
		<span class="lab">spray mix</span><span class="num">{mix.figure} <small>{mix.unit}</small></span>
	</div>
	<div><span class="lab">loads</span><span class="num" data-testid="load-count">{plan.loads.length}</span></div>
	{#each plan.totals as total, i (i)}
		{@const t = showAmount(total, settings, products[i]?.dose)}
		<div>
			<span class="lab">{products[i]?.name} in all</span><span class="num">{t.figure} <small>{t.unit}</small></span>
		</div>
	{/each}
</div>
<ol class="loads">
	{#each groups as group (group.from)}
		<li class="card" data-testid="load">
			<div class="tank"><Tank full={group.load.fill} product={group.load.productFill} /></div>
			<div>
				<h3>
					{group.from === group.to ? `Load ${group.from}` : `Loads ${group.from} to ${group.to}, each`}
					{#if group.load.part}<span class="tag"
							>{plan.loads.length > 1 && group.to === plan.loads.length && group.from === group.to
								? 'part load'
								: 'part full'}</span
						>{/if}
				</h3>
				<p class="mix"><span class="num">{group.load.mix}</span> over {group.load.area}</p>
				<dl>
					<div>
						<dt>Water</dt>
						<dd class="num">{group.load.water}</dd>
					</div>
					{#each group.load.products as p, i (i)}<div class="product">
							<dt>{p.name}</dt>
							<dd class="num">{p.figure} <small>{p.unit}</small></dd>
							{#if p.mark}<dd class="at-mark">at the mark {p.mark}</dd>
							{:else if p.coarse}<dd class="at-mark coarse">
									▲ no mark within {asWritten('2.5 %', settings.decimalComma)}: a finer measure, or a pre-mix
								</dd>{/if}
						</div>{/each}
				</dl>
			</div>
		</li>
	{/each}
</ol>

<style>
	.facts {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 28px;
	}
	.facts .lab {
		display: block;
	}
	.facts .num {
		font-size: 1.9rem;
		line-height: 1.05;
	}
	small {
		font: 600 0.95rem var(--font-text);
	}
	.loads {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
		gap: 14px;
	}
	li {
		display: grid;
		grid-template-columns: 92px 1fr;
		gap: 16px;
		padding: 14px 16px;
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
	.mix {
		margin: 4px 0 6px;
	}
	.mix .num {
		font-size: 1.9rem;
		line-height: 1.05;
	}
	dl {
		margin: 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 8px;
		align-items: baseline;
		padding: 3px 0;
		border-top: 1px dashed var(--rule);
	}
	dd {
		margin: 0;
		font-size: 1.25rem;
	}
	.product dt {
		font-weight: 650;
	}
	.product dd.num {
		font-size: 1.7rem;
		line-height: 1.1;
	}
	.product .at-mark {
		grid-column: 1 / -1;
		justify-self: end;
		font-size: 0.95rem;
	}
	.at-mark.coarse {
		color: var(--straw-text);
	}
</style>
