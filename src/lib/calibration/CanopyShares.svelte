<!-- @component What each side of an arc gives, and the share of the spray by height of the canopy. -->
<script lang="ts">
	import { show } from '$lib/show/show';
	import type { FlowResult } from '$core';
	import { showDecimals, zoneShares } from '$core';
	import type { RoundState } from './round.svelte';

	let { state: round, flow }: { state: RoundState; flow: FlowResult } = $props();

	const left = $derived(round.rig.sections[0] ?? 0);
	const comma = $derived(round.settings.decimalComma);
	/** A nozzle that was not caught counts as the reference of its group. */
	const flows = $derived(
		flow.nozzles.map((n) => ({ n: n.n, q: n.flow ?? flow.references.get(n.group) ?? 0, caught: n.flow !== null }))
	);
	const sides = $derived(
		[
			{ name: 'Left side', nozzles: flows.filter((f) => f.n <= left) },
			{ name: 'Right side', nozzles: flows.filter((f) => f.n > left) }
		].filter((side) => side.nozzles.length > 0)
	);
	const zones = $derived(
		zoneShares(
			sides.map((side) => side.nozzles.map((f) => f.q)),
			3
		)
	);
	const names = ['bottom', 'middle', 'top third'];
	const canopy = $derived(round.round.canopyShares);
	/** The zone whose spray is furthest from its share of the leaf. */
	const worst = $derived.by(() => {
		if (!canopy) return null;
		const gaps = zones.map((share, zone) => ({ zone, gap: share - canopy[zone]! }));
		return gaps.reduce((a, b) => (Math.abs(b.gap) > Math.abs(a.gap) ? b : a));
	});
</script>

<div class="shares">
	<p class="lab">Share of the spray by height of the canopy</p>
	{#each [2, 1, 0] as zone (zone)}
		<div class="zone">
			<span>{names[zone]}</span>
			<div class="bar" aria-hidden="true">
				<i style="width:{(zones[zone] ?? 0) * 100}%"></i>
				{#if canopy}<em style="left:{canopy[zone]! * 100}%"></em>{/if}
			</div>
			<b class="num">{Math.round((zones[zone] ?? 0) * 100)} %</b>
		</div>
	{/each}
	{#if canopy}
		<p class="lab leaf" class:look={worst !== null && Math.abs(worst.gap) > 0.1}>
			<i aria-hidden="true"></i> the leaf’s own share{worst === null
				? ''
				: Math.abs(worst.gap) > 0.1
					? `: the ${names[worst.zone]} gets ${Math.round(Math.abs(worst.gap) * 100)} points ${worst.gap > 0 ? 'more' : 'less'} than its leaf`
					: ', met within 10 points'}
		</p>
	{/if}
	<dl>
		{#each sides as side (side.name)}
			{@const open = side.nozzles.filter((f) => !f.caught).length}
			<div>
				<dt>{side.name}{open > 0 ? `, ${open} taken as even` : ''}</dt>
				<dd class="num">
					{show(
						'flow',
						side.nozzles.reduce((s, f) => s + f.q, 0),
						round.settings
					).text}
				</dd>
			</div>
		{/each}
		{#if sides.length === 2}
			{@const [l, r] = sides.map((side) => side.nozzles.reduce((s, f) => s + f.q, 0))}
			<div>
				<dt>Right against left</dt>
				<dd class="num">{r! >= l! ? '+' : '−'}{showDecimals(Math.abs(r! / l! - 1) * 100, 1, comma)} %</dd>
			</div>
		{/if}
	</dl>
</div>

<style>
	.shares {
		display: grid;
		gap: 5px;
	}
	.zone {
		display: grid;
		grid-template-columns: 72px 1fr;
		grid-auto-flow: column;
		gap: 8px;
		align-items: center;
	}
	.bar {
		position: relative;
		height: 22px;
	}
	.bar i {
		display: block;
		height: 100%;
		background: var(--dye);
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
	.leaf i {
		display: inline-block;
		width: 4px;
		height: 14px;
		background: var(--moss);
	}
	.leaf.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.zone {
		grid-template-columns: 72px minmax(0, 1fr) 48px;
	}
	.zone b {
		font-size: 1.05rem;
	}
	dl {
		margin: 6px 0 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 1fr auto;
		padding: 4px 0;
		border-bottom: 1px dashed var(--rule);
		font-size: 0.95rem;
	}
	dd {
		margin: 0;
		font-size: 1.1rem;
	}
</style>
