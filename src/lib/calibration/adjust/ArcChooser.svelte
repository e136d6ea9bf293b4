<!-- @component A set for the whole arc: the sizes at hand, the wanted share by height, the search and what it found. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import { usualAgitation } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { ArcSetState } from './arc-set.svelte';
	import type { NozzleMaths } from './nozzles-worker';
	import { adjustFigures } from '$lib/show/adjust';

	let { adjust, maths, disabled = false }: { adjust: AdjustState; maths: NozzleMaths; disabled?: boolean } = $props();
	const arc = untrack(() => new ArcSetState(adjust, maths));
	const f = $derived(adjustFigures(adjust.source.settings));
	const zones = ['Lower third', 'Middle third', 'Upper third'];
	const numbers = $derived(adjust.source.numbers);
	const now = $derived(adjust.source.rig.groups ?? []);
	const perSide = $derived(numbers.nozzles / 2);
	const total = $derived(arc.sides.reduce((s, q) => s + q, 0));
	const stir = $derived(numbers.stir ?? usualAgitation(numbers.tank));
	const set = $derived(arc.result?.set ?? null);
	const percent = (share: number) => `${Math.round(share * 100)} %`;
	const taken = $derived(adjust.set !== null && arc.names.join() === adjust.set?.groups.join());
</script>

<section class="arc card">
	<header>
		<h3>A set for the whole arc</h3>
		<p class="lab">
			Within 2 % of the flow that is needed, nearest to the share by height, then the fewest nozzles to change.
		</p>
	</header>
	<div class="ask">
		<fieldset {disabled}>
			<legend>Wanted share of the spray, %</legend>
			{#each [2, 1, 0] as z (z)}
				<label
					>{zones[z]}
					<input class="field-input" inputmode="decimal" bind:value={arc.shares[z]} />
				</label>
			{/each}
		</fieldset>
		<fieldset {disabled}>
			<legend>Sizes at hand{arc.pressure ? `, at ${f.pressure(arc.pressure)} ${f.pressureUnit}` : ''}</legend>
			<div class="sizes">
				{#each arc.atHand as size (size.key)}
					<label class="size" class:on={arc.used.includes(size)}>
						<input type="checkbox" checked={!arc.left.includes(size.key)} onchange={() => arc.toggle(size.key)} />
						<span
							><b>{size.name}</b> <small>{f.flow(size.flow)} {f.flowUnit}{size.fitted ? ', fitted' : ''}</small></span
						>
					</label>
				{/each}
				{#if arc.atHand.length === 0}<p class="lab">
						None. Mark those in the shed on <a href="/nozzles">the nozzle table</a>.
					</p>{/if}
			</div>
			{#if numbers.sections.length === 2 && adjust.source.round.off.length === 0}
				<label class="check"><input type="checkbox" bind:checked={arc.alike} /> Left and right alike</label>
			{/if}
		</fieldset>
	</div>
	<div class="do">
		{#if arc.progress !== null}
			<progress max="1" value={arc.progress} aria-label="Search"></progress>
			<button type="button" class="btn" onclick={() => arc.cancel()}>Stop the search</button>
		{:else}
			<button type="button" class="btn ink" {disabled} onclick={() => void arc.search()}>Search a set</button>
		{/if}
	</div>
	{#if arc.problem}<p class="problem" role="alert">✕ {arc.problem}</p>{/if}
	{#if set}
		<div class="found" role="status">
			<div class="facts">
				<p><span class="num">{f.flow(total)}</span> {f.flowUnit} in all</p>
				{#each arc.sides as side, i (i)}
					{#if side > 0}<p>
							<span class="num small">{f.flow(side)}</span>
							{f.flowUnit}
							{i === 0 ? 'left' : 'right'}
						</p>{/if}
				{/each}
				<p><span class="num small">{set.changes}</span> {set.changes === 1 ? 'nozzle' : 'nozzles'} to change</p>
				{#if numbers.pump !== null}
					{@const spare = numbers.pump - total - stir}
					<p class:bad={spare < 0}>
						{spare < 0 ? '✕ ' : ''}The pump gives {f.flow(numbers.pump)}, agitation takes {f.flow(
							stir
						)}{numbers.stir === null ? ' (5 % of the tank a minute)' : ''}: {f.flow(Math.abs(spare))}
						{f.flowUnit}
						{spare < 0 ? 'short' : 'to spare'}
					</p>
				{:else}
					<p class="lab">Write on the sprayer’s page what the pump gives, and it is held against it.</p>
				{/if}
			</div>
			<table>
				<thead>
					<tr><th scope="col">From the top</th><th scope="col">Left</th><th scope="col">Right</th></tr>
				</thead>
				<tbody>
					{#each Array.from({ length: perSide }, (_, i) => perSide - 1 - i) as i (i)}
						<tr>
							<th scope="row">{i + 1}</th>
							{#each [i, perSide + i] as n (n)}
								<td class:changed={now[n] !== arc.names[n]}
									>{arc.names[n]}{#if now[n] !== arc.names[n]}<small> &nbsp;was {now[n] ?? '?'}</small>{/if}</td
								>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
			<dl>
				{#each [2, 1, 0] as z (z)}
					<div>
						<dt>{zones[z]}</dt>
						<dd>
							<i style="--share:{(set.shares[z] ?? 0) * 100}%; --want:{(arc.result?.asked.shares[z] ?? 0) * 100}%"></i>
							<span class="num">{percent(set.shares[z] ?? 0)}</span>
							<small>of {percent(arc.result?.asked.shares[z] ?? 0)} wanted</small>
						</dd>
					</div>
				{/each}
			</dl>
			<button type="button" class="btn" aria-pressed={taken} {disabled} onclick={() => arc.use()}
				>{taken ? 'Taken' : 'Take this set'}</button
			>
		</div>
	{/if}
</section>

<style>
	.arc {
		display: grid;
		gap: 10px;
		padding: 12px 14px;
	}
	h3 {
		font: 600 1rem var(--font-text);
	}
	.ask {
		display: grid;
		grid-template-columns: 190px minmax(0, 1fr);
		gap: 18px;
	}
	fieldset {
		display: grid;
		gap: 6px;
		align-content: start;
		min-width: 0;
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0 0 4px;
		font-weight: 600;
	}
	fieldset > label:not(.check) {
		display: grid;
		grid-template-columns: 1fr 80px;
		align-items: center;
	}
	.sizes {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.size,
	.check {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 48px;
	}
	.size {
		padding: 0 10px;
		border: 1px dashed var(--field-border);
		border-radius: 6px;
		line-height: 1.15;
	}
	.size.on {
		border-style: solid;
		border-color: var(--ink);
	}
	input[type='checkbox'] {
		width: 22px;
		height: 22px;
		accent-color: var(--dye);
	}
	small {
		color: var(--soft);
	}
	.do {
		display: flex;
		gap: 14px;
		align-items: center;
	}
	progress {
		flex: 1;
		height: 18px;
		accent-color: var(--dye);
	}
	.problem,
	.bad {
		color: var(--rust-text);
		font-weight: 600;
	}
	.found {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
		gap: 14px 24px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	.found .btn {
		grid-column: 1 / -1;
		justify-self: start;
	}
	.num {
		font-size: 2.4rem;
		line-height: 1;
	}
	.num.small,
	dd .num {
		font-size: 1.5rem;
	}
	table {
		grid-row: 1 / 3;
		grid-column: 2;
		border-collapse: collapse;
		align-self: start;
	}
	th,
	td {
		padding: 2px 10px 2px 0;
		border-bottom: 1px solid var(--hair);
		text-align: left;
		font-weight: 500;
	}
	td.changed {
		white-space: nowrap;
		font-weight: 700;
	}
	dl {
		margin: 0;
	}
	dd {
		margin: 0 0 8px;
	}
	dd i {
		display: block;
		position: relative;
		height: 14px;
		border: 1px solid var(--field-border);
		border-radius: 3px;
		background: linear-gradient(90deg, var(--soft) var(--share), var(--card) var(--share));
	}
	dd i::after {
		content: '';
		position: absolute;
		top: -4px;
		bottom: -4px;
		left: calc(var(--want) - 1.5px);
		width: 3px;
		background: var(--ink);
	}
	@media (max-width: 859px) {
		.ask,
		.found {
			grid-template-columns: minmax(0, 1fr);
		}
		table {
			grid-row: auto;
			grid-column: 1;
		}
	}
</style>
