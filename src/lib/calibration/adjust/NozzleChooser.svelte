<!-- @component Every nozzle of the farm's table that gives the wanted volume, best first, with filters and a chart. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { dropletClasses } from '$core';
	import type { AdjustState } from './adjust.svelte';
	import { ChooserState } from './chooser.svelte';
	import type { NozzleMaths } from './nozzles-worker';
	import { adjustFigures } from '$lib/show/adjust';
	import { dropletWords, nozzleKindWords, nozzleName } from '$lib/wording/nozzles';
	import IsoDot from '$lib/drawings/IsoDot.svelte';
	import RangePlace from './RangePlace.svelte';
	import VolumeChart from './VolumeChart.svelte';
	import Field from '$lib/kit/Field.svelte';

	let { adjust, maths, disabled = false }: { adjust: AdjustState; maths: NozzleMaths; disabled?: boolean } = $props();
	const chooser = untrack(() => new ChooserState(adjust, maths));
	const f = $derived(adjustFigures(adjust.source.settings));
	const paced = $derived(adjust.present?.paced ?? false);
	let more = $state(false);
	const few = 6;

	// What is asked is read here, so that any change of it asks again; the answer is the worker's.
	$effect(() => {
		void [chooser.asked, chooser.filter, adjust.source.table];
		void untrack(() => chooser.ask());
	});
	const found = $derived(chooser.found);
	const shown = $derived(found ? (more ? found.choices : found.choices.slice(0, few)) : []);
	const picked = $derived(adjust.other?.key ?? null);
</script>

<section class="card grid gap-2.5 py-3 px-3.5">
	<header class="flex justify-between gap-3">
		<div>
			<h3>{m.nozzles_that_do_it()}</h3>
			<p class="lab">
				{m.best_first_in_the_middle_of()} <a href="/nozzles">{m.the_farms_table()}</a>
			</p>
		</div>
		<p class="num text-[2rem] leading-none" role="status">
			{found ? `${found.all}` : ''}<span class="sr-only"> {m.nozzles_do_it()}</span>
		</p>
	</header>
	<div class="flex flex-wrap gap-x-4 gap-y-2 items-end">
		<div class="flex-[1_1_220px]">
			<Field
				label={m.only_those_with()}
				placeholder={m.air_induction_03_shed_3_bar()}
				bind:value={chooser.filter}
				problem={chooser.problem}
			/>
		</div>
		<div class="flex-[1_1_220px]">
			<Field
				label={m.the_label_asks_for_drops()}
				type="choice"
				options={[
					{ value: '', label: m.of_any_size() },
					...dropletClasses.map((value) => ({ value, label: dropletWords[value] }))
				]}
				bind:value={
					() => chooser.drops.from,
					(from) => (chooser.drops = { ...chooser.drops, from: dropletClasses.find((drops) => drops === from) ?? '' })
				}
			/>
		</div>
		{#if chooser.drops.from}
			<label class="check"
				><input
					type="checkbox"
					checked={chooser.drops.coarser}
					onchange={(e) => (chooser.drops = { ...chooser.drops, coarser: e.currentTarget.checked })}
				/>
				{m.or_coarser()}</label
			>
		{/if}
	</div>
	{#if found && found.withoutDrops > 0}
		<p class="lab">
			{m.were_left_out_their_entry_gives({ withoutDrops: found.withoutDrops })}
		</p>
	{/if}
	{#if found && found.all === 0}
		<p>
			<b>{m.no_nozzle_of_the_table_does()}</b>
			{m.widen_the_filter_add_the_nozzles()}
			<a href="/nozzles">{m.the_table()}</a>{m.or_ask_less_of_the_speed()}
		</p>
	{/if}
	{#if shown.some((choice) => choice.nozzle.typical)}<p class="lab">{m.typical_is_not_from_the_sheet()}</p>{/if}
	<ul>
		{#each shown as choice (choice.nozzle.key)}
			{@const n = choice.nozzle}
			<li
				class="grid grid-cols-[30px_minmax(0,1.3fr)_auto_auto_minmax(110px,1fr)_auto] gap-x-3.5 gap-y-1 items-center py-1.5 px-1 border-t border-t-hair phone:grid-cols-[30px_minmax(0,1fr)_auto_auto]"
				class:on={picked === n.key}
			>
				<IsoDot size={n.size} />
				<div class="grid leading-[1.25]">
					<b>{nozzleName(n)}</b>
					<span class="lab"
						>{[
							n.key === adjust.fitted?.key ? m.fitted_inline() : '',
							n.key.startsWith('iso-') ? '' : nozzleKindWords[n.kind],
							n.angle ? `${n.angle}°` : '',
							choice.drops ? dropletWords[choice.drops] : '',
							n.shed ? m.in_the_shed() : ''
						]
							.filter(Boolean)
							.join(' · ')}</span
					>
				</div>
				<p class="whitespace-nowrap text-right">
					<span class="num text-[1.5rem]">{f.speed(choice.speed, paced)}</span> <small>{f.speedUnit(paced)}</small>
				</p>
				<p class="whitespace-nowrap text-right">
					<span class="num text-[1.5rem]">{f.pressure(choice.pressure)}</span> <small>{f.pressureUnit}</small>
				</p>
				<RangePlace
					place={choice.place}
					low={f.pressure(n.low)}
					high={f.pressure(n.high)}
					unit={f.pressureUnit}
					typical={n.typical}
				/>
				<button
					type="button"
					class="btn"
					aria-pressed={picked === n.key}
					aria-label="{picked === n.key ? m.taken() : m.take_it()}: {nozzleName(n)}"
					{disabled}
					onclick={() => adjust.useNozzle(choice)}>{picked === n.key ? m.taken() : m.take_it()}</button
				>
			</li>
		{/each}
	</ul>
	{#if found && found.choices.length > few}
		<button type="button" class="btn plain" aria-expanded={more} onclick={() => (more = !more)}
			>{more ? m.fewer() : m.more_count({ count: found.choices.length - few })}</button
		>
	{/if}
	{#if adjust.other && adjust.reach && adjust.aim && adjust.point}
		<VolumeChart
			reach={adjust.reach}
			wanted={adjust.aim.volume}
			speed={adjust.point.speed}
			settings={adjust.source.settings}
			{paced}
			name={nozzleName(adjust.other)}
		/>
	{/if}
</section>

<style>
	h3 {
		font: 600 1rem var(--font-text);
	}
	li.on {
		background: var(--dye-wash);
	}
	@media (max-width: 859px) {
		li > :global(.place) {
			grid-column: 1 / 3;
		}
		li .btn {
			grid-column: 3 / 5;
		}
	}
</style>
