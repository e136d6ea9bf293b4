<!-- @component A set for the whole arc: the sizes at hand, the wanted share by height, the search and what it found. -->
<script lang="ts">
	import { m } from '$words';
	import { Progress } from '@skeletonlabs/skeleton-svelte';
	import Field from '$lib/kit/Field.svelte';
	import Toggle from '$lib/kit/Toggle.svelte';
	import { untrack } from 'svelte';
	import { usualAgitation } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { ArcSetState } from './arc-set.svelte';
	import type { NozzleMaths } from './nozzles-worker';
	import { adjustFigures } from '$lib/show/adjust';

	let { adjust, maths, disabled = false }: { adjust: AdjustState; maths: NozzleMaths; disabled?: boolean } = $props();
	const arc = untrack(() => new ArcSetState(adjust, maths));
	const f = $derived(adjustFigures(adjust.source.settings));
	const zones = [m.lower_third(), m.middle_third(), m.upper_third()];
	const numbers = $derived(adjust.source.numbers);
	const now = $derived(adjust.source.sprayer.groups ?? []);
	const perSide = $derived(numbers.nozzles / 2);
	const total = $derived(arc.sides.reduce((s, q) => s + q, 0));
	const stir = $derived(numbers.stir ?? usualAgitation(numbers.tank));
	const set = $derived(arc.result?.set ?? null);
	const percent = (share: number) => `${Math.round(share * 100)} %`;
	const taken = $derived(adjust.set !== null && arc.names.join() === adjust.set?.groups.join());
</script>

<section class="card grid gap-2.5 py-3 px-3.5">
	<header>
		<h3>{m.a_set_for_the_whole_arc()}</h3>
		<p class="lab">
			{m.within_2_of_the_flow_that()}
		</p>
	</header>
	<div class="grid grid-cols-[190px_minmax(0,1fr)] gap-4.5 phone:grid-cols-1">
		<fieldset class="grid gap-1.5 content-start min-w-0" {disabled}>
			<legend class="px-0 pt-0 pb-1 font-semibold">{m.wanted_share_of_the_spray()}</legend>
			{#each [2, 1, 0] as z (z)}
				<Field
					label={zones[z] ?? ''}
					inputmode="decimal"
					bind:value={() => arc.shares[z] ?? '', (text) => (arc.shares[z] = text)}
				/>
			{/each}
		</fieldset>
		<fieldset class="grid gap-1.5 content-start min-w-0" {disabled}>
			<legend class="px-0 pt-0 pb-1 font-semibold"
				>{m.sizes_at_hand({
					which: arc.pressure ? m.at({ pressure: f.pressure(arc.pressure), pressureUnit: f.pressureUnit }) : ''
				})}</legend
			>
			<div class="flex flex-wrap gap-1.5">
				{#each arc.atHand as size (size.key)}
					<label
						class="size flex items-center gap-2 min-h-12 py-0 px-2.5 border border-dashed border-field-border rounded-[6px] leading-[1.15]"
						class:on={arc.used.includes(size)}
					>
						<input type="checkbox" checked={!arc.left.includes(size.key)} onchange={() => arc.toggle(size.key)} />
						<span
							><b>{size.name}</b>
							<small class="text-soft">{f.flow(size.flow)} {f.flowUnit}{size.fitted ? m.fitted() : ''}</small></span
						>
					</label>
				{/each}
				{#if arc.atHand.length === 0}<p class="lab">
						{m.none_mark_those_in_the_shed()} <a href="/nozzles">{m.the_nozzle_table()}</a>.
					</p>{/if}
			</div>
			{#if numbers.sections.length === 2 && adjust.source.entered.off.length === 0}
				<Toggle label={m.left_and_right_alike()} bind:checked={arc.alike} />
			{/if}
		</fieldset>
	</div>
	<div class="flex gap-3.5 items-center">
		{#if arc.progress !== null}
			<Progress class="flex-1" value={Math.round(arc.progress * 100)} translations={{ value: () => m.search() }}>
				<Progress.Track class="h-4.5 overflow-hidden rounded bg-straw-wash ring-1 ring-straw-edge">
					<Progress.Range class="h-full bg-dye" />
				</Progress.Track>
			</Progress>
			<button type="button" class="btn" onclick={() => arc.cancel()}>{m.stop_the_search()}</button>
		{:else}
			<button type="button" class="btn ink" {disabled} onclick={() => void arc.search()}>{m.search_a_set()}</button>
		{/if}
	</div>
	{#if arc.problem}<p class="problem" role="alert">✕ {arc.problem}</p>{/if}
	{#if set}
		<div
			class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)] gap-x-6 gap-y-3.5 pt-2.5 border-t border-t-rule phone:grid-cols-1"
			role="status"
		>
			<div class="facts">
				<p><span class="num text-[2.4rem] leading-none">{f.flow(total)}</span> {m.in_all({ flowUnit: f.flowUnit })}</p>
				{#each arc.sides as side, i (i)}
					{#if side > 0}<p>
							<span class="num leading-none text-[1.5rem]">{f.flow(side)}</span>
							{f.flowUnit}
							{i === 0 ? m.left() : m.right()}
						</p>{/if}
				{/each}
				<p>
					<span class="num leading-none text-[1.5rem]">{set.changes}</span>
					{m.nozzles_to_change({ changes: set.changes })}
				</p>
				{#if numbers.pump !== null}
					{@const spare = numbers.pump - total - stir}
					<p class:bad={spare < 0}>
						{m.the_pump_gives_agitation_takes({
							which: spare < 0 ? '✕ ' : '',
							pump: f.flow(numbers.pump),
							stir: f.flow(stir),
							which2: numbers.stir === null ? m.n5_of_the_tank_a_minute() : '',
							flow: f.flow(Math.abs(spare)),
							flowUnit: f.flowUnit,
							which3: spare < 0 ? m.short() : m.to_spare()
						})}
					</p>
				{:else}
					<p class="lab">{m.write_on_the_sprayers_page_what()}</p>
				{/if}
			</div>
			<table class="row-[1/3] col-2 border-collapse self-start phone:row-[auto] phone:col-1">
				<thead>
					<tr
						><th scope="col">{m.from_the_top()}</th><th scope="col">{m.left_title()}</th><th scope="col"
							>{m.right_title()}</th
						></tr
					>
				</thead>
				<tbody>
					{#each Array.from({ length: perSide }, (_, i) => perSide - 1 - i) as i (i)}
						<tr>
							<th scope="row">{i + 1}</th>
							{#each [i, perSide + i] as n (n)}
								<td class:changed={now[n] !== arc.names[n]}
									>{arc.names[n]}{#if now[n] !== arc.names[n]}<small class="text-soft">
											{m.was({ now: now[n] ?? '?' })}</small
										>{/if}</td
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
						<dd class="mx-0 mt-0 mb-2">
							<i style="--share:{(set.shares[z] ?? 0) * 100}%; --want:{(arc.result?.asked.shares[z] ?? 0) * 100}%"></i>
							<span class="num leading-none text-[1.5rem]">{percent(set.shares[z] ?? 0)}</span>
							<small class="text-soft">{m.of_wanted({ percent: percent(arc.result?.asked.shares[z] ?? 0) })}</small>
						</dd>
					</div>
				{/each}
			</dl>
			<button
				type="button"
				class="btn col-span-full justify-self-start"
				aria-pressed={taken}
				{disabled}
				onclick={() => arc.use()}>{taken ? m.taken() : m.take_this_set()}</button
			>
		</div>
	{/if}
</section>

<style>
	h3 {
		font: 600 1rem var(--font-text);
	}
	.size.on {
		border-style: solid;
		border-color: var(--ink);
	}
	.bad {
		color: var(--rust-text);
		font-weight: 600;
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
</style>
