<!-- @component A sprayer over time: volume, wear and evenness as lines, and every nozzle against every calibration. -->
<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import Field from '$lib/kit/Field.svelte';
	import type { Rig } from '$core';
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
		rig: Rig;
		settings: FarmSettings;
		total: number;
	}
	let { sprayerId, rig, settings, total }: Props = $props();

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
			problem = 'The history cannot be fetched now. Try again when the farm can be reached.';
		}
	}
	const names = $derived(namesOf(rig));
	const unit = $derived(longUnit(settings.rateUnit));
	const lines = $derived.by(() => {
		if (shown === 'volume')
			return lineOptions(
				traces.map((t) => ({ day: t.signedDay, value: t.rate / factor('volumePerArea', settings.rateUnit) })),
				`spray volume, ${unit}`,
				settings.decimalComma,
				[]
			);
		if (shown === 'wear') return wearLine(traces, newNozzles, settings.decimalComma);
		if (shown === 'field') return fieldLine(jobs, settings.decimalComma);
		return lineOptions(
			traces.flatMap((t) => (t.unevenness === null ? [] : [{ day: t.signedDay, value: t.unevenness * 100 }])),
			'unevenness (CV), %',
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

<section class="grid gap-3 min-w-0" aria-label="Over time">
	<div class="flex flex-wrap justify-between items-center gap-2.5">
		<h2>Over time</h2>
		<Segmented
			label="What is shown over time"
			options={[
				{ value: 'volume', label: 'Volume' },
				{ value: 'wear', label: 'Wear' },
				{ value: 'evenness', label: 'Evenness' },
				{ value: 'field', label: 'In the field' },
				{ value: 'nozzles', label: 'Nozzle by nozzle' }
			]}
			value={shown === 'none' ? ('' as 'volume') : shown}
			onchange={(v) => void look(v)}
		/>
	</div>
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
	{#if shown === 'none'}
		<p class="lab">
			{total === 1
				? 'One calibration so far: a line needs two.'
				: 'Pick what to see: how the volume, the wear and each nozzle went.'}
		</p>
	{:else if traces.length > 0 && shown !== 'nozzles'}
		{#if lines.points < 2}<p class="lab">
				{shown === 'volume'
					? 'One calibration so far: a line needs two.'
					: shown === 'field'
						? `${jobs.length === 0 ? 'No job' : 'One job'} was closed with it so far: each one that is tells what really went on the ground.`
						: 'Fewer than two calibrations tell this: it takes a rated flow and the gauge, and more than one nozzle.'}
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
		<div class="ledger-scroll" role="region" aria-label="Nozzles by calibration" tabindex="0">
			<table class="border-collapse">
				<thead
					><tr
						><th scope="col">% off its group</th>{#each grid.nozzles as n (n)}<th scope="col"
								>{names.nozzle(n).replace('Nozzle ', '')}</th
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
				▲ {grid.drifting.map((d) => names.nozzle(d.n)).join(', ')}
				{grid.drifting.length === 1 ? 'drifts' : 'drift'} the same way from calibration to calibration.
			</p>
		{/if}
	{/if}
	{#if traces.length > 1}
		<form class="flex flex-wrap items-end gap-3" action="/sprayers/{sprayerId}/compare">
			<Field name="one" label="Compare" type="choice" bind:value={one} options={signed} />
			<Field name="two" label="with" type="choice" bind:value={two} options={signed} />
			<button class="btn plain">Side by side</button>
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
