<!-- @component A load that is mixed, spraying, paused or out: what it should cover, how far it is, and what that means for the rest. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import { factor, showDecimals, showFigure } from '$core';
	import { untrack } from 'svelte';
	import { saidIn } from '$lib/settings/said-in';
	import { unitsLike } from '$lib/settings/unit-lists';
	import { plainRate } from '$lib/show/answer';
	import { clockOf, shownRunLoad } from './run-facts';
	import type { JobRunState } from './job-run.svelte';
	import Field from '$lib/kit/Field.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import RunBlocks from './RunBlocks.svelte';

	let { run }: { run: JobRunState } = $props();
	const load = $derived(run.shown);
	const shown = $derived(load ? shownRunLoad(run, load) : null);
	const comma = $derived(run.settings.decimalComma);
	let tankUnit = $state(untrack(() => run.units.tank));
	let areaUnit = $state(untrack(() => run.units.area));
	const seen = $derived(run.run?.seen?.load === load?.n ? run.run?.seen : null);
	const mayAsk = $derived(load?.n === run.current?.n && (load?.state === 'spraying' || load?.state === 'paused'));

	let open = $state(false);
	let by = $state<'rows' | 'area'>('rows');
	let done = $state('');
	let left = $state('');
	const rows = $derived(run.sheet?.rows ?? null);

	function ask() {
		by = rows ? 'rows' : 'area';
		done = run.plannedDone;
		left = '';
		open = true;
	}
	const step = (by: number) => (done = `${Math.max(1, (Number(done) || 0) + by)}`);
	const volume = (v: number) => show('tank', v, run.settings).text;
	const quarters = [
		[m.empty_title(), 0],
		['¼', 0.25],
		['½', 0.5],
		['¾', 0.75]
	] as const;
	const tankOf = (share: number) =>
		showFigure(((run.sheet?.tank ?? 0) * share) / factor('volume', run.units.tank), 3, comma).replace(
			/(\d),(\d{3})/,
			'$1$2'
		);
	const gap = $derived(seen ? `${showDecimals(Math.abs(seen.volume.gap) * 100, 1, comma)} %` : '');
</script>

{#if load && shown}
	<section class="card grid gap-3 py-4 px-4.5">
		<p class="lab">
			{load.state === 'out'
				? m.out_which({ which: load.endedAt ? clockOf(load.endedAt, run.settings) : '' })
				: load.startedAt
					? m.spraying_since({
							which: load.state === 'paused' ? m.paused_sentence() : '',
							startedAt: clockOf(load.startedAt, run.settings)
						})
					: m.mixed_to_the_field_with_it()}
		</p>
		<p class="text-[1.2rem]"><span class="num text-[3.4rem] leading-none">{shown.mix}</span> <b>{shown.over}</b></p>
		{#if seen}
			<div
				class="seen grid gap-1.5 py-2.5 px-3.5 border-l-6 border-l-moss bg-moss-wash"
				class:wrong={seen.volume.calibrateAgain}
			>
				<p>
					{m.so_far_title()} <span class="num text-[1.8rem]">{plainRate(seen.volume.rate, run.settings)}</span>:
					<b
						>{Math.abs(seen.volume.gap) < 0.0005
							? m.just_as_planned()
							: m.what_was_planned({ gap, which: seen.volume.gap > 0 ? m.over() : m.under() })}</b
					>
				</p>
				{#if seen.volume.calibrateAgain}<p>
						{m.over_5_off_calibrate_again_before()}
					</p>{/if}
				{#each run.overSoFar as { name, ratio }, i (i)}<p class="text-rust-text font-semibold">
						{m.went_on_at_over_its_labels({ name, figure: showDecimals((ratio - 1) * 100, 1, comma) })}
					</p>{/each}
				{#if seen.followed}
					<p>{m.the_loads_that_are_left_follow({ count: seen.loads.length })}</p>
				{:else if seen.spare > 0 && seen.loads.length === 0}
					<p>{m.no_ground_is_left_for_of({ spare: volume(seen.spare) })}</p>
				{:else}
					<p>
						{m.the_rest_at_that_takes_instead({
							which:
								seen.loads.length === 0
									? m.no_more_than_is_in_the()
									: m.loads_of_in_all({
											count: seen.loads.length,
											volume: volume(seen.loads.reduce((sum, l) => sum + l.mix, 0))
										}),
							count: run.run!.loads.length - load.n
						})}
					</p>
					<button type="button" class="btn" onclick={() => void run.follow()}>{m.let_the_rest_follow_it()}</button>
				{/if}
			</div>
		{/if}
		{#if mayAsk && run.head.job.blocks.length > 1}<RunBlocks {run} />{/if}
		{#if mayAsk && !open}
			<button type="button" class="btn plain ask" onclick={ask}>{m.how_far_are_we()}</button>
		{:else if mayAsk}
			<form
				class="grid gap-3"
				novalidate
				onsubmit={async (e) => {
					e.preventDefault();
					const told = {
						by,
						done: by === 'area' ? saidIn(done, areaUnit, run.units.area) : done,
						left: saidIn(left, tankUnit, run.units.tank)
					};
					if (await run.progress(told)) open = false;
				}}
			>
				<div class="done grid grid-cols-1 gap-2.5 items-end">
					{#if by === 'rows'}
						<button type="button" class="btn plain" aria-label={m.one_row_less()} onclick={() => step(-1)}>−</button>
						<Field
							label={run.firstRow === null ? m.rows_done_in_all() : m.last_row_done()}
							inputmode="numeric"
							bind:value={done}
							problem={run.problems.done}
						/>
						<button type="button" class="btn plain" aria-label={m.one_row_more()} onclick={() => step(1)}>+</button>
					{:else}
						<UnitField
							label={m.done_in_all()}
							bind:value={done}
							bind:unit={areaUnit}
							units={unitsLike(run.units.area)}
							problem={run.problems.done}
						/>
					{/if}
				</div>
				<UnitField
					label={m.left_in_the_tank()}
					bind:value={left}
					bind:unit={tankUnit}
					units={unitsLike(run.units.tank)}
					problem={run.problems.left}
				/>
				<div class="quarters grid grid-cols-[1.6fr_1fr_1fr_1fr] gap-2">
					{#each quarters as [words, share] (words)}<button
							type="button"
							class="btn plain"
							onclick={() => {
								tankUnit = run.units.tank;
								left = share === 0 ? '0' : tankOf(share);
							}}>{words}<span class="sr-only">{share === 0 ? '' : m.of_a_tank()}</span></button
						>{/each}
				</div>
				<div class="foot grid grid-cols-[1fr_2fr] gap-2.5">
					<button type="button" class="btn plain" onclick={() => (open = false)}>{m.back_title()}</button>
					<button class="btn go">{m.see_what_it_means()}</button>
				</div>
			</form>
		{/if}
	</section>
{/if}

<style>
	.seen.wrong {
		border-color: var(--amber);
		background: var(--amber-wash);
	}
	.seen .btn {
		justify-self: start;
		background: var(--card);
	}
	.ask {
		min-height: 60px;
	}
	.done:has(.btn) {
		grid-template-columns: 72px minmax(0, 1fr) 72px;
	}
	.done .btn {
		min-height: 60px;
		padding: 0;
		font-size: 1.8rem;
	}
	.quarters .btn {
		padding: 0;
	}
	.foot .btn {
		min-height: 60px;
	}
</style>
