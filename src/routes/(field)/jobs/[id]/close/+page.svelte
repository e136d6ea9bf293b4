<script lang="ts">
	import { m } from '$words';
	import { amountOf, show, showAmount } from '$lib/show/show';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { factor, isDay, showDecimals } from '$core';
	import { focusHeading, focusWrong } from '$lib/kit/focus';
	import FieldPage from '$lib/frame/FieldPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import RecordForm from '$lib/job/run/RecordForm.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { saidIn } from '$lib/settings/said-in';
	import { unitsLike } from '$lib/settings/unit-lists';
	import { plainRate } from '$lib/show/answer';
	import { dayAt, momentAt } from '$lib/settings/farm-time';
	import { clockOf } from '$lib/job/run/run-facts';
	import { device as theDevice } from '$lib/device/device.svelte';
	import { useRun } from '$lib/job/run/run-context';

	const device = theDevice();
	const run = useRun();
	const names = $derived(run.head.job.blocks.map((b) => b.name).join(', '));
	const rows = $derived(run.sheet?.rows ?? null);
	const comma = $derived(run.settings.decimalComma);
	/** A figure as somebody would type it into its field here. */
	const inFieldOf = (kind: 'area' | 'volume', value: number, unit: string) =>
		`${Number((value / factor(kind, unit)).toPrecision(6))}`.replace('.', run.settings.decimalComma ? ',' : '.');
	/** What is asked about first: the ground that the loads that are out have done, and what cannot be sprayed out. */
	const start = untrack(() => {
		const { sheet, firstRow, units } = run;
		if (!sheet) return { done: '', left: '' };
		const area = run.run?.state === 'sprayed' ? run.run.ground : (run.run?.area ?? 0);
		const rows = sheet.rows ? Math.floor((sheet.rows.count * area) / sheet.area + 1e-6) : 0;
		const done = area === 0 ? '' : sheet.rows ? `${rows + (firstRow ?? 1) - 1}` : inFieldOf('area', area, units.area);
		return { done, left: sheet.dead ? inFieldOf('volume', sheet.dead, units.tank) : '' };
	});
	let done = $state(start.done);
	let left = $state(start.left);
	let areaUnit = $state(untrack(() => run.units.area));
	let tankUnit = $state(untrack(() => run.units.tank));
	let remarks = $state('');
	const zone = untrack(() => run.settings.timeZone);
	let endDay = $state(untrack(() => dayAt(zone, device.now())));
	let endClock = $state('');
	const endedAt = $derived.by(() => {
		const [hours, minutes] = endClock.split(':').map(Number);
		return /^\d\d:\d\d$/.test(endClock) && isDay(endDay)
			? new Date(momentAt(zone, endDay, hours! * 60 + minutes!)).toISOString()
			: undefined;
	});
	const closed = $derived(run.run?.closed ?? null);
	const close: typeof run.close = async (typed) => {
		const done = await run.close(typed);
		await (done ? focusHeading('h1') : focusWrong());
		return done;
	};
	const volume = $derived(closed?.volume ?? null);
	const used = $derived(
		(closed?.used ?? []).map((amount, i) => {
			const kind = run.run?.loads[0]?.load.products[i]?.kind ?? 'volume';
			return {
				name: run.sheet?.products[i]?.name ?? '',
				...showAmount(amountOf(kind, amount), run.settings, run.job.products[i]?.dose)
			};
		})
	);
	const shownArea = $derived(show('area', closed?.area ?? 0, run.settings));
	const shownLeft = $derived(show('tank', closed?.left ?? 0, run.settings));
	const began = $derived(run.run?.loads.find((l) => l.startedAt)?.startedAt ?? null);
	const ended = $derived(run.run?.loads.findLast((l) => l.endedAt)?.endedAt ?? null);
</script>

<svelte:head><title>{m.close_fallow({ names })}</title></svelte:head>

<FieldPage
	title={closed ? m.the_job_is_closed() : m.close_the_job()}
	back="/jobs/{run.head.id}{closed ? '' : '/run'}"
	backWords={closed ? m.to_the_job() : names}
	status={device.status}
	path={page.url.pathname}
>
	<p class="lab">
		{names}{began ? m.sprayed_from({ began: clockOf(began, run.settings) }) : ''}{ended
			? m.to_ended({ ended: clockOf(ended, run.settings) })
			: ''}
	</p>
	{#if closed}
		<section class="card answer grid grid-cols-1 gap-3.5 max-w-160 p-4.5">
			{#if volume}
				<p class="lab">{m.true_volume()}</p>
				<p><span class="num text-[3.4rem] leading-none">{plainRate(volume.rate, run.settings)}</span></p>
				<p class:look={volume.calibrateAgain}>
					{Math.abs(volume.gap) < 0.0005
						? m.just_what_was_planned()
						: m.what_was_planned_which({
								which: volume.calibrateAgain ? '▲ ' : '',
								figure: showDecimals(Math.abs(volume.gap) * 100, 1, comma),
								which2: volume.gap > 0 ? m.over() : m.under()
							})}
					{volume.calibrateAgain ? m.that_is_over_5_the_calibration() : ''}
				</p>
			{:else}<p>{m.nothing_was_sprayed()}</p>{/if}
			<dl class="flex flex-wrap gap-x-7 gap-y-2.5">
				<div>
					<dt class="text-soft text-[0.9rem]">{m.done_inline()}</dt>
					<dd class="num text-[1.6rem]">
						{shownArea.figure} <small>{shownArea.unit}</small>
					</dd>
				</div>
				<div>
					<dt class="text-soft text-[0.9rem]">{m.over_in_the_tank()}</dt>
					<dd class="num text-[1.6rem]">
						{shownLeft.figure} <small>{shownLeft.unit}</small>
					</dd>
				</div>
				{#each used as u, i (i)}<div>
						<dt class="text-soft text-[0.9rem]">{m.on_the_ground({ name: u.name })}</dt>
						<dd class="num text-[1.6rem]">{u.figure} <small>{u.unit}</small></dd>
					</div>{/each}
			</dl>
			{#if !run.sealed && !run.entries.some((e) => e.kind === 'record')}<button
					type="button"
					class="btn plain justify-self-start"
					onclick={() => void run.undo()}>{m.open_it_again()}</button
				>{/if}
		</section>
		<RecordForm {run} status={device.status} />
	{:else if run.sheet}
		{#if run.run?.state !== 'sprayed'}<p class="look">
				{m.not_all_loads_are_out_closing()}
			</p>{/if}
		{#if run.run?.weather.end}<p class="lab">
				{m.weather_at_the_end_kept_at({ at: clockOf(run.run.weather.end.at, run.settings) })}
			</p>
		{:else}<p><a class="btn" href="/jobs/{run.head.id}/day">{m.the_weather_at_the_end_once()}</a></p>{/if}
		<form
			class="card grid grid-cols-1 gap-3.5 max-w-160 p-4.5"
			novalidate
			onsubmit={(e) => {
				e.preventDefault();
				void close({
					by: rows ? 'rows' : 'area',
					done: rows ? done : saidIn(done, areaUnit, run.units.area),
					left: saidIn(left, tankUnit, run.units.tank),
					remarks,
					ended: endedAt
				});
			}}
		>
			{#if rows}
				<Field
					label={run.firstRow === null ? m.rows_done_in_all() : m.last_row_done()}
					inputmode="numeric"
					bind:value={done}
					problem={run.problems.done}
				/>
			{:else}
				<UnitField
					label={m.done_in_all()}
					bind:value={done}
					bind:unit={areaUnit}
					units={unitsLike(run.units.area)}
					problem={run.problems.done}
				/>
			{/if}
			<UnitField
				label={m.over_in_the_tank_title()}
				bind:value={left}
				bind:unit={tankUnit}
				units={unitsLike(run.units.tank)}
				problem={run.problems.left}
				hint={m.n0_where_it_ran_out_spray()}
			/>
			{#if run.unended.length > 0}
				<div class="grid grid-cols-2 gap-x-3.5 gap-y-2" role="group" aria-label={m.when_the_last_load_was_out()}>
					<p class="col-span-full">
						{m.nobody_noted_when_load_was_out({ list: run.unended.join(', ') })}
					</p>
					<Field label={m.last_load_out_on()} type="date" bind:value={endDay} />
					<Field label={m.at_inline()} type="time" bind:value={endClock} problem={run.problems.ended} />
				</div>
			{/if}
			<Field label={m.remarks()} bind:value={remarks} problem={run.problems.remarks} />
			<button class="btn go big">{m.close_the_job()}</button>
		</form>
	{/if}
</FieldPage>

<style>
	small {
		font: 600 0.95rem var(--font-text);
	}
</style>
