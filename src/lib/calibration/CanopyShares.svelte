<!-- @component What each side of an arc gives, and the share of the spray by height of the canopy. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import type { FlowResult } from '$core';
	import { showDecimals, zoneShares } from '$core';
	import type { CalibrationState } from './calibration.svelte';

	let { state: calibration, flow }: { state: CalibrationState; flow: FlowResult } = $props();

	const left = $derived(calibration.sprayer.sections[0] ?? 0);
	const comma = $derived(calibration.settings.decimalComma);
	/** A nozzle that was not caught counts as the reference of its group. */
	const flows = $derived(
		flow.nozzles.map((n) => ({ n: n.n, q: n.flow ?? flow.references.get(n.group) ?? 0, caught: n.flow !== null }))
	);
	const sides = $derived(
		[
			{ name: m.left_side(), nozzles: flows.filter((f) => f.n <= left) },
			{ name: m.right_side(), nozzles: flows.filter((f) => f.n > left) }
		].filter((side) => side.nozzles.length > 0)
	);
	const zones = $derived(
		zoneShares(
			sides.map((side) => side.nozzles.map((f) => f.q)),
			3
		)
	);
	const names = [m.bottom(), m.middle(), m.top_third()];
	const canopy = $derived(calibration.entered.canopyShares);
	/** The zone whose spray is furthest from its share of the leaf. */
	const worst = $derived.by(() => {
		if (!canopy) return null;
		const gaps = zones.map((share, zone) => ({ zone, gap: share - canopy[zone]! }));
		return gaps.reduce((a, b) => (Math.abs(b.gap) > Math.abs(a.gap) ? b : a));
	});
</script>

<div class="grid gap-1.25">
	<p class="lab">{m.share_of_the_spray_by_height()}</p>
	{#each [2, 1, 0] as zone (zone)}
		<div class="zone">
			<span>{names[zone]}</span>
			<div class="bar relative h-5.5" aria-hidden="true">
				<i class="block h-full bg-dye" style="width:{(zones[zone] ?? 0) * 100}%"></i>
				{#if canopy}<em style="left:{canopy[zone]! * 100}%"></em>{/if}
			</div>
			<b class="num text-[1.05rem]">{Math.round((zones[zone] ?? 0) * 100)} %</b>
		</div>
	{/each}
	{#if canopy}
		<p class="lab leaf" class:look={worst !== null && Math.abs(worst.gap) > 0.1}>
			<i class="inline-block w-1 h-3.5 bg-moss" aria-hidden="true"></i>
			{m.the_leafs_own_share({
				which:
					worst === null
						? ''
						: Math.abs(worst.gap) > 0.1
							? m.the_gets_points_than_its_leaf({
									third: names[worst.zone] ?? '',
									figure: Math.round(Math.abs(worst.gap) * 100),
									which: worst.gap > 0 ? m.more() : m.less()
								})
							: m.met_within_10_points()
			})}
		</p>
	{/if}
	<dl class="mx-0 mt-1.5 mb-0">
		{#each sides as side (side.name)}
			{@const open = side.nozzles.filter((f) => !f.caught).length}
			<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule text-[0.95rem]">
				<dt>{side.name}{open > 0 ? m.taken_as_even({ open }) : ''}</dt>
				<dd class="num text-[1.1rem]">
					{show(
						'flow',
						side.nozzles.reduce((s, f) => s + f.q, 0),
						calibration.settings
					).text}
				</dd>
			</div>
		{/each}
		{#if sides.length === 2}
			{@const [l, r] = sides.map((side) => side.nozzles.reduce((s, f) => s + f.q, 0))}
			<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule text-[0.95rem]">
				<dt>{m.right_against_left()}</dt>
				<dd class="num text-[1.1rem]">{r! >= l! ? '+' : '−'}{showDecimals(Math.abs(r! / l! - 1) * 100, 1, comma)} %</dd>
			</div>
		{/if}
	</dl>
</div>

<style>
	.zone {
		display: grid;
		grid-template-columns: 72px 1fr;
		grid-auto-flow: column;
		gap: 8px;
		align-items: center;
	}
	.bar em {
		position: absolute;
		top: -3px;
		width: 4px;
		height: 28px;
		margin-left: -2px;
		background: var(--moss);
		box-shadow: 0 0 0 1px var(--card);
	}
	.leaf.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.zone {
		grid-template-columns: 72px minmax(0, 1fr) 48px;
	}
</style>
