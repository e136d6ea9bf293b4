<!-- @component Loads as tanks: mix, area, water and each product of every load, from the unrounded plan. -->
<script lang="ts">
	import type { LoadPlan } from '$core';
	import Tank from '$lib/drawings/Tank.svelte';
	import type { FarmSettings } from '$lib/formats/farm-settings';
	import { groupLoads, shownAmount, shownLoads } from '$lib/shown/shown-plan';
	import { shortUnit, fieldUnits } from '$lib/formats/field-units';
	import { inUnit, showFigure } from '$core';

	interface Props {
		plan: LoadPlan;
		/** Tank, m³. */
		tank: number;
		/** Names of the products, in the plan's order. */
		names: readonly string[];
		settings: FarmSettings;
	}
	let { plan, tank, names, settings }: Props = $props();

	const units = $derived(fieldUnits(settings));
	const groups = $derived(groupLoads(shownLoads(plan, tank, names, settings)));
	const figure = (v: number) => showFigure(v, 4, settings.decimalComma);
</script>

<div class="facts" aria-live="polite">
	<div>
		<span class="lab">to spray</span><span class="num"
			>{figure(inUnit('area', plan.area, units.area))} <small>{units.area}</small></span
		>
	</div>
	<div>
		<span class="lab">spray mix</span><span class="num"
			>{figure(inUnit('volume', plan.mix, units.tank))} <small>{shortUnit(units.tank)}</small></span
		>
	</div>
	<div><span class="lab">loads</span><span class="num" data-testid="load-count">{plan.loads.length}</span></div>
	{#each plan.totals as total, i (i)}
		{@const t = shownAmount(total, settings)}
		<div><span class="lab">{names[i]} in all</span><span class="num">{t.value} <small>{t.unit}</small></span></div>
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
							<dd class="num">{p.value} <small>{p.unit}</small></dd>
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
	.product dd {
		font-size: 1.7rem;
		line-height: 1.1;
	}
</style>
