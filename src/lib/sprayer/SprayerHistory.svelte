<!-- @component A sprayer over time: volume, wear and evenness as lines, and every nozzle against every calibration. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import Field from '$lib/kit/Field.svelte';
	import type { TypedSprayer } from '$core';
	import { showDecimals, factor } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import { chart } from '$lib/kit/chart';
	import type { FieldVolume, TraceLike } from './history';
	import { fieldLine, lineOptions, nozzleGrid, wearLine } from './history';
	import { namesOf } from '$lib/wording/nozzle-names';
	import Segmented from '$lib/kit/Segmented.svelte';

	interface Props {
		sprayerId: string;
		sprayer: TypedSprayer;
		settings: FarmSettings;
		total: number;
	}
	let { sprayerId, sprayer: sprayer, settings, total }: Props = $props();

	let shown = $state<'none' | 'volume' | 'wear' | 'evenness' | 'field' | 'nozzles'>('none');
	let traces = $state.raw<readonly TraceLike[]>([]);
	let jobs = $state.raw<readonly FieldVolume[]>([]);
	let newNozzles = $state<string | null>(null);
	let problem = $state('');
	let one = $state('');
	let two = $state('');

	/** Fetched only when somebody looks: a page of calibrations is quick without it. */
	async function look(what: typeof shown) {
		shown = what;
		if (traces.length > 0) return;
		try {
			const response = await fetch(`/api/sprayers/${sprayerId}/history`);
			if (!response.ok) throw new Error(String(response.status));
			const answer = (await response.json()) as {
				history: TraceLike[];
				jobs: FieldVolume[];
				newNozzles: string | null;
			};
			({ history: traces, jobs, newNozzles } = answer);
			one = traces.at(-2)?.id ?? traces.at(-1)?.id ?? '';
			two = traces.at(-1)?.id ?? '';
			problem = '';
		} catch {
			problem = m.the_history_cannot_be_fetched_now();
		}
	}
	const names = $derived(namesOf(sprayer));
	const unit = $derived(longUnit(settings.rateUnit));
	const lines = $derived.by(() => {
		if (shown === 'volume')
			return lineOptions(
				traces.map((t) => ({ day: t.signedDay, value: t.rate / factor('volumePerArea', settings.rateUnit) })),
				m.spray_volume_unit({ unit }),
				settings.decimalComma,
				[]
			);
		if (shown === 'wear') return wearLine(traces, newNozzles, settings.decimalComma);
		if (shown === 'field') return fieldLine(jobs, settings.decimalComma);
		return lineOptions(
			traces.flatMap((t) => (t.unevenness === null ? [] : [{ day: t.signedDay, value: t.unevenness * 100 }])),
			m.unevenness_cv(),
			settings.decimalComma,
			[]
		);
	});
	const outlook = $derived('outlook' in lines ? (lines.outlook as string) : '');
	const grid = $derived(nozzleGrid(traces.slice(-12)));
	const words = (v: number | null) =>
		v === null ? '' : `${v < 0 ? '−' : '+'}${showDecimals(Math.abs(v) * 100, 0, settings.decimalComma)}`;
	/** Over: amber; under: rust-edged straw; even: paper. Told in figures too. */
	const shade = (v: number | null) =>
		v === null
			? 'transparent'
			: v >= 0
				? `color-mix(in oklab, var(--amber-fill) ${Math.min(100, v * 700)}%, var(--card))`
				: `color-mix(in oklab, var(--dye-light) ${Math.min(100, -v * 700)}%, var(--card))`;
	const signed = $derived(traces.map((t) => ({ value: t.id, label: `${dayText(t.signedDay)} ${t.person}` })));
</script>

<section class="grid gap-3 min-w-0" aria-label={m.over_time()}>
	<div class="flex flex-wrap justify-between items-center gap-2.5">
		<h2>{m.over_time()}</h2>
		<Segmented
			label={m.what_is_shown_over_time()}
			options={[
				{ value: 'volume', label: m.volume() },
				{ value: 'wear', label: m.wear_of_nozzles() },
				{ value: 'evenness', label: m.evenness() },
				{ value: 'field', label: m.in_the_field() },
				{ value: 'nozzles', label: m.nozzle_by_nozzle() }
			]}
			value={shown === 'none' ? ('' as 'volume') : shown}
			onchange={(v) => void look(v)}
		/>
	</div>
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
	{#if shown === 'none'}
		<p class="lab">
			{total === 1 ? m.one_calibration_so_far_a_line() : m.pick_what_to_see_how_the()}
		</p>
	{:else if traces.length > 0 && shown !== 'nozzles'}
		{#if lines.points < 2}<p class="lab">
				{shown === 'volume'
					? m.one_calibration_so_far_a_line()
					: shown === 'field'
						? m.was_closed_with_it_so_far({ which: jobs.length === 0 ? m.no_job() : m.one_job() })
						: m.fewer_than_two_calibrations_tell_this()}
			</p>{/if}
		{#if outlook}<p class="py-2 px-3.5 border-l-6 border-l-dye bg-card font-semibold">{outlook}</p>{/if}
		{#if lines.points > 0}<div
				class="card min-h-67.5 px-2.5 pt-2 pb-0"
				role="img"
				aria-label={lines.words}
				{@attach chart(() => lines.options)}
			></div>{/if}
	{:else if traces.length > 0}
		<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
		<div class="ledger-scroll" role="region" aria-label={m.nozzles_by_calibration()} tabindex="0">
			<table class="border-collapse">
				<thead
					><tr
						><th scope="col">{m.off_its_group()}</th>{#each grid.nozzles as n (n)}<th scope="col">{names.listed(n)}</th
							>{/each}</tr
					></thead
				>
				<tbody>
					{#each grid.rows as row (row.id)}
						<tr>
							<th scope="row"><a class="inline-block py-2 px-0" href="/calibrations/{row.id}">{dayText(row.day)}</a></th
							>
							{#each row.cells as cell, i (grid.nozzles[i])}<td style="background:{shade(cell)}">{words(cell)}</td
								>{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		{#if grid.drifting.length > 0}
			<p class="look">
				{m.drift_the_same_way_from_calibration({
					list: grid.drifting.map((d) => names.nozzle(d.n)).join(', '),
					count: grid.drifting.length
				})}
			</p>
		{/if}
	{/if}
	{#if traces.length > 1}
		<form class="flex flex-wrap items-end gap-3" action="/sprayers/{sprayerId}/compare">
			<Field name="one" label={m.compare()} type="choice" bind:value={one} options={signed} />
			<Field name="two" label={m.with_word()} type="choice" bind:value={two} options={signed} />
			<button class="btn plain">{m.side_by_side()}</button>
		</form>
	{/if}
</section>

<style>
	th,
	td {
		min-width: 42px;
		height: 38px;
		padding: 0 4px;
		border: 1px solid var(--rule);
		font: 600 0.95rem var(--font-figures);
		font-stretch: 78%;
		text-align: center;
		white-space: nowrap;
	}
	th:first-child {
		padding: 0 10px;
		text-align: left;
		font: 600 0.9rem var(--font-text);
	}
</style>
